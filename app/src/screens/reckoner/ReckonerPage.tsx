import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Page } from '../../ui/Page';
import { color, size } from '../../ui/tokens';
import { useWide } from '../../ui/useWide';
import type { Calculator } from '../../words/catalogue/reckoner';
import { reckonerWords } from '../../words/reckoner';
import { CalculatorList } from './CalculatorList';

/** A calculator: alone on a phone with the way back to the list, beside the list at the counter. */
export function ReckonerPage({ of, children }: { of: Calculator; children: ReactNode }) {
  const wide = useWide();
  const { reckoner, all, of: titles } = reckonerWords.reckoner;
  const page = (
    <Page
      over={reckoner}
      title={titles[of].title}
      aside={
        wide ? undefined : (
          <Button kind="quiet" says={all} onPress={() => router.navigate('/reckoner')} />
        )
      }
    >
      {children}
    </Page>
  );
  if (!wide) return page;
  return (
    <View style={styles.beside}>
      <ScrollView style={styles.list} tabIndex={0}>
        <CalculatorList current={of} />
      </ScrollView>
      {page}
    </View>
  );
}

const styles = StyleSheet.create({
  beside: { flex: 1, flexDirection: 'row' },
  list: {
    flexGrow: 0,
    width: size.list,
    borderRightWidth: size.line,
    borderColor: color.hairline,
  },
});

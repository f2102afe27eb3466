import type { SumOf } from '@hold-fast/core/job/sum';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Page } from '../../ui/Page';
import { color, size } from '../../ui/tokens';
import { useWide } from '../../ui/useWide';
import type { Calculator } from '../../words/catalogue/reckoner';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';
import { OnFrom } from '../bench/prove/OnFrom';
import { useAtBrake } from './atBrake';
import { CalculatorList } from './CalculatorList';
import { SendToJob, WriteDown, type Written } from './WriteDown';

interface Props {
  of: Calculator;
  /** What can be written down in a job as it is keyed; null while it is not whole, left out where nothing ever is. */
  what?: Written | null;
  /** What is keyed, where its sum proves nothing in a job; null while it is not whole. */
  sum?: Readonly<Record<string, string>> | null;
  children: ReactNode;
}

/** A calculator: at a brake in its job; alone on a phone with the way back to the list; beside the list at the counter. */
export function ReckonerPage({ of, what: written, sum, children }: Props) {
  const what =
    sum === undefined
      ? written
      : sum && { kind: 'sum' as const, calculator: of as SumOf, keyed: sum };
  const wide = useWide();
  const at = useAtBrake();
  const { reckoner, all, of: titles } = reckonerWords.reckoner;
  if (at)
    return (
      <Page
        tag={at.job.tag}
        over={reckonerWords.reckoner.atBrake(words.end[at.end])}
        title={titles[of].title}
        foot={what === undefined ? <OnFrom job={at.job} /> : <WriteDown at={at} what={what} />}
      >
        {children}
      </Page>
    );
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
      {what ? <SendToJob what={what} /> : null}
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

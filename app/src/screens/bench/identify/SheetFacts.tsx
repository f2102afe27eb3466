import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import { StyleSheet, View } from 'react-native';
import { Section } from '../../../ui/Page';
import { color, size, space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { factsOf } from '../../../words/sheetFacts';
import { storesWords } from '../../../words/stores';

/** What a sheet says, each value with who laid it down; `whole` also names what the bench seldom asks for. */
export function SheetFacts({ sheet, whole = false }: { sheet: SheetRevision; whole?: boolean }) {
  return (
    <Section label={storesWords.sheetFacts.specSheetRevision(sheet.revision)}>
      <Words ink="soft">{sheet.body.source}</Words>
      {factsOf(sheet.body, whole).map(({ key, name, value, origin }) => (
        <View key={key} style={styles.fact}>
          <Words style={styles.name}>{name}</Words>
          <View style={styles.value}>
            <Words kind="smallReading" style={styles.number}>
              {value}
            </Words>
            {origin ? <Words kind="small">{origin}</Words> : null}
          </View>
        </View>
      ))}
    </Section>
  );
}

const styles = StyleSheet.create({
  fact: {
    flexDirection: 'row',
    gap: space.m,
    paddingVertical: space.xs,
    borderTopWidth: size.line,
    borderColor: color.hairline,
  },
  // A long value gives way to its name, and not the other way round.
  name: { flexShrink: 0, maxWidth: '45%' },
  value: { flex: 1, alignItems: 'flex-end' },
  number: { textAlign: 'right' },
});

import { StyleSheet, View } from 'react-native';
import { Field } from '../ui/Field';
import { space } from '../ui/tokens';
import { ledgerWords } from '../words/ledger';

/** Days of the calendar, either of them left empty for no bound. */
interface Days {
  from: string;
  to: string;
}

/** Whether it is a day of the calendar, as it is keyed whole. */
export const isDay = (text: string) => /^\d{4}-\d{2}-\d{2}$/.test(text) && !isNaN(Date.parse(text));

/** From which day to which something is looked for, side by side; what is no day is said at once. */
export function FromTo({ days, onChange }: { days: Days; onChange: (days: Days) => void }) {
  const { find } = ledgerWords;
  return (
    <View style={styles.days}>
      {(['from', 'to'] as const).map((name) => (
        <View key={name} style={styles.day}>
          <Field
            label={find[name]}
            value={days[name]}
            placeholder="2026-01-31"
            error={days[name] === '' || isDay(days[name]) ? undefined : find.notADay}
            onChangeText={(text) => onChange({ from: days.from, to: days.to, [name]: text })}
          />
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  days: { flexDirection: 'row', gap: space.m },
  day: { flex: 1, minWidth: 0 },
});

import { StyleSheet, View } from 'react-native';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';

interface Props<Name extends string> {
  names: readonly Name[];
  labels: Readonly<Record<Name, string>>;
  keyed: Readonly<Record<Name, string>>;
  onKey: (name: Name) => (text: string) => void;
  /** What is wrong with a field, by name. */
  errors?: Readonly<Partial<Record<Name, string | undefined>>>;
  /** What stands in an empty field. */
  stands?: Readonly<Partial<Record<Name, string>>>;
}

/** Numbers of a calculator beside each other, as many as there is room for. */
export function KeyedFields<Name extends string>({
  names,
  labels,
  keyed,
  onKey,
  errors,
  stands,
}: Props<Name>) {
  return (
    <View style={styles.beside}>
      {names.map((name) => (
        <View key={name} style={styles.each}>
          <Field
            label={labels[name]}
            value={keyed[name]}
            inputMode="decimal"
            onChangeText={onKey(name)}
            error={errors?.[name]}
            {...(stands?.[name] ? { placeholder: stands[name] } : {})}
          />
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: space.m },
  each: { flexGrow: 1, flexBasis: 100 },
});

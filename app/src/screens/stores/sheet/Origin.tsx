import type { SpecSheetBody } from '@hold-fast/contract/sheets';
import type { PLAIN_VALUES } from '@hold-fast/core/sheet/sheet';
import type { Origin, Tag } from '@hold-fast/core/source';
import { Controller, type FieldPath } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../../ui/Choice';
import { FormNumber } from '../../../ui/FormLine';
import { space } from '../../../ui/tokens';
import { storeFormWords } from '../../../words/storeForms';
import type { OfSheet } from './OfSheet';

/** A plain value with where it comes from. */
export function Value({
  control,
  name,
  label,
}: {
  control: OfSheet['control'];
  name: (typeof PLAIN_VALUES)[number];
  label: string;
}) {
  return (
    <View style={styles.value}>
      <FormNumber control={control} name={name} label={label} />
      <Controller
        control={control}
        name="origins"
        render={({ field }) => (
          <Choice
            label={storeFormWords.sheetForm.whereItComesFrom(label)}
            options={ORIGINS}
            chosen={[keyOf(field.value[name] ?? null)]}
            onChoose={(key) => {
              const { [name]: _, ...rest } = field.value;
              const from = ofKey(key);
              field.onChange(from ? { ...rest, [name]: from } : rest);
            }}
          />
        )}
      />
    </View>
  );
}

/** Where a limit, a fluid or a torque comes from. */
export function OriginOf({
  control,
  name,
  label,
}: {
  control: OfSheet['control'];
  name: FieldPath<SpecSheetBody>;
  label: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => {
        const held = field.value as unknown as { origin: Origin; tag: Tag | null };
        return (
          <Choice
            label={label}
            options={ORIGINS}
            chosen={[keyOf(held)]}
            onChoose={(key) =>
              field.onChange({ ...held, ...(ofKey(key) ?? { origin: 'sheet', tag: null }) })
            }
          />
        );
      }}
    />
  );
}

const ORIGINS = [
  { value: 'sheet', says: storeFormWords.sheetForm.makersSheet },
  { value: 'shop P', says: storeFormWords.sheetForm.commonPractice },
  { value: 'shop M', says: storeFormWords.sheetForm.fromMemory },
  { value: 'shop D', says: storeFormWords.sheetForm.ourChoice },
] as const;
type OriginKey = (typeof ORIGINS)[number]['value'];

function keyOf(from: { origin: Origin; tag: Tag | null } | null): OriginKey {
  if (from === null || from.origin === 'sheet') return 'sheet';
  return from.tag === 'M' ? 'shop M' : from.tag === 'D' ? 'shop D' : 'shop P';
}

function ofKey(key: OriginKey): { origin: Origin; tag: Tag | null } | null {
  return key === 'sheet' ? null : { origin: 'shop', tag: key.slice(-1) as Tag };
}

const styles = StyleSheet.create({
  value: { gap: space.xs, paddingBottom: space.s },
});

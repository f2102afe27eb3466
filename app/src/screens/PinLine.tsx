import { PIN, PIN_DIGITS } from '@hold-fast/contract/pin';
import type { Control, FieldPath, FieldValues } from 'react-hook-form';
import { z } from 'zod';
import { FormLine } from '../ui/FormLine';
import { jobWords } from '../words/job';

/** A whole PIN, right or wrong. */
export const pinWritten = z.string().regex(PIN, jobWords.pin.digits);

/** The PIN of whoever answers for it; `of` is null until somebody is named. */
export function PinLine<T extends FieldValues, Sent = T>({
  of,
  ...line
}: {
  control: Control<T, unknown, Sent>;
  name: FieldPath<T>;
  of: string | null;
  onSubmitEditing?: () => void;
}) {
  return (
    <FormLine
      {...line}
      label={of === null ? jobWords.pin.pin : jobWords.pin.of(of)}
      secureTextEntry
      inputMode="numeric"
      maxLength={PIN_DIGITS.most}
      autoComplete="off"
    />
  );
}

import { useState, type Ref } from 'react';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import type { TextInput, TextInputProps, View } from 'react-native';
import { Choice } from './Choice';
import { Field } from './Field';
import { codeSays, messageSays } from '../words/faultWords';
import { words } from '../words/words';
import { Wrong } from './Wrong';

interface Of<T extends FieldValues, Sent> {
  control: Control<T, unknown, Sent>;
  name: FieldPath<T>;
  label: string;
}

/** A line of text in a form; with `orNone`, left empty it is nothing at all (null). */
export function FormLine<T extends FieldValues, Sent = T>({
  control,
  name,
  label,
  hint,
  orNone,
  ...input
}: Of<T, Sent> & { hint?: string; orNone?: boolean } & TextInputProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Field
          {...input}
          {...(hint ? { hint } : {})}
          ref={field.ref}
          label={label}
          value={(field.value as string | null) ?? ''}
          onChangeText={(text) => field.onChange(orNone && text.trim() === '' ? null : text)}
          error={messageSays(fieldState.error?.message)}
        />
      )}
    />
  );
}

/**
 * A number in a form; left empty it is unknown (null). A comma is a point.
 * @param wrong what is said of one that cannot stand, where the schema has no words of ours for it
 * @param onWritten what goes with it, which is there before it is held against that
 * @param unit what one of the number as it is written is as it is kept: 0.01 for per cent kept as a share
 * @param keptWhole whether it is written and kept as a whole number, the nearest to it where it is kept in another unit
 */
export function FormNumber<T extends FieldValues, Sent = T>({
  control,
  name,
  label,
  hint,
  unit = 1,
  keptWhole = false,
  wrong = words.formLine.aNumberOrEmptyWhen,
  onWritten,
}: Of<T, Sent> & {
  hint?: string;
  unit?: number;
  keptWhole?: boolean;
  wrong?: string;
  onWritten?: (value: number | null) => void;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <NumberField
          ref={field.ref}
          unit={unit}
          keptWhole={keptWhole}
          label={label}
          {...(hint ? { hint } : {})}
          value={(field.value as number | null | undefined) ?? null}
          onChange={(value) => {
            onWritten?.(value);
            field.onChange(value);
          }}
          error={fieldState.error && (codeSays(fieldState.error.message) ?? wrong)}
        />
      )}
    />
  );
}

function NumberField({
  ref,
  label,
  hint,
  unit,
  keptWhole,
  value,
  onChange,
  error,
}: {
  ref: Ref<TextInput>;
  label: string;
  unit: number;
  keptWhole: boolean;
  hint?: string;
  value: number | null;
  onChange: (value: number | null) => void;
  error: string | undefined;
}) {
  const [text, setText] = useState('');
  const kept = keptWhole && unit !== 1 ? Math.round : rounded;
  const meant = (written: string) =>
    written.trim() === '' ? null : kept((keptWhole ? wholeIn : numberIn)(written) * unit);
  // As it is typed while it says what the form holds: that may be set from elsewhere, as by taking what another wrote.
  const says = Object.is(meant(text), value)
    ? text
    : value === null
      ? ''
      : words.format.keyed(String(kept(value / unit)));
  return (
    <Field
      ref={ref}
      label={label}
      {...(hint ? { hint } : {})}
      value={says}
      inputMode={keptWhole ? 'numeric' : 'decimal'}
      onChangeText={(now) => {
        setText(now);
        onChange(meant(now));
      }}
      error={error}
    />
  );
}

/** A number in digits, with point or comma; NaN for what is none, as "1e3". */
const numberIn = (text: string) =>
  /^\s*-?(\d+[.,]?\d*|[.,]\d+)\s*$/.test(text) ? Number(text.replace(',', '.')) : NaN;

/** A whole number, its thousands parted or not; NaN for what is none. */
const wholeIn = (text: string) =>
  /^\s*\d+\s*$|^\s*\d{1,3}([\s.,]\d{3})+\s*$/.test(text)
    ? Number(text.replace(/[\s.,]/g, ''))
    : Number.NaN;

/** Without the last digits that binary fractions leave behind. */
const rounded = (value: number) => Number(value.toFixed(6));

/**
 * One of several answers in a form.
 * @param onChosen what else follows from it
 * @param wrong what is said where none was given; else what the schema says
 */
export function FormChoice<
  T extends FieldValues,
  V extends string | number | boolean | null,
  Sent = T,
>({
  control,
  name,
  label,
  options,
  onChosen,
  wrong,
}: Of<T, Sent> & {
  options: readonly { value: V; says: string }[];
  onChosen?: (value: V) => void;
  wrong?: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <>
          {fieldState.error ? <Wrong says={wrong ?? fieldState.error.message} /> : null}
          <Choice<V>
            ref={(first) => field.ref(first && { focus: () => toTheMiddle(first) })}
            label={label}
            options={options}
            chosen={[field.value as V]}
            onChoose={(value) => {
              field.onChange(value);
              onChosen?.(value);
            }}
          />
        </>
      )}
    />
  );
}

/** The focus, with what is wrong in sight above it: of many answers the last may lie a screen further down. */
function toTheMiddle(first: View): void {
  first.focus();
  (first as unknown as HTMLElement).scrollIntoView?.({ block: 'center' });
}

/** Any number of answers in a form. */
export function FormMany<T extends FieldValues, V extends string | number, Sent = T>({
  control,
  name,
  label,
  options,
}: Of<T, Sent> & { options: readonly { value: V; says: string }[] }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => {
        const chosen = field.value as readonly V[];
        return (
          <Choice
            label={label}
            many
            options={options}
            chosen={chosen}
            onChoose={(value) =>
              field.onChange(
                chosen.includes(value)
                  ? chosen.filter((each) => each !== value)
                  : [...chosen, value],
              )
            }
          />
        );
      }}
    />
  );
}

/** A yes in a form. */
export function FormTick<T extends FieldValues, Sent = T>({ control, name, label }: Of<T, Sent>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <>
          <Choice
            ref={field.ref}
            label={label}
            many
            options={[{ value: true, says: label }]}
            chosen={field.value ? [true] : []}
            onChoose={() => field.onChange(!field.value)}
          />
          {fieldState.error ? <Wrong says={fieldState.error.message} /> : null}
        </>
      )}
    />
  );
}

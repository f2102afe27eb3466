import { SYMPTOMS } from '@hold-fast/core/trouble/symptoms';
import { Controller, type Control } from 'react-hook-form';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { AskedFields, type EarlierVisit } from './AskedFields';
import { near } from '../../../words/days';
import { words } from '../../../words/words';
import { checkInWords } from '../../../words/checkIn';
import { messageSays } from '../../../words/faultWords';
import { odometerKm, type VisitForm } from './visitForm';

const BENCH_TIMES = [15, 30, 60, 90, 120] as const;

/** The questions of a visit, the same at check-in and when something has to be changed. */
export function VisitFields({
  control,
  promised,
  earlier,
}: {
  control: Control<VisitForm>;
  promised: readonly string[];
  /** The bike's visits before this one, newest first. */
  earlier: readonly EarlierVisit[];
}) {
  return (
    <>
      <Section label={checkInWords.visitFields.complaint}>
        <Controller
          control={control}
          name="complaint"
          rules={{
            validate: (text) =>
              text.trim() !== '' || checkInWords.visitFields.writeWhatTheRiderSays,
          }}
          render={({ field, fieldState }) => (
            <Field
              ref={field.ref}
              label={checkInWords.visitFields.inTheRidersOwnWords}
              value={field.value}
              onChangeText={field.onChange}
              maxLength={500}
              error={messageSays(fieldState.error?.message)}
            />
          )}
        />
        <Controller
          control={control}
          name="symptoms"
          render={({ field }) => (
            <Choice
              label={checkInWords.visitFields.symptoms}
              many
              options={SYMPTOMS.map((value) => ({ value, says: words.symptom[value] }))}
              chosen={field.value}
              onChoose={(symptom) =>
                field.onChange(
                  field.value.includes(symptom)
                    ? field.value.filter((chosen) => chosen !== symptom)
                    : [...field.value, symptom],
                )
              }
            />
          )}
        />
      </Section>
      <Section label={checkInWords.visitFields.whichLeverWorksTheFront}>
        <Controller
          control={control}
          name="frontLever"
          render={({ field }) => (
            <Choice
              label={checkInWords.visitFields.whichLeverWorksTheFront}
              options={[
                { value: 'left' as const, says: checkInWords.visitFields.left },
                { value: 'right' as const, says: checkInWords.visitFields.right },
                { value: null, says: checkInWords.visitFields.notAskedYet },
              ]}
              chosen={[field.value]}
              onChoose={field.onChange}
            />
          )}
        />
        <Words kind="small">{checkInWords.visitFields.countriesAndRidersDifferAnd}</Words>
      </Section>
      <Section label={checkInWords.visitFields.promise}>
        <Controller
          control={control}
          name="promisedAt"
          render={({ field }) => (
            <Choice
              label={checkInWords.visitFields.promisedFor}
              options={promised.map((value) => ({ value, says: near(value) }))}
              chosen={[field.value]}
              onChoose={field.onChange}
            />
          )}
        />
        <Controller
          control={control}
          name="minutes"
          render={({ field }) => (
            <Choice
              label={checkInWords.visitFields.benchTime}
              options={[
                ...BENCH_TIMES.map((value) => ({
                  value,
                  says: checkInWords.visitFields.min(value),
                })),
              ]}
              chosen={[field.value as 15]}
              onChoose={(minutes) => field.onChange(minutes)}
            />
          )}
        />
        <Controller
          control={control}
          name="odometer"
          rules={{
            validate: (text) =>
              /^\s*\d{0,3}([\s.,]?\d{3})*\s*$/.test(text) && (odometerKm(text) ?? 0) <= 1_000_000
                ? true
                : checkInWords.visitFields.wholeKilometresDigitsOnly,
          }}
          render={({ field, fieldState }) => (
            <Field
              ref={field.ref}
              label={checkInWords.visitFields.kilometresRidden}
              value={field.value}
              onChangeText={field.onChange}
              inputMode="numeric"
              error={messageSays(fieldState.error?.message)}
              hint={checkInWords.visitFields.ifTheBikeOrThe}
            />
          )}
        />
      </Section>
      <AskedFields control={control} earlier={earlier} />
    </>
  );
}

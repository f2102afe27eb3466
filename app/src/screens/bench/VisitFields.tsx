import { SYMPTOMS, type Symptom } from '@hold-fast/core/trouble/symptoms';
import { addDays } from 'date-fns/addDays';
import { set } from 'date-fns/set';
import { Controller, type Control } from 'react-hook-form';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { near } from '../../words/days';
import { words } from '../../words/words';

/** What is written down about a visit, as the form holds it. */
export interface VisitForm {
  complaint: string;
  symptoms: Symptom[];
  frontLever: 'left' | 'right' | null;
  odometer: string;
  promisedAt: string;
  minutes: number | null;
}

/** Times a bike may be promised for: later today, and the next two days. */
export function promiseTimes(now: Date): string[] {
  const at = (days: number, hours: number) =>
    set(addDays(now, days), { hours, minutes: 0, seconds: 0, milliseconds: 0 });
  return [at(0, 12), at(0, 17), at(1, 12), at(1, 17), at(2, 17)]
    .filter((time) => time > now)
    .map((time) => time.toISOString());
}

export const odometerKm = (text: string): number | null =>
  text.trim() === '' ? null : Number(text.replace(/[\s.,]/g, ''));

const BENCH_TIMES = [15, 30, 60, 90, 120] as const;

/** The questions of a visit, the same at check-in and when something has to be changed. */
export function VisitFields({
  control,
  promised,
}: {
  control: Control<VisitForm>;
  promised: readonly string[];
}) {
  return (
    <>
      <Section label="Complaint">
        <Controller
          control={control}
          name="complaint"
          rules={{
            validate: (text) =>
              text.trim() !== '' || 'Write what the rider says, in their own words.',
          }}
          render={({ field, fieldState }) => (
            <Field
              label="In the rider’s own words"
              value={field.value}
              onChangeText={field.onChange}
              maxLength={500}
              error={fieldState.error?.message}
            />
          )}
        />
        <Controller
          control={control}
          name="symptoms"
          render={({ field }) => (
            <Choice
              label="Symptoms"
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
      <Section label="Which lever works the front brake?">
        <Controller
          control={control}
          name="frontLever"
          render={({ field }) => (
            <Choice
              label="Which lever works the front brake?"
              options={[
                { value: 'left' as const, says: 'Left' },
                { value: 'right' as const, says: 'Right' },
                { value: null, says: 'Not asked yet' },
              ]}
              chosen={[field.value]}
              onChoose={field.onChange}
            />
          )}
        />
        <Words kind="small">
          Countries and riders differ, and a swapped pair throws riders. Ask, never guess.
        </Words>
      </Section>
      <Section label="Promise">
        <Controller
          control={control}
          name="promisedAt"
          render={({ field }) => (
            <Choice
              label="Promised for"
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
              label="Bench time"
              options={[...BENCH_TIMES.map((value) => ({ value, says: `${value} min` }))]}
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
                : 'Whole kilometres, digits only.',
          }}
          render={({ field, fieldState }) => (
            <Field
              label="Kilometres ridden"
              value={field.value}
              onChangeText={field.onChange}
              inputMode="numeric"
              error={fieldState.error?.message}
              hint="If the bike or the rider knows: wear is told by distance."
            />
          )}
        />
      </Section>
    </>
  );
}

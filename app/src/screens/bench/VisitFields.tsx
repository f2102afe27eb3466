import type { CameAlong, Intake } from '@hold-fast/core/job/job';
import { SYMPTOMS, type Symptom } from '@hold-fast/core/trouble/symptoms';
import { addDays } from 'date-fns/addDays';
import { set } from 'date-fns/set';
import { Controller, type Control } from 'react-hook-form';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { AskedFields, type EarlierVisit } from './AskedFields';
import { near } from '../../words/days';
import { words } from '../../words/words';
import { checkInWords } from '../../words/checkIn';
import { messageSays } from '../../words/faultWords';

/** What is written down about a visit, as the form holds it. */
export interface VisitForm {
  complaint: string;
  symptoms: Symptom[];
  frontLever: 'left' | 'right' | null;
  odometer: string;
  promisedAt: string;
  minutes: number | null;
  cameAlong: CameAlong[];
  damage: string;
  mayRide: boolean | null;
  oldPartsBack: boolean | null;
  ringAbove: string;
  comebackOf: string | null;
}

/** A sum as it was written, in hundredths; null for none, undefined where it is no sum. */
export function moneyCents(text: string): number | null | undefined {
  if (text.trim() === '') return null;
  const sum = Number(text.trim().replace(',', '.'));
  return Number.isFinite(sum) && sum >= 0 && sum <= 100_000 ? Math.round(sum * 100) : undefined;
}

/** What a form of a visit says, as it is sent. */
export const visitOf = ({ odometer, ringAbove, ...visit }: VisitForm) => ({
  ...visit,
  complaint: visit.complaint.trim(),
  odometerKm: odometerKm(odometer),
  ringAboveCents: moneyCents(ringAbove) ?? null,
});

/** A form of what was written of a visit. */
export const visitFormOf = (written: Intake): VisitForm => ({
  complaint: written.complaint,
  symptoms: written.symptoms,
  frontLever: written.frontLever,
  odometer: written.odometerKm?.toString() ?? '',
  promisedAt: written.promisedAt,
  minutes: written.minutes,
  cameAlong: written.cameAlong,
  damage: written.damage,
  mayRide: written.mayRide,
  oldPartsBack: written.oldPartsBack,
  ringAbove: written.ringAboveCents === null ? '' : String(written.ringAboveCents / 100),
  comebackOf: written.comebackOf,
});

/** Times a bike may be promised for: later today, and the next two days. */
export function promiseTimes(now: Date): string[] {
  const at = (days: number, hours: number) =>
    set(addDays(now, days), { hours, minutes: 0, seconds: 0, milliseconds: 0 });
  return [at(0, 12), at(0, 17), at(1, 12), at(1, 17), at(2, 17)]
    .filter((time) => time > now)
    .map((time) => time.toISOString());
}

const odometerKm = (text: string): number | null =>
  text.trim() === '' ? null : Number(text.replace(/[\s.,]/g, ''));

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

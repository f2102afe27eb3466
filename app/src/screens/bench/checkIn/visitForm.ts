import { NOTHING_SAID, type CameAlong, type Intake } from '@hold-fast/core/job/job';
import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import { addDays } from 'date-fns/addDays';
import { set } from 'date-fns/set';

/** What is written down about a visit, as the form holds it. */
export interface VisitForm {
  complaint: string;
  symptoms: Symptom[];
  frontLever: 'left' | 'right' | null;
  odometerKm: number | null;
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

/** What a form of a visit says, as it is sent; what else the form holds is left out. */
export const visitOf = (form: VisitForm): Intake => ({
  complaint: form.complaint.trim(),
  symptoms: form.symptoms,
  frontLever: form.frontLever,
  odometerKm: form.odometerKm,
  promisedAt: form.promisedAt,
  minutes: form.minutes,
  cameAlong: form.cameAlong,
  damage: form.damage,
  mayRide: form.mayRide,
  oldPartsBack: form.oldPartsBack,
  ringAboveCents: moneyCents(form.ringAbove) ?? null,
  comebackOf: form.comebackOf,
});

/** A form of what was written of a visit. */
export const visitFormOf = (written: Intake): VisitForm => ({
  complaint: written.complaint,
  symptoms: written.symptoms,
  frontLever: written.frontLever,
  odometerKm: written.odometerKm,
  promisedAt: written.promisedAt,
  minutes: written.minutes,
  cameAlong: written.cameAlong,
  damage: written.damage,
  mayRide: written.mayRide,
  oldPartsBack: written.oldPartsBack,
  ringAbove: written.ringAboveCents === null ? '' : String(written.ringAboveCents / 100),
  comebackOf: written.comebackOf,
});

/** Nothing written yet of a visit. */
export const blankVisit = (promisedAt: string): VisitForm =>
  visitFormOf({
    ...NOTHING_SAID,
    complaint: '',
    symptoms: [],
    frontLever: null,
    odometerKm: null,
    promisedAt,
    minutes: 30,
  });

/** Times a bike may be promised for: later today, and the next two days. */
export function promiseTimes(now: Date): string[] {
  const at = (days: number, hours: number) =>
    set(addDays(now, days), { hours, minutes: 0, seconds: 0, milliseconds: 0 });
  return [at(0, 12), at(0, 17), at(1, 12), at(1, 17), at(2, 17)]
    .filter((time) => time > now)
    .map((time) => time.toISOString());
}

/** A time a bike was promised for, or where that is past by now the first that may be. */
export const promisedOf = (promisedAt: string, times: readonly string[]): string =>
  times.includes(promisedAt) ? promisedAt : times[0]!;

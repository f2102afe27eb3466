import { addDays } from 'date-fns/addDays';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';
import { changesAt } from '../evidence/changes';
import { ENDS, type End, type Part } from '../ends';
import type { Outlook } from '../forecast/forecast';
import { dayNumber } from '../forecast/outlook';
import { inspectEnd } from '../inspection/inspectEnd';
import type { Job } from '../job/job';
import { figure, type FigureId } from '../rules/figures';
import { serviceDaysOf } from '../rules/shopRules';
import { afterWinter } from './winter';

/** What comes due at an end of a bike. */
export const DUES = ['pads', 'rotor', 'bleed', 'cable', 'bolts'] as const;
export type DueOf = (typeof DUES)[number];

/**
 * Why it is due when it is: so many days went by, or a winter; its wear reaches the limit before that, by the date or by the distance; or it was
 * left on though it is to be replaced.
 */
export type DueBecause = 'time' | 'winter' | 'forecast' | 'distance' | 'worn';

export interface Due {
  end: End;
  of: DueOf;
  /** The day it is due on, `yyyy-mm-dd`. */
  on: string;
  because: DueBecause;
  /** The shop's own interval, days, whatever came first. */
  days: number;
  /** It takes the place of what was due before. What was looked at and proved nothing stays due when it was, where it was at all. */
  proven: boolean;
}

/** What a visit says of what is due: when each thing is looked at next, and what it answered with nothing due after. */
export interface DuesOfVisit {
  set: Due[];
  answered: { end: End; of: DueOf }[];
}

/** So many days after a day, `yyyy-mm-dd`. */
export const daysAfter = (day: string, days: number): string =>
  formatISO(addDays(parseISO(day), days), { representation: 'date' });

/**
 * What is due after a visit was signed off: only what was looked at, renewed or done at it moves. What nobody touched stays due when
 * it was.
 * @param today the day of the sign-off where the shop is, `yyyy-mm-dd`
 */
export function duesOf(job: Omit<Job, 'bars'>, today: string): DuesOfVisit {
  const set = ENDS.flatMap((end) => [
    ...(['pads', 'rotor'] as const).flatMap((part) => dueOfPart(job, end, part, today)),
    ...dueOfFluid(job, end, today),
    ...(isCableRenewed(job, end) ? [byTime(job, end, 'cable', 'due-cable', today)] : []),
    ...(job.tightened.some((each) => each.end === end)
      ? [byTime(job, end, 'bolts', 'due-bolts', today)]
      : []),
  ]);
  const answered = ENDS.filter(
    (end) =>
      !set.some((due) => due.end === end && due.of === 'bolts') &&
      inspectEnd(job, end).items.some(
        ({ subject, word }) => subject === 'bolts' && word === 'holds',
      ),
  ).map((end) => ({ end, of: 'bolts' as const }));
  return { set, answered };
}

function byTime(
  job: Pick<Job, 'rules'>,
  end: End,
  of: DueOf,
  interval: FigureId,
  today: string,
): Due {
  const days = figure(job.rules.figures, interval).value;
  return { end, of, on: daysAfter(today, days), because: 'time', days, proven: true };
}

/** A part that was measured or renewed: by the shop's interval, or sooner where its wear reaches the limit before. */
function dueOfPart(job: Omit<Job, 'bars'>, end: End, part: Part, today: string): Due[] {
  const item = inspectEnd(job, end).items.find(({ subject }) => subject === part);
  const isRenewed = job.fittings.some(
    (each) =>
      each.end === end && each.part === part && each.jobId === job.id && each.condition !== 'found',
  );
  if (!item?.judgement && !isRenewed) return [];
  const days = serviceDaysOf(job.rules, part, job.bike);
  const time = byTimeOrWinter(
    job,
    {
      end,
      of: part,
      on: daysAfter(today, days),
      because: 'time',
      days,
      proven: isRenewed || item?.word !== 'unproven',
    },
    today,
  );
  // What was to be replaced and was left on is due at once: no interval gives it time.
  if (item?.word === 'replace') return [{ ...time, on: today, because: 'worn' }];
  const verdict = item?.judgement?.ok ? item.judgement.verdict : null;
  const ahead = verdict && 'forecast' in verdict ? verdict.forecast : null;
  const outlook = job.outlooks[end][part];
  if (!ahead?.ok || !outlook) return [time];
  const on = crossingDay(ahead.early, outlook, job.bike.kmPerWeek, today);
  if (on === null || on >= time.on) return [time];
  return [{ ...time, on, because: outlook.unit === 'km' ? 'distance' : 'forecast' }];
}

/** A rotor that is ridden in the wet is looked at after a winter, where that comes before its year is over. */
function byTimeOrWinter(
  { rules: { winterEnds }, bike }: Pick<Job, 'rules' | 'bike'>,
  due: Due,
  today: string,
): Due {
  if (due.of !== 'rotor' || !bike.wet || winterEnds === null) return due;
  const on = afterWinter(today, winterEnds);
  return on < due.on ? { ...due, on, because: 'winter' } : due;
}

/** The day on which a forecast's early end comes, never before today; null where nobody knows how far the bike goes in a week. */
function crossingDay(
  early: number,
  { unit, now }: Outlook,
  kmPerWeek: number | null,
  today: string,
): string | null {
  if (unit === 'day') return daysAfter(today, Math.max(0, Math.floor(early - dayNumber(today))));
  if (!kmPerWeek) return null;
  return daysAfter(today, Math.max(0, Math.floor(((early - now) / kmPerWeek) * 7)));
}

/** Fluid that went in: glycol draws water, and comes due sooner. */
function dueOfFluid(job: Omit<Job, 'bars'>, end: End, today: string): Due[] {
  const last = job.filled.filter((fill) => fill.end === end).at(-1);
  if (!last) return [];
  const interval = last.family === 'glycol' ? 'due-bleed-glycol' : 'due-bleed-mineral';
  return [byTime(job, end, 'bleed', interval, today)];
}

const isCableRenewed = (job: Omit<Job, 'bars'>, end: End): boolean =>
  changesAt(job, end).some(({ cures }) => cures.includes('replace-cable'));

/** Longest that something due is put off at once, days: a reminder that never comes back is none [D]. */
export const LONGEST_SNOOZE_DAYS = 60;

/** The Monday of the week a day is in, `yyyy-mm-dd`. */
export function weekOf(day: string): string {
  const weekday = parseISO(day).getDay();
  return daysAfter(day, -((weekday + 6) % 7));
}

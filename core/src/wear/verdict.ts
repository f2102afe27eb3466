import type { RunoutBand, RunoutBands } from '../runout/bands';
import type { LeverSign } from '../lever/sign';
import type { ClearanceCure } from '../clearance/cure';
import { combineRepeats } from '../gauge/repeats';
import { inCalibration, type Gauge } from '../gauge/gauge';
import { InputError } from '../inputError';
import { forecast, isDueBefore, type Forecast, type Outlook } from '../forecast/forecast';
import type { Origin, Tag } from '../source';
import { micrometres, millimetres } from '../units/length';

/** The same four words everywhere, best first. */
export const WORDS = ['holds', 'watch', 'unproven', 'replace'] as const;
export type Word = (typeof WORDS)[number];

/** The worst of several words, or null of none: Replace > Unproven > Watch > Holds. */
export function worst(words: readonly Word[]): Word | null {
  return words.reduce<Word | null>(
    (worstYet, word) =>
      worstYet === null || WORDS.indexOf(word) > WORDS.indexOf(worstYet) ? word : worstYet,
    null,
  );
}

/** Fewest points, not counting upper bounds, that can prove a part [D]. */
const FEWEST_POINTS = 3;
/** Share of the wearable thickness at or below which a part is watched [D]. */
const WATCH_SHARE = 0.25;

/** Why a verdict is what it is, as numbers; the words come from the catalogue. */
export type Reason =
  | { code: 'damaged'; finding: string }
  | {
      code: 'worn';
      place: string;
      thicknessMm: number;
      limitMm: number;
      atLimitIsWorn: boolean;
    }
  | { code: 'too-few-points'; have: number; need: number }
  | { code: 'upper-bounds' }
  | {
      code: 'doubt-reaches-limit';
      place: string;
      thicknessMm: number;
      doubtMm: number;
      limitMm: number;
    }
  | { code: 'gauge-out-of-calibration'; dueOn: string | null }
  | { code: 'no-zero-check' }
  /** The zero was looked at only after the first reading. */
  | { code: 'zero-late' }
  /** Repeats at one place that differ by more than twice their doubt. */
  | { code: 'readings-differ'; place: string; spreadMm: number; doubtMm: number }
  /** Two neighbouring points lie too far apart for what is between them to be known. */
  | { code: 'points-bunched'; degrees: number; mostDegrees: number }
  /** Thicker than the sheet says it was new: another sheet's brake, or a slip. */
  | { code: 'thicker-than-new'; place: string; thicknessMm: number; newMm: number }
  | { code: 'thinner-than-plate'; place: string; thicknessMm: number; plateMm: number }
  | { code: 'new-thickness-unknown' }
  | { code: 'limit-from-memory' }
  | { code: 'plate-assumed' }
  | { code: 'missing-number'; place: string }
  | { code: 'little-left'; shareLeft: number }
  | { code: 'due-before-service'; unit: Outlook['unit']; early: number; nextService: number }
  | {
      code: 'clears-limit';
      place: string;
      thicknessMm: number;
      doubtMm: number;
      limitMm: number;
    }
  | ({ code: 'runout'; band: RunoutBand; tirMm: number; doubtMm: number } & RunoutBands)
  | { code: 'runout-unknown' }
  /** It was measured, and not proven. */
  | { code: 'runout-unproven' }
  | { code: 'rubs'; marginMm: number; cure: ClearanceCure | null }
  | { code: 'margin-in-doubt'; marginMm: number; doubtMm: number }
  | { code: 'runs-clear'; marginMm: number }
  | { code: 'mount-angle'; angleDegrees: number; mostDegrees: number }
  | { code: 'angle-in-doubt'; angleDegrees: number; mostDegrees: number }
  | { code: 'lever'; sign: LeverSign }
  | { code: 'lever-facts-unknown' }
  | { code: 'lever-facts-from-memory' }
  | {
      code: 'lever-in-doubt';
      place: 'firm' | 'sunk';
      byMm: number;
      doubtMm: number;
      mostMm: number;
    }
  | { code: 'air-in-doubt'; airMl: number }
  /** A held lever that came back out: one of the two was misread. */
  | { code: 'lever-came-back'; byMm: number }
  | { code: 'bite-misread' }
  | { code: 'give-assumed' }
  | { code: 'lever-firm'; biteMm: number; firmMm: number };

/** What would settle an "unproven". */
export type Settle =
  | 'more-points'
  | 'point-gauge'
  | 'finer-gauge'
  | 'calibrated-gauge'
  | 'zero-check'
  | 'new-thickness'
  | 'stated-limit'
  | 'plate-thickness'
  | 'runout'
  | 'lever-facts'
  | 'learned-give'
  | 'repeat-place'
  | 'points-spread-out'
  | 'right-sheet'
  | 'replacement';

/** What would settle each reason; null where nothing has to be settled. */
const SETTLED_BY: Readonly<Record<Reason['code'], Settle | null>> = {
  damaged: null,
  worn: null,
  'little-left': null,
  'due-before-service': null,
  'clears-limit': null,
  runout: null,
  rubs: null,
  'runs-clear': null,
  'mount-angle': null,
  lever: null,
  'lever-firm': null,
  'too-few-points': 'more-points',
  'missing-number': 'more-points',
  'upper-bounds': 'point-gauge',
  'doubt-reaches-limit': 'finer-gauge',
  'gauge-out-of-calibration': 'calibrated-gauge',
  'no-zero-check': 'zero-check',
  'new-thickness-unknown': 'new-thickness',
  'limit-from-memory': 'stated-limit',
  'plate-assumed': 'plate-thickness',
  'runout-unknown': 'runout',
  'margin-in-doubt': 'finer-gauge',
  'angle-in-doubt': 'finer-gauge',
  'lever-facts-unknown': 'lever-facts',
  'bite-misread': 'more-points',
  'give-assumed': 'learned-give',
  'zero-late': 'zero-check',
  'readings-differ': 'repeat-place',
  'points-bunched': 'points-spread-out',
  'thicker-than-new': 'right-sheet',
  'thinner-than-plate': 'right-sheet',
  'runout-unproven': 'runout',
  'lever-facts-from-memory': 'lever-facts',
  'lever-in-doubt': 'finer-gauge',
  'air-in-doubt': 'finer-gauge',
  'lever-came-back': 'repeat-place',
};

/** A limit on thickness, with its wording and who laid it down. */
export interface ThicknessLimit {
  limitMm: number;
  /** "Replace at L or less" (true) or "replace below L" (false); unknown (null) counts as true. */
  atLimitIsWorn: boolean | null;
  origin: Origin;
  /** Where the number itself comes from; null when it was read off the part or a maker's sheet. */
  tag: Tag | null;
}

/** All the readings at one place, as taken, with no zero error subtracted. */
interface PlaceReadings {
  place: string;
  readingsMm: readonly number[];
}

/** What floating point may leave over of a whole number of micrometres. */
const FLOAT_NOISE_UM = 1e-6;

/** How the readings came about. */
export interface Evidence {
  gauge: Gauge;
  /** What the gauge showed when it should have shown nothing, mm; null when nobody looked. */
  zeroErrorMm: number | null;
  /** By how much a second look at the zero differed from the first, mm: it widens every doubt. */
  zeroDriftMm?: number;
  /** The zero was looked at only after the first reading. */
  zeroLate?: boolean;
  /** The day of measuring, `yyyy-mm-dd`. */
  measuredOn: string;
}

/** A place's thickness in whole micrometres with its doubt. */
export interface PlaceThickness {
  place: string;
  thicknessUm: number;
  doubtUm: number;
  /** The least single reading: repeats are averaged to prove, and never to save [D]. */
  leastUm: number;
  /** Between the largest and the least of the repeats, and how much of it the gauge explains: twice its doubt. */
  spreadUm: number;
  mostSpreadUm: number;
}

/**
 * Thickness and doubt at each place: mean of the repeats, zero error subtracted. Every reading counts in whole
 * micrometres, so that inches give the same; a mean between two is rounded to the unfavourable side, so that it never
 * gains the last micrometre. What is worn to nothing is nothing: the most worn is a reading and no error [D].
 * @throws InputError `not-a-number`.
 */
export function placeThicknesses(
  places: readonly PlaceReadings[],
  { gauge, zeroErrorMm, zeroDriftMm = 0 }: Pick<Evidence, 'gauge' | 'zeroErrorMm' | 'zeroDriftMm'>,
): PlaceThickness[] {
  const zeroUm = micrometres(zeroErrorMm ?? 0, 'zero');
  return places.map(({ place, readingsMm }) => {
    const readUm = readingsMm.map((reading) => micrometres(reading, place));
    const { meanMm, uncertaintyMm } = combineRepeats(
      readUm.map(millimetres),
      gauge.uncertaintyMm + Math.abs(zeroDriftMm),
    );
    const least = Math.min(...readUm);
    return {
      place,
      thicknessUm: Math.max(0, Math.floor(meanMm * 1000 + FLOAT_NOISE_UM) - zeroUm),
      doubtUm: Math.ceil(uncertaintyMm * 1000 - FLOAT_NOISE_UM),
      leastUm: Math.max(0, least - zeroUm),
      spreadUm: Math.max(...readUm) - least,
      mostSpreadUm: 2 * micrometres(gauge.uncertaintyMm + Math.abs(zeroDriftMm)),
    };
  });
}

/** Reasons of the evidence itself that keep any part from being passed. */
export function flawsOfEvidence(evidence: Evidence): Reason[] {
  const flaws = flawOfCalibration(evidence.gauge, evidence.measuredOn);
  if (evidence.zeroErrorMm === null) flaws.push({ code: 'no-zero-check' });
  else if (evidence.zeroLate) flaws.push({ code: 'zero-late' });
  return flaws;
}

/** A place whose repeats differ by more than the gauge explains, mm. */
export interface Differing {
  place: string;
  spreadMm: number;
  doubtMm: number;
}

export const flawsOfRepeats = (differing: readonly Differing[] = []): Reason[] =>
  differing.map((each) => ({ code: 'readings-differ', ...each }));

/** A gauge past its calibration may condemn and never pass [D]. */
export function flawOfCalibration({ calibrationDueOn }: Gauge, measuredOn: string): Reason[] {
  return inCalibration(calibrationDueOn, measuredOn)
    ? []
    : [{ code: 'gauge-out-of-calibration', dueOn: calibrationDueOn }];
}

interface ThicknessCase {
  places: readonly PlaceThickness[];
  limit: ThicknessLimit;
  newMm: number | null;
  /** Reasons to replace whatever the thickness. */
  replaceAnyway?: readonly Reason[];
  /** Reasons why the part cannot be passed, found before looking at the thickness. */
  flaws?: readonly Reason[];
  /** The readings are upper bounds (jaws bridging a ridge): they may condemn and never pass. */
  upperBounds?: boolean;
  /** What the same part measured before, in the same measure, and when it is looked at next. */
  outlook?: Outlook | null;
}

export interface Verdict {
  word: Word;
  /** Every reason that holds at this word, the weightiest first. */
  reasons: Reason[];
  /** What would settle it; empty unless the word is "unproven". */
  settle: Settle[];
  /** Share of the wearable thickness left at the thinnest place, 0 to 1; null when it cannot be said. */
  shareLeft: number | null;
  /** Where the wear is heading; null with nothing earlier to compare. */
  forecast: Forecast | null;
  /** Numbers that cannot be, by what the sheet says. */
  contradicts: Reason[];
}

/**
 * The verdict on a worn thickness. The first that applies:
 * Replace (a replace-anyway reason, or the least t at or below the limit, no doubt granted) ·
 * Unproven (fewer than {@link FEWEST_POINTS} proper points, the least t − U does not clear the limit, or a flaw) ·
 * Watch ({@link WATCH_SHARE} or less of the wearable thickness left, or the early end of the forecast comes before the
 * next service) · Holds.
 *
 * Source [S] of the guard band: ISO 14253-1, decision rules for proving conformity; the full U is
 * stricter than its 2017 default.
 * Numbers that contradict the sheet (t > new + U: wrong sheet, or a ridge?) add "unproven"; what of them condemns still does.
 * @throws InputError `new-not-above-limit`
 */
export function judgeThickness(aCase: ThicknessCase): Verdict {
  const { places, limit, newMm } = aCase;
  const limitUm = micrometres(limit.limitMm, 'limit');
  const newUm = newMm === null ? null : micrometres(newMm, 'new');
  const atLimitIsWorn = limit.atLimitIsWorn ?? true;
  refuseImpossible(limitUm, newUm);

  const thinnest = least(places, ({ thicknessUm }) => thicknessUm);
  const shareLeft =
    thinnest && newUm !== null ? shareOf(thinnest.thicknessUm, limitUm, newUm) : null;
  const outlook = aCase.outlook ?? null;
  const heading =
    outlook && thinnest && !aCase.upperBounds
      ? forecast(pointsOf(outlook, thinnest), limit.limitMm)
      : null;
  const decide = (word: Word, reasons: Reason[]): Verdict => ({
    word,
    reasons,
    settle: word === 'unproven' ? [...settledBy(reasons), 'replacement'] : [],
    shareLeft,
    forecast: heading,
    contradicts: contradictions(aCase),
  });

  const replace: Reason[] = [...(aCase.replaceAnyway ?? [])];
  const most = least(places, ({ leastUm }) => leastUm);
  if (most && !clears(most.leastUm, limitUm, atLimitIsWorn))
    replace.push({
      code: 'worn',
      place: most.place,
      thicknessMm: millimetres(most.leastUm),
      limitMm: limit.limitMm,
      atLimitIsWorn,
    });
  // What contradicts the sheet is said too: the worst of both counts.
  const under = (aCase.flaws ?? []).filter(({ code }) => code === 'thinner-than-plate');
  if (replace.length > 0)
    return decide('replace', [...replace, ...contradictions(aCase), ...under]);

  const unproven = whyUnproven(aCase, limitUm, atLimitIsWorn);
  if (unproven.length > 0) return decide('unproven', unproven);

  if (thinnest === null || shareLeft === null)
    return decide('unproven', [{ code: 'new-thickness-unknown' }]);
  const watch: Reason[] = [];
  if (shareLeft <= WATCH_SHARE) watch.push({ code: 'little-left', shareLeft });
  if (heading?.ok && outlook && isDueBefore(heading, outlook.nextService))
    watch.push({
      code: 'due-before-service',
      unit: outlook.unit,
      early: heading.early,
      nextService: outlook.nextService,
    });
  if (watch.length > 0) return decide('watch', watch);
  return decide('holds', [
    {
      code: 'clears-limit',
      place: thinnest.place,
      thicknessMm: millimetres(thinnest.thicknessUm),
      doubtMm: millimetres(thinnest.doubtUm),
      limitMm: limit.limitMm,
    },
  ]);
}

/**
 * What one place says by itself, for drawing it: worn, near, not clear of its doubt, or clear. The part is judged by
 * {@link judgeThickness} and never by this.
 */
export function wordOfPlace(
  { thicknessUm, leastUm, doubtUm }: PlaceThickness,
  limit: ThicknessLimit,
  newMm: number | null,
  upperBound: boolean,
): Word {
  const limitUm = micrometres(limit.limitMm, 'limit');
  const atLimitIsWorn = limit.atLimitIsWorn ?? true;
  if (!clears(leastUm, limitUm, atLimitIsWorn)) return 'replace';
  if (upperBound || !clears(thicknessUm - doubtUm, limitUm, atLimitIsWorn)) return 'unproven';
  const near = newMm !== null && shareOf(thicknessUm, limitUm, micrometres(newMm)) <= WATCH_SHARE;
  return near ? 'watch' : 'holds';
}

function whyUnproven(aCase: ThicknessCase, limitUm: number, atLimitIsWorn: boolean): Reason[] {
  const { places, limit } = aCase;
  const reasons: Reason[] = [...contradictions(aCase), ...differing(places)];
  if (aCase.upperBounds) reasons.push({ code: 'upper-bounds' });
  else if (places.length < FEWEST_POINTS)
    reasons.push({ code: 'too-few-points', have: places.length, need: FEWEST_POINTS });

  const leastProven = least(places, ({ thicknessUm, doubtUm }) => thicknessUm - doubtUm);
  if (leastProven && !clears(leastProven.thicknessUm - leastProven.doubtUm, limitUm, atLimitIsWorn))
    reasons.push({
      code: 'doubt-reaches-limit',
      place: leastProven.place,
      thicknessMm: millimetres(leastProven.thicknessUm),
      doubtMm: millimetres(leastProven.doubtUm),
      limitMm: limit.limitMm,
    });
  reasons.push(...(aCase.flaws ?? []));
  if (aCase.newMm === null) reasons.push({ code: 'new-thickness-unknown' });
  if (limit.tag === 'M') reasons.push({ code: 'limit-from-memory' });
  return reasons;
}

function refuseImpossible(limitUm: number, newUm: number | null): void {
  if (limitUm <= 0) throw new InputError('not-positive', 'limit', { value: limitUm });
  if (newUm !== null && newUm <= limitUm)
    throw new InputError('new-not-above-limit', 'new', {
      newMm: millimetres(newUm),
      limitMm: millimetres(limitUm),
    });
}

/** Places that are thicker than the part was new, by more than their doubt. */
function contradictions({ places, newMm }: ThicknessCase): Reason[] {
  if (newMm === null) return [];
  const newUm = micrometres(newMm);
  return places.flatMap(({ place, thicknessUm, doubtUm }): Reason[] =>
    thicknessUm > newUm + doubtUm
      ? [{ code: 'thicker-than-new', place, thicknessMm: millimetres(thicknessUm), newMm }]
      : [],
  );
}

/** Places whose repeats differ by more than twice the gauge's doubt leave it open which of them is right. */
function differing(places: readonly PlaceThickness[]): Reason[] {
  return places.flatMap(({ place, spreadUm, mostSpreadUm }): Reason[] =>
    spreadUm > mostSpreadUm
      ? [
          {
            code: 'readings-differ',
            place,
            spreadMm: millimetres(spreadUm),
            doubtMm: millimetres(mostSpreadUm / 2),
          },
        ]
      : [],
  );
}

function clears(thicknessUm: number, limitUm: number, atLimitIsWorn: boolean): boolean {
  return atLimitIsWorn ? thicknessUm > limitUm : thicknessUm >= limitUm;
}

/**
 * What is left of the wearable thickness, as a share: 1 when new, 0 at the limit, below it past it.
 * @throws InputError `not-positive` of the limit, `new-not-above-limit`, `not-a-number`
 */
export function wearShare(thicknessMm: number, limitMm: number, newMm: number): number {
  const [limitUm, newUm] = [micrometres(limitMm, 'limit'), micrometres(newMm, 'new')];
  refuseImpossible(limitUm, newUm);
  return shareOf(micrometres(thicknessMm), limitUm, newUm);
}

function shareOf(thicknessUm: number, limitUm: number, newUm: number): number {
  return Math.min(1, (thicknessUm - limitUm) / (newUm - limitUm));
}

function pointsOf({ earlier, now }: Outlook, { thicknessUm, doubtUm }: PlaceThickness) {
  return [...earlier, { x: now, mm: millimetres(thicknessUm), doubtMm: millimetres(doubtUm) }];
}

/** What would settle an "unproven" with these reasons. */
export function settledBy(reasons: readonly Reason[]): Settle[] {
  return [...new Set(reasons.flatMap(({ code }) => SETTLED_BY[code] ?? []))];
}

function least<T>(items: readonly T[], of: (item: T) => number): T | null {
  return items.reduce<T | null>(
    (lowest, item) => (lowest === null || of(item) < of(lowest) ? item : lowest),
    null,
  );
}

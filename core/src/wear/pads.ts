import { figure, type FigureId, type Figures } from '../rules/figures';
import { InputError } from '../inputError';
import type { Outlook } from '../forecast/forecast';
import { micrometres, millimetres } from '../units/length';
import { padPattern, type PadPattern } from './padPattern';
import {
  flawsOfEvidence,
  judgeThickness,
  placeThicknesses,
  worst,
  type Evidence,
  type PlaceThickness,
  type Reason,
  type Settle,
  type ThicknessLimit,
  type Verdict,
  type Word,
} from './verdict';

/** The four numbers of a pair. Leading meets the rotor's forward turn first; inner is the wheel side. */
export const PAD_PLACES = [
  'inner-leading',
  'inner-trailing',
  'outer-leading',
  'outer-trailing',
] as const;
export type PadPlace = (typeof PAD_PLACES)[number];

/** Schools of judging pads, all in use. */
export const PAD_SCHOOLS = ['total', 'friction', 'share'] as const;
export type PadSchool = (typeof PAD_SCHOOLS)[number];

/** Each school's number, and how its limit reads: total and friction are worn "below" it, the share "or more" [P]. */
const PAD_RULES = {
  total: { figure: 'pads-total-limit', atLimitIsWorn: false },
  friction: { figure: 'pads-friction-limit', atLimitIsWorn: false },
  share: { figure: 'pads-worn-share', atLimitIsWorn: true },
} as const satisfies Record<PadSchool, { atLimitIsWorn: boolean; figure: FigureId }>;

/** No pad, plate and all, is thicker than this, mm [D]; above it the reading is a slip. */
const PLAUSIBLE_PAD_MM = { least: 0, most: 8 } as const;

/** How the numbers were taken: with the backing plate, or friction material alone. */
export type PadBasis = 'total' | 'friction';

export interface PadMeasurement extends Evidence {
  basis: PadBasis;
  readings: Partial<Record<PadPlace, readonly number[]>>;
}

export interface PadSpec {
  /** Thickness when new, plate and all, mm; null when unknown. */
  newTotalMm: number | null;
  /** Thickness of the backing plate, mm; null when unknown. */
  plateMm: number | null;
  /** The plate's thickness is a usual value and not this pad's: what needs it cannot be proved. */
  plateAssumed: boolean;
  /** Limits a sheet lays down in place of the school's own. */
  limits?: Partial<Record<'total' | 'friction', ThicknessLimit>>;
  /** Schools a sheet judges by; the shop's where it names none. */
  schools?: readonly PadSchool[];
}

/** What pads are held to: what is known of them, and the numbers the shop lays down in place of the usual ones. */
export interface PadStandard extends PadSpec {
  figures: Figures;
}

export interface SchoolVerdict extends Verdict {
  school: PadSchool;
  /** Limit in the measure the school judges by (total or friction), mm; null when it cannot be said. */
  limitMm: number | null;
  /** Least thickness in that measure, mm; null when it cannot be said. */
  leastMm: number | null;
  /** Of the school that judges by it, the share from which on a pad is worn; null of the others. */
  ruleShare: number | null;
  /** Share of the friction worn away at the least number, 0 to 1; null when unknown. */
  wornShare: number | null;
}

export interface PadVerdict {
  word: Word;
  /** The school that decided: the first in order whose word is the worst. */
  decidedBy: PadSchool;
  schools: SchoolVerdict[];
  /** The least of the numbers as measured, with its doubt; null before the first. */
  thinnest: { place: PadPlace; measuredMm: number; doubtMm: number } | null;
  pattern: PadPattern;
  /** Those of the school that decided. */
  reasons: readonly Reason[];
  settle: readonly Settle[];
  /** Numbers that cannot be, by what the sheet says. */
  contradicts: Reason[];
}

/** Returns a pad reading that can be one; throws InputError `implausible` or `negative` for a slip. */
export function plausiblePadReading(readingMm: number): number {
  if (!Number.isFinite(readingMm)) throw new InputError('not-a-number', 'reading');
  if (readingMm < PLAUSIBLE_PAD_MM.least) throw new InputError('negative', 'reading');
  if (readingMm > PLAUSIBLE_PAD_MM.most)
    throw new InputError('implausible', 'reading', {
      leastMm: PLAUSIBLE_PAD_MM.least,
      mostMm: PLAUSIBLE_PAD_MM.most,
    });
  return readingMm;
}

/**
 * The verdict on a pair of pads by every school in force, side by side; the worst word wins.
 * All four numbers count and the least decides. A missing number, or a plate that is only assumed,
 * leaves the schools that need it unproven.
 * @param schools the schools in force, at least one
 * @param outlook earlier least thicknesses of these pads, plate and all
 * @throws InputError as judgeThickness
 */
export function padVerdict(
  measurement: PadMeasurement,
  spec: PadStandard,
  schools: readonly PadSchool[],
  outlook: Outlook | null = null,
): PadVerdict {
  if (schools.length === 0) throw new InputError('empty', 'schools');
  const measured = placeThicknesses(
    PAD_PLACES.flatMap((place) => {
      const readingsMm = measurement.readings[place];
      return readingsMm?.length ? [{ place, readingsMm }] : [];
    }),
    measurement,
  );
  const plateUm = spec.plateMm === null ? null : micrometres(spec.plateMm, 'plate');

  const flaws: Reason[] = [
    ...underPlate(measured, measurement.basis, plateUm),
    ...flawsOfEvidence(measurement),
    ...PAD_PLACES.filter((place) => !measured.some((m) => m.place === place)).map(
      (place): Reason => ({ code: 'missing-number', place }),
    ),
  ];
  const verdicts = schools.map((school) =>
    schoolVerdict(school, { measured, basis: measurement.basis, plateUm, spec, flaws, outlook }),
  );
  const word = worst(verdicts.map((verdict) => verdict.word))!;
  const decisive = verdicts.find((verdict) => verdict.word === word)!;
  return {
    word,
    decidedBy: decisive.school,
    reasons: decisive.reasons,
    settle: decisive.settle,
    schools: verdicts,
    thinnest: thinnestOf(measured),
    pattern: padPattern(measured),
    contradicts: [
      ...underPlate(measured, measurement.basis, plateUm),
      ...verdicts.flatMap(({ contradicts }) => contradicts),
    ],
  };
}

function thinnestOf(measured: readonly PlaceThickness[]): PadVerdict['thinnest'] {
  const least = Math.min(...measured.map(({ thicknessUm }) => thicknessUm));
  const found = measured.find(({ thicknessUm }) => thicknessUm === least);
  return found
    ? {
        place: found.place as PadPlace,
        measuredMm: millimetres(found.thicknessUm),
        doubtMm: millimetres(found.doubtUm),
      }
    : null;
}

interface PadCase {
  measured: readonly PlaceThickness[];
  basis: PadBasis;
  plateUm: number | null;
  spec: PadStandard;
  flaws: readonly Reason[];
  outlook: Outlook | null;
}

function schoolVerdict(school: PadSchool, aCase: PadCase): SchoolVerdict {
  const { measured, basis, plateUm, spec } = aCase;
  const judges: PadBasis = school === 'total' ? 'total' : 'friction';
  const needsPlate = basis !== judges;
  const newTotalUm = spec.newTotalMm === null ? null : micrometres(spec.newTotalMm, 'new');
  const newFrictionUm = newTotalUm === null || plateUm === null ? null : newTotalUm - plateUm;
  const shift = needsPlate ? (judges === 'friction' ? -(plateUm ?? 0) : (plateUm ?? 0)) : 0;
  const limit = limitOf(school, spec, newFrictionUm);

  const undecided = (reasons: Reason[], settle: SchoolVerdict['settle']): SchoolVerdict => ({
    school,
    word: 'unproven',
    reasons,
    settle,
    shareLeft: null,
    forecast: null,
    contradicts: [],
    limitMm: limit?.limitMm ?? null,
    leastMm: null,
    ruleShare: null,
    wornShare: null,
  });
  if (needsPlate && plateUm === null)
    return undecided([{ code: 'plate-assumed' }], ['plate-thickness', 'replacement']);
  if (limit === null)
    return undecided([{ code: 'new-thickness-unknown' }], ['new-thickness', 'replacement']);

  const places = measured.map((m) => ({
    ...m,
    thicknessUm: Math.max(0, m.thicknessUm + shift),
    leastUm: Math.max(0, m.leastUm + shift),
  }));
  const newUm = judges === 'total' ? newTotalUm : newFrictionUm;
  const restsOnPlate = needsPlate || school !== 'total';
  const verdict = judgeThickness({
    places,
    limit,
    newMm: newUm === null ? null : millimetres(newUm),
    outlook: outlookIn(judges, aCase),
    flaws: [
      ...aCase.flaws,
      ...(restsOnPlate && spec.plateAssumed ? [{ code: 'plate-assumed' } as const] : []),
    ],
  });
  const leastUm = places.length ? Math.min(...places.map((p) => p.thicknessUm)) : null;
  const leastFrictionUm =
    leastUm === null
      ? null
      : judges === 'friction'
        ? leastUm
        : plateUm === null
          ? null
          : leastUm - plateUm;
  return {
    ...verdict,
    school,
    limitMm: limit.limitMm,
    leastMm: leastUm === null ? null : millimetres(leastUm),
    ruleShare: school === 'share' ? figure(spec.figures, 'pads-worn-share').value : null,
    wornShare:
      leastFrictionUm === null || newFrictionUm === null
        ? null
        : Math.max(0, (newFrictionUm - leastFrictionUm) / newFrictionUm),
  };
}

/** Earlier thicknesses in the measure a school judges by; none when that takes a plate nobody knows. */
function outlookIn(judges: PadBasis, { outlook, plateUm }: PadCase): Outlook | null {
  if (outlook === null || judges === 'total') return outlook;
  if (plateUm === null) return null;
  const plateMm = millimetres(plateUm);
  return {
    ...outlook,
    earlier: outlook.earlier.flatMap((point) =>
      point.mm > plateMm ? [{ ...point, mm: point.mm - plateMm }] : [],
    ),
  };
}

function limitOf(
  school: PadSchool,
  spec: PadStandard,
  newFrictionUm: number | null,
): ThicknessLimit | null {
  const { atLimitIsWorn, figure: id } = PAD_RULES[school];
  const { value, tag } = figure(spec.figures, id);
  if (school !== 'share')
    return spec.limits?.[school] ?? { limitMm: value, atLimitIsWorn, tag, origin: 'shop' };
  if (newFrictionUm === null) return null;
  return {
    limitMm: millimetres(Math.ceil(newFrictionUm * (1 - value))),
    atLimitIsWorn,
    origin: 'shop',
    tag,
  };
}

/** How far under its plate a pad may be read and still be one that is worn into it, mm [D]. */
const INTO_PLATE_MM = 0.5;

/** Totals so far under the plate that no wear explains them: the plate is another one, or a number was misread. */
function underPlate(
  measured: readonly PlaceThickness[],
  basis: PadBasis,
  plateUm: number | null,
): Reason[] {
  if (basis !== 'total' || plateUm === null) return [];
  return measured.flatMap(({ place, thicknessUm }): Reason[] =>
    thicknessUm < plateUm - micrometres(INTO_PLATE_MM)
      ? [
          {
            code: 'thinner-than-plate',
            place,
            thicknessMm: millimetres(thicknessUm),
            plateMm: millimetres(plateUm),
          },
        ]
      : [],
  );
}

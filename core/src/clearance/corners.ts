import type { ClearanceCure } from './cure';
import {
  flawOfCalibration,
  flawsOfRepeats,
  settledBy,
  type Differing,
  type Reason,
  type Settle,
  type Word,
} from '../wear/verdict';
import type { Gauge } from '../gauge/gauge';
import { InputError } from '../inputError';
import { micrometres, millimetres } from '../units/length';

/** Where a gap is felt: the rider's left or right of the rotor, at its leading or trailing end. */
export const CORNERS = [
  'left-leading',
  'left-trailing',
  'right-leading',
  'right-trailing',
] as const;
export type Corner = (typeof CORNERS)[number];

/** Usual gap a side with the lever released, mm [M]: told, never judged by. */
export const USUAL_GAP_MM = { least: 0.15, most: 0.4 } as const;
/** No gap in a brake that works is wider, mm [D]. */
const PLAUSIBLE_GAP_MM = 3;
/** Between the two feeler positions, mm [D]: what can be one. */
export const PLAUSIBLE_SPAN_MM = { least: 5, most: 120 } as const;

export interface ClearanceMeasurement {
  gauge: Gauge;
  measuredOn: string;
  gapsMm: Readonly<Partial<Record<Corner, number>>>;
  /** Between the leading and the trailing feeler position, mm; null when nobody took it. */
  spanMm: number | null;
  /** The wheel stood where the rotor is at its mid reading; otherwise the whole wobble counts against the gap. */
  atMidReading: boolean;
  /** The rotor's total indicator reading, mm; null when it was not measured. */
  tirMm: number | null;
  /** The indicator's doubt of it, mm, and whether it was proven: a margin on an unproven runout is unproven. */
  tirDoubtMm?: number;
  tirProven?: boolean;
  differing?: readonly Differing[];
}

/** What four gaps and the rotor's wobble say of where a caliper sits. */
export interface Gaps {
  /** Smallest gap less the wobble, mm. Zero or less: it rubs. */
  marginMm: number;
  /** How far to move the caliper, mm, positive to the rider's right. */
  shiftMm: number;
  marginAfterShiftMm: number;
  /** Skew of the caliper, degrees; positive: move the leading end right. Null where nobody took the span. */
  skewDegrees: number | null;
  marginAfterSquaringMm: number;
  /** What would cure it. */
  cure: ClearanceCure;
}

/** A verdict's gaps are null while a corner or the runout is missing. */
export interface ClearanceVerdict extends Partially<Gaps> {
  word: Word;
  reasons: Reason[];
  settle: Settle[];
  smallest: { corner: Corner; gapMm: number } | null;
}

type Partially<T> = { [K in keyof T]: T[K] | null };

/** Returns a gap that can be one; throws InputError `negative` or `implausible`. */
export function plausibleGap(gapMm: number, field = 'reading'): number {
  if (!Number.isFinite(gapMm)) throw new InputError('not-a-number', field);
  if (gapMm < 0) throw new InputError('negative', field);
  if (gapMm > PLAUSIBLE_GAP_MM)
    throw new InputError('implausible', field, { leastMm: 0, mostMm: PLAUSIBLE_GAP_MM });
  return gapMm;
}

/**
 * What four gaps between pads and rotor say: margin now, where to move the caliper, how it is skewed, and whether
 * centring can cure a rub. Common practice [P].
 * @example gaps left 0.30 0.30, right 0.10 0.10, TIR 0.12: move 0.10 to the right, margin 0.04, then 0.14
 */
export function clearanceVerdict(measurement: ClearanceMeasurement): ClearanceVerdict {
  const { gauge, gapsMm, tirMm } = measurement;
  const gap = (corner: Corner) =>
    gapsMm[corner] === undefined ? null : micrometres(gapsMm[corner], corner);
  const felt = CORNERS.flatMap((corner) => {
    const gapUm = gap(corner);
    return gapUm === null ? [] : [{ corner, gapUm }];
  });
  const least = felt.reduce<(typeof felt)[number] | null>(
    (lowest, corner) => (lowest === null || corner.gapUm < lowest.gapUm ? corner : lowest),
    null,
  );
  const smallest = least && { corner: least.corner, gapMm: millimetres(least.gapUm) };
  const flaws: Reason[] = [
    ...CORNERS.filter((corner) => gap(corner) === null).map((corner): Reason => ({
      code: 'missing-number',
      place: corner,
    })),
    ...(tirMm === null
      ? [{ code: 'runout-unknown' } as const]
      : measurement.tirProven === false
        ? [{ code: 'runout-unproven' } as const]
        : []),
    ...flawsOfRepeats(measurement.differing),
    ...flawOfCalibration(gauge, measurement.measuredOn),
  ];
  const wobbleUm = tirMm === null ? null : micrometres(tirMm) / (measurement.atMidReading ? 2 : 1);
  const numbers =
    felt.length === CORNERS.length && wobbleUm !== null
      ? centring(gap, wobbleUm, measurement)
      : null;

  const decide = (word: Word, reasons: Reason[]): ClearanceVerdict => ({
    ...(numbers ?? UNSAID),
    word,
    reasons,
    settle: word === 'unproven' ? settledBy(reasons) : [],
    smallest,
  });
  if (numbers && numbers.marginMm <= 0)
    return decide('watch', [{ code: 'rubs', marginMm: numbers.marginMm, cure: numbers.cure }]);
  // A rotor that touches in the gap at hand rubs, whatever else is not known.
  if (least?.gapUm === 0) return decide('watch', [{ code: 'rubs', marginMm: 0, cure: null }]);
  if (flaws.length > 0 || !numbers) return decide('unproven', flaws);
  // The wobble's doubt counts as far as the wobble does; both are independent [S: JCGM 100:2008 (GUM), 5.1].
  const wobbleDoubtMm = (measurement.tirDoubtMm ?? 0) / (measurement.atMidReading ? 2 : 1);
  const doubtMm = Math.hypot(gauge.uncertaintyMm, wobbleDoubtMm);
  if (micrometres(numbers.marginMm) <= Math.ceil(doubtMm * 1000))
    return decide('unproven', [{ code: 'margin-in-doubt', marginMm: numbers.marginMm, doubtMm }]);
  return decide('holds', [{ code: 'runs-clear', marginMm: numbers.marginMm }]);
}

const UNSAID: Partially<Gaps> = {
  marginMm: null,
  shiftMm: null,
  marginAfterShiftMm: null,
  skewDegrees: null,
  marginAfterSquaringMm: null,
  cure: null,
};

/**
 * What four gaps that are all known say of the caliper.
 * @param gapsMm mm each, zero or more
 * @throws InputError `negative`, `implausible` or `not-a-number` at the corner, `not-positive` at `span`
 */
export function gapsSay(
  gapsMm: Readonly<Record<Corner, number>>,
  wobble: Pick<ClearanceMeasurement, 'atMidReading' | 'spanMm'> & { tirMm: number },
): Gaps {
  const wobbleUm = micrometres(wobble.tirMm, 'tir') / (wobble.atMidReading ? 2 : 1);
  return centring((corner) => micrometres(plausibleGap(gapsMm[corner], corner)), wobbleUm, wobble);
}

function centring(
  gap: (corner: Corner) => number | null,
  wobbleUm: number,
  { spanMm }: Pick<ClearanceMeasurement, 'spanMm'>,
): Gaps {
  const [leftLead, leftTrail, rightLead, rightTrail] = CORNERS.map((corner) => gap(corner)!) as [
    number,
    number,
    number,
    number,
  ];
  const left = Math.min(leftLead, leftTrail);
  const right = Math.min(rightLead, rightTrail);
  const marginUm = Math.min(left, right) - wobbleUm;
  const afterShiftUm = (left + right) / 2 - wobbleUm;
  const afterSquaringUm = Math.min(leftLead + rightLead, leftTrail + rightTrail) / 2 - wobbleUm;
  const skewUm = leftLead - rightLead - (leftTrail - rightTrail);
  const cure: ClearanceCure =
    marginUm > 0
      ? 'none'
      : afterShiftUm > 0
        ? 'centre'
        : afterSquaringUm > 0
          ? 'square'
          : 'neither';
  return {
    marginMm: millimetres(marginUm),
    shiftMm: millimetres((left - right) / 2),
    marginAfterShiftMm: millimetres(afterShiftUm),
    skewDegrees:
      spanMm === null
        ? null
        : (Math.atan(skewUm / (2 * micrometres(spanMm, 'span'))) * 180) / Math.PI,
    marginAfterSquaringMm: millimetres(afterSquaringUm),
    cure,
  };
}

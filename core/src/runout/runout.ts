import type { RunoutBand, RunoutBands } from './bands';
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
import { runoutMeaning, type RunoutMeaning } from './meaning';

/** Readings over one turn: usual number, and what a shop may choose between. */
export const RUNOUT_POINTS = { usual: 12, fewest: 6, most: 24 } as const;

/** From memory [M], so editable: to 0.10 good, to 0.30 watch and true if it rubs, to 0.50 true it. */
export const USUAL_RUNOUT_BANDS: RunoutBands = { goodMm: 0.1, watchMm: 0.3, trueMm: 0.5 };

/** No rotor that turns in its caliper swings further than this either way, mm [D]. */
const PLAUSIBLE_RUNOUT_MM = 3;

/** Points of a whole turn below which nothing is proven, whatever the shop takes [D]. */
export const RUNOUT_PROVEN_POINTS = 8;

export interface RunoutMeasurement {
  gauge: Gauge;
  measuredOn: string;
  pointCount: number;
  /** Reading at each point in turn, mm, positive toward the indicator; null while it is not read. */
  readingsMm: readonly (number | null)[];
  /** Points whose repeats differ by more than the indicator explains. */
  differing?: readonly Differing[];
  /** From the axle to the indicator, mm; null when nobody took it. */
  radiusMm: number | null;
}

export interface RunoutVerdict {
  word: Word;
  reasons: Reason[];
  settle: Settle[];
  /** Total indicator reading: max − min, mm; null below two readings. */
  tirMm: number | null;
  doubtMm: number;
  band: RunoutBand | null;
  /** What its shape says; null until the turn is complete. */
  meaning: RunoutMeaning | null;
  morePointsWanted: boolean;
}

/** Returns an indicator reading that can be one; throws InputError `implausible`. */
export function plausibleRunoutReading(readingMm: number): number {
  if (!Number.isFinite(readingMm)) throw new InputError('not-a-number', 'reading');
  if (Math.abs(readingMm) > PLAUSIBLE_RUNOUT_MM)
    throw new InputError('implausible', 'reading', {
      leastMm: -PLAUSIBLE_RUNOUT_MM,
      mostMm: PLAUSIBLE_RUNOUT_MM,
    });
  return readingMm;
}

/**
 * The verdict on a rotor's wobble. The bands' ends are inclusive; the indicator's doubt is added before the total may
 * be "good"; a turn that is not complete, or an indicator out of calibration, may condemn and never pass.
 */
export function runoutVerdict(
  measurement: RunoutMeasurement,
  bands: RunoutBands = USUAL_RUNOUT_BANDS,
): RunoutVerdict {
  const { gauge, pointCount, radiusMm } = measurement;
  const readUm = measurement.readingsMm.flatMap((mm) => (mm === null ? [] : [micrometres(mm)]));
  const complete = readUm.length === pointCount && pointCount >= RUNOUT_PROVEN_POINTS;
  const doubtMm = gauge.uncertaintyMm;
  const tirUm = readUm.length < 2 ? null : Math.max(...readUm) - Math.min(...readUm);
  const band = tirUm === null ? null : bandOf(tirUm, micrometres(doubtMm), bands);
  const shape = complete ? runoutMeaning(readUm.map(millimetres), radiusMm) : null;

  const flaws: Reason[] = [
    ...(complete
      ? []
      : [
          {
            code: 'too-few-points',
            have: readUm.length,
            need: Math.max(pointCount, RUNOUT_PROVEN_POINTS),
          } satisfies Reason,
        ]),
    ...flawsOfRepeats(measurement.differing),
    ...flawOfCalibration(gauge, measurement.measuredOn),
  ];
  const tirMm = tirUm === null ? null : millimetres(tirUm);
  const why: Reason[] =
    band === null ? [] : [{ code: 'runout', band, tirMm: tirMm!, doubtMm, ...bands }];
  const decide = (word: Word, reasons: Reason[]): RunoutVerdict => ({
    word,
    reasons,
    settle: word === 'unproven' ? settledBy(reasons) : [],
    tirMm,
    doubtMm,
    band,
    meaning: shape?.meaning ?? null,
    morePointsWanted: shape?.morePointsWanted ?? false,
  });
  if (band === 'replace') return decide('replace', why);
  if (flaws.length > 0 || band === null) return decide('unproven', flaws);
  return decide(band === 'good' ? 'holds' : 'watch', why);
}

function bandOf(tirUm: number, doubtUm: number, bands: RunoutBands): RunoutBand {
  if (tirUm > micrometres(bands.trueMm)) return 'replace';
  if (tirUm > micrometres(bands.watchMm)) return 'true';
  return tirUm + doubtUm <= micrometres(bands.goodMm) ? 'good' : 'watch';
}

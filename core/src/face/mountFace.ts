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
import { InputError, positive } from '../inputError';

/** Above this the face is dressed, degrees [D]. */
export const DRESS_ABOVE_DEGREES = 0.2;

export interface FaceMeasurement {
  gauge: Gauge;
  measuredOn: string;
  /** Feeler gap under one lug with the other bolt snug, mm; null while it is not measured. */
  gapMm: number | null;
  differing?: readonly Differing[];
  /** Between the two bolts, mm. */
  spacingMm: number | null;
  /** From the bolts' line to the pad's edge, mm; null leaves the pad's movement unsaid. */
  padOffsetMm: number | null;
}

export interface FaceVerdict {
  word: Word;
  reasons: Reason[];
  settle: Settle[];
  angleDegrees: number | null;
  /** How far the face moves the pad's edge, mm. */
  padEdgeMm: number | null;
}

/**
 * The angle a mount face stands out of square: atan(g/s).
 * @param gapMm feeler gap, mm, zero or more
 * @param spacingMm between the bolts, mm
 * @returns degrees
 * @example mountAngle(0.25, 74.2) // 0.193
 */
export function mountAngle(gapMm: number, spacingMm: number): number {
  if (!Number.isFinite(gapMm)) throw new InputError('not-a-number', 'gap');
  if (gapMm < 0) throw new InputError('negative', 'gap');
  return (Math.atan(gapMm / positive(spacingMm, 'spacing')) * 180) / Math.PI;
}

/** How far a face that stands out by this angle moves the pad's edge, mm. @param padOffsetMm from the bolts' line to it, mm */
export function padEdgeShift(angleDegrees: number, padOffsetMm: number): number {
  return padOffsetMm * Math.tan((angleDegrees * Math.PI) / 180);
}

/** The verdict on a mount face: over {@link DRESS_ABOVE_DEGREES} dress it; the feeler's doubt is added before it may hold. */
export function faceVerdict(measurement: FaceMeasurement): FaceVerdict {
  const { gauge, gapMm, spacingMm, padOffsetMm } = measurement;
  if (gapMm === null || spacingMm === null) {
    const missing = gapMm === null ? 'gap' : 'spacing';
    const reasons: Reason[] = [{ code: 'missing-number', place: missing }];
    return {
      word: 'unproven',
      reasons,
      settle: settledBy(reasons),
      angleDegrees: null,
      padEdgeMm: null,
    };
  }
  const angleDegrees = mountAngle(gapMm, spacingMm);
  const padEdgeMm = padOffsetMm === null ? null : padEdgeShift(angleDegrees, padOffsetMm);
  const decide = (word: Word, reasons: Reason[]): FaceVerdict => ({
    word,
    reasons,
    settle: word === 'unproven' ? settledBy(reasons) : [],
    angleDegrees,
    padEdgeMm,
  });
  const why: Reason = { code: 'mount-angle', angleDegrees, mostDegrees: DRESS_ABOVE_DEGREES };
  if (angleDegrees > DRESS_ABOVE_DEGREES) return decide('watch', [why]);
  const flaws = [
    ...flawOfCalibration(gauge, measurement.measuredOn),
    ...flawsOfRepeats(measurement.differing),
  ];
  if (flaws.length > 0) return decide('unproven', flaws);
  const atMost = mountAngle(gapMm + gauge.uncertaintyMm, spacingMm);
  return atMost > DRESS_ABOVE_DEGREES
    ? decide('unproven', [
        { code: 'angle-in-doubt', angleDegrees: atMost, mostDegrees: DRESS_ABOVE_DEGREES },
      ])
    : decide('holds', [why]);
}

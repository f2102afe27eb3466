import { windowAtWrench, type Crowfoot } from './crowfoot';
import { fastenerRule, type FastenerId } from './fasteners';
import { isMarked, nextTurn, passesOf, type Pass, type PassMark } from './sequence';
import type { ThreadTreatment } from './thread';
import type { TorqueWindow } from './window';
import {
  clickSetting,
  LEAST_SHARE_OF_SCALE,
  readingStands,
  wrenchInCalibration,
  type Wrench,
} from './wrench';

/** The gaps at both ends of a clamp, mm. */
export interface ClampGaps {
  oneMm: number;
  otherMm: number;
}

/** How far the two gaps of a clamp may differ, mm [D]. */
const GAPS_DIFFER_MM = 0.2;

/** Whether the gaps at both ends of a clamp are equal. */
export const areGapsEqual = ({ oneMm, otherMm }: ClampGaps): boolean =>
  Math.abs(oneMm - otherMm) <= GAPS_DIFFER_MM + 1e-9;

/** A tightening as it was done. */
export interface Tightening {
  fastener: FastenerId;
  boltCount: number;
  window: TorqueWindow;
  /** The wrench as it stood before the first click of this tightening. */
  wrench: Wrench;
  crowfoot: Crowfoot | null;
  setNm: number;
  treatment: ThreadTreatment;
  /** What the sheet asks for on the thread. */
  treatmentAsked: ThreadTreatment;
  marks: readonly PassMark[];
  /** As felt last; null where nobody looked. */
  gaps: ClampGaps | null;
  /** Day of the tightening, `yyyy-mm-dd`. */
  doneOn: string;
}

export type ProofFlaw =
  | 'passes-open'
  | 'wrench-out-of-calibration'
  | 'setting-outside-window'
  | 'over-torqued'
  | 'gaps-open'
  | 'gaps-unequal'
  | 'torque-from-memory'
  | 'passes-out-of-order'
  | 'other-treatment'
  | 'below-scale';

/** Passes that go to the full torque: with a reading wrench each turn of them is read. */
export const FULL_PASSES: ReadonlySet<Pass> = new Set(['full', 'verify']);

type Turned = Pick<Tightening, 'boltCount' | 'window' | 'wrench' | 'crowfoot'>;

/** How one confirmation stands: in the window or not, or `unmeasured` where a reading wrench showed nothing. */
export function markStands(
  { window, wrench, crowfoot }: Turned,
  mark: PassMark,
): 'in' | 'under' | 'over' | 'unmeasured' {
  if (wrench.kind === 'click' || !FULL_PASSES.has(mark.pass)) return 'in';
  if (mark.measuredNm === null || mark.bolt === null) return 'unmeasured';
  return readingStands(windowAtWrench(window, crowfoot), wrench, mark.measuredNm);
}

/** The confirmations that count: with a reading wrench those in the window, bolt by bolt. */
export function countingMarks(tightening: Turned & { marks: readonly PassMark[] }): PassMark[] {
  return tightening.marks.filter((mark) => markStands(tightening, mark) === 'in');
}

/**
 * Whether a tightening is proven: every bolt through every pass, with a wrench in calibration, set or read where
 * its whole tolerance stays inside the window, and the gaps of a clamp equal. A tightening with an overdue wrench is
 * recorded and stays unproven until repeated.
 * @returns the flaws; none means proven.
 */
export function flawsOfProof(tightening: Tightening): ProofFlaw[] {
  const flaws: ProofFlaw[] = [];
  const { boltCount, wrench, window, setNm, gaps } = tightening;
  if (!nextTurn(boltCount, countingMarks(tightening)).done) flaws.push('passes-open');
  if (!wrenchInCalibration(wrench, tightening.doneOn)) flaws.push('wrench-out-of-calibration');
  if (wrench.kind === 'click') {
    const setting = clickSetting(windowAtWrench(window, tightening.crowfoot), wrench);
    if (setting.code !== 'set' || setNm < setting.loNm - 1e-9 || setNm > setting.hiNm + 1e-9)
      flaws.push('setting-outside-window');
  }
  if (tightening.marks.some((mark) => markStands(tightening, mark) === 'over'))
    flaws.push('over-torqued');
  if (fastenerRule(tightening.fastener).clamp) {
    if (gaps === null) flaws.push('gaps-open');
    else if (!areGapsEqual(gaps)) flaws.push('gaps-unequal');
  }
  if (window.tag === 'M') flaws.push('torque-from-memory');
  if (outOfOrder(tightening)) flaws.push('passes-out-of-order');
  if (!isTreatedAsAsked(tightening)) flaws.push('other-treatment');
  const least = wrench.maxNm * LEAST_SHARE_OF_SCALE;
  if (
    wrench.kind === 'reading' &&
    tightening.marks.some(
      ({ pass, measuredNm }) =>
        FULL_PASSES.has(pass) && measuredNm !== null && measuredNm < least - 1e-9,
    )
  )
    flaws.push('below-scale');
  return flaws;
}

/** Whether a bolt was taken to a pass before every bolt was through the one before it. */
function outOfOrder(tightening: Turned & { marks: readonly PassMark[] }): boolean {
  const passes = passesOf(tightening.boltCount);
  const counted = countingMarks(tightening);
  return counted.some((mark, i) => {
    const before = passes[passes.indexOf(mark.pass) - 1];
    if (before === undefined) return false;
    const earlier = counted.slice(0, i);
    return Array.from({ length: tightening.boltCount }, (_, bolt) => bolt + 1).some(
      (bolt) => !isMarked(earlier, before, bolt),
    );
  });
}

/** New bolts that come with threadlocker on them are what a sheet that asks for threadlocker means [P]. */
function isTreatedAsAsked({ treatment, treatmentAsked }: Tightening): boolean {
  return (
    treatment === treatmentAsked ||
    (treatment === 'new-coated' && treatmentAsked === 'medium-threadlocker') ||
    // Carbon takes paste instead of grease [P].
    (treatment === 'carbon-paste' && treatmentAsked === 'grease')
  );
}

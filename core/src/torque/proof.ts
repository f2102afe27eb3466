import { nextTurn, type PassMark } from './sequence';
import type { ThreadTreatment } from './thread';
import type { TorqueWindow } from './window';
import { clickSetting, wrenchInCalibration, type Wrench } from './wrench';

/** A tightening as it was done. */
export interface Tightening {
  boltCount: number;
  window: TorqueWindow;
  /** The wrench as it stood before the first click of this tightening. */
  wrench: Wrench;
  setNm: number;
  treatment: ThreadTreatment;
  marks: readonly PassMark[];
  /** Day of the tightening, `yyyy-mm-dd`. */
  doneOn: string;
}

export type ProofFlaw =
  'passes-open' | 'wrench-out-of-calibration' | 'setting-outside-window' | 'torque-from-memory';

/**
 * Whether a tightening is proven: every bolt through every pass, with a wrench in calibration, set where
 * its whole tolerance stays inside the window. A tightening with an overdue wrench is recorded and stays
 * unproven until repeated.
 * @returns the flaws; none means proven.
 */
export function flawsOfProof(tightening: Tightening): ProofFlaw[] {
  const flaws: ProofFlaw[] = [];
  if (!nextTurn(tightening.boltCount, tightening.marks).done) flaws.push('passes-open');
  if (!wrenchInCalibration(tightening.wrench, tightening.doneOn))
    flaws.push('wrench-out-of-calibration');
  const setting = clickSetting(tightening.window, tightening.wrench);
  const { setNm } = tightening;
  if (setting.code !== 'set' || setNm < setting.loNm - 1e-9 || setNm > setting.hiNm + 1e-9)
    flaws.push('setting-outside-window');
  if (tightening.window.tag === 'M') flaws.push('torque-from-memory');
  return flaws;
}

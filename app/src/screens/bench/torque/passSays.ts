import type { FastenerId } from '@hold-fast/core/torque/fasteners';
import type { Pass } from '@hold-fast/core/torque/sequence';
import { passShare } from '@hold-fast/core/torque/sequence';
import type { Figures } from '@hold-fast/core/rules/figures';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';

/** What the key says that confirms a pass, or one bolt of it. */
export function actionOf(pass: Pass, whole: boolean, boltCount: number): string {
  if (!whole) return jobWords.torque.itClicked;
  if (boltCount === 1) return pass === 'snug' ? jobWords.torque.snug : jobWords.torque.itClicked;
  return pass === 'snug' ? jobWords.torque.allFingerTight : jobWords.torque.allClicked;
}

/** What to do at this bolt, in this pass. */
export function instructionOf(
  pass: Pass,
  position: number,
  across: boolean,
  boltCount: number,
  fastener: FastenerId,
  figures: Figures,
): string {
  if (boltCount === 1)
    return pass === 'snug'
      ? fastener === 'rotor-lockring'
        ? jobWords.torque.startTheLockringByHand
        : jobWords.torque.startItSquareByHand
      : jobWords.torque.turnItUntilItClicks;
  if (pass === 'snug') return jobWords.torque.allBoltsFingerTightIn;
  if (pass === 'half') {
    const share = words.format.percent(passShare(pass, figures)!);
    return boltCount === 2
      ? jobWords.torque.quarterTurnsOneAndThe(share)
      : jobWords.torque.everyBoltToHalfIn(share);
  }
  if (pass === 'verify') return jobWords.torque.onceMoreRoundInThe;
  if (boltCount === 2) return jobWords.torque.boltQuarterTurnsOneAnd(position + 1);
  return jobWords.torque.bolt(
    position + 1,
    across ? jobWords.torque.straightAcrossFromTheLast : '.',
  );
}

import { isJustCentred, type BrakeState, type Hands } from '../plan/state';
import { stepRule, type StepId } from './steps';

/**
 * The rules that no plan and no mechanic's skip may break, numbered as the trade's handbook has them; rule 10, of
 * signing off, is in signOff. Common practice [P]. They are stated apart from the steps' own needs, so that one can be
 * held against the other.
 */
export const BENCH_RULES = {
  1: 'no lever pull with the pads out unless something holds the pistons, no hard one with a clamp loose',
  2: 'no pads or rotor within reach of open fluid',
  3: 'the nipple is shut before the lever is released, and before a syringe comes off',
  4: 'block, spacer and tool are out before the wheel turns',
  5: 'everything opened is shut',
  6: 'an opened joint gets new seals, a cut hose a new barb',
  7: 'pistons home before new pads',
  8: 'aligned before final torque and the torque at once, torque before the stand test, the stand test before any ride, bedding-in last',
  9: 'hands and bench clean between fluid and pads',
} as const;
export type BenchRule = keyof typeof BENCH_RULES;

/** One step in the state it is done in. */
interface Done {
  step: StepId;
  before: BrakeState;
  after: BrakeState;
  hands: Hands;
}

/** The first rule that this step would break here, or null. */
export function ruleBroken({ step, before, after, hands }: Done): BenchRule | null {
  const { acts } = stepRule(step);
  const does = (act: (typeof acts)[number]) => acts.includes(act);
  const hung = before.wheel === 'off' || before.caliper === 'off';
  if (does('pulls-lever')) {
    if (before.pads === 'out' && before.between === 'nothing' && !does('measured-pull')) return 1;
    if (before.hoseAtLever === 'open' || before.hoseAtCaliper === 'open') return 1;
    if (does('pulls-hard') && before.leverClamp !== 'tight') return 1;
    const air = before.nipple === 'open' && !does('shut-in-itself') && !does('pulls-under-fluid');
    if (air) return 3;
  }
  if (does('opens-at-caliper') && !(before.pads === 'out' && hung)) return 2;
  if (does('opens-at-lever') && !(hung && (before.pads === 'out' || before.between === 'spacer')))
    return 2;
  if (after.pads === 'in' && before.pads === 'out') {
    if (after.port === 'open' || after.nipple === 'open') return 2;
    if (after.hoseAtCaliper === 'open' || after.hoseAtLever === 'open') return 2;
  }
  if ((before.between === 'block') !== (after.between === 'block') && after.between === 'nothing')
    if (before.nipple === 'open' || before.port === 'open') return 3;
  if (does('turns-wheel') && after.between !== 'nothing') return 4;
  const joined = {
    lever: before.hoseAtLever === 'open' && after.hoseAtLever === 'joined',
    caliper: before.hoseAtCaliper === 'open' && after.hoseAtCaliper === 'joined',
  };
  if (does('joins-hose') && joined.lever && before.sealAtLever !== 'renewed') return 6;
  if (does('joins-hose') && joined.caliper && before.sealAtCaliper !== 'renewed') return 6;
  if (does('joins-hose') && before.barb === 'spent') return 6;
  if (does('fits-new-pads') && before.pistons !== 'home') return 7;
  if (step === 'torque-caliper' && !before.aligned) return 8;
  if (step !== 'torque-caliper' && isJustCentred(before)) return 8;
  if (does('stand-test') && !(before.torqued && before.rotorTorqued && before.caliper === 'tight'))
    return 8;
  if (does('stand-test') && isOpen(before)) return 5;
  if (does('rides') && !before.standTested) return 8;
  if (does('touches-clean-parts') && hands !== 'clean') return 9;
  return null;
}

/** Something of the brake stands open: a port, a nipple, a joint, a clamp. */
export function isOpen(state: BrakeState): boolean {
  return (
    state.port === 'open' ||
    state.nipple === 'open' ||
    state.hoseAtCaliper === 'open' ||
    state.hoseAtLever === 'open' ||
    state.cable === 'open' ||
    state.leverClamp !== 'tight' ||
    state.system === 'opened' ||
    state.drained
  );
}

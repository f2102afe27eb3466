import type { FastenerId } from '../torque/fasteners';
import type { StepId } from './steps';

/** What of a brake says which fasteners it has. */
export interface FastenedBrake {
  mount: 'post' | 'flat' | 'is';
  hold: 'six-bolt' | 'lockring';
}

/** What holds the caliper: an IS mount carries a post-mount caliper on its adapter. */
export const caliperBolts = ({ mount }: Pick<FastenedBrake, 'mount'>): FastenerId =>
  mount === 'flat' ? 'caliper-flat' : 'caliper-post';
export const rotorHold = ({ hold }: Pick<FastenedBrake, 'hold'>): FastenerId =>
  hold === 'lockring' ? 'rotor-lockring' : 'rotor-bolts';

/** The fastener a step of the plan brings to its torque, or null. */
export function fastenedBy(step: StepId, brake: FastenedBrake): FastenerId | null {
  switch (step) {
    case 'torque-caliper':
      return caliperBolts(brake);
    case 'torque-rotor':
      return rotorHold(brake);
    case 'lever-tighten':
      return 'lever-clamp';
    case 'join-at-lever':
      return 'hose-nut-lever';
    case 'join-at-caliper':
    case 'join-off-frame':
      return 'hose-nut-caliper';
    case 'adapter-on':
      return 'adapter-is';
    case 'new-cable-in':
      return 'pinch-bolt';
    default:
      return null;
  }
}

/** Steps after which a fastener's old torque counts no more. */
const LOOSENED_BY: Partial<Record<FastenerId, readonly StepId[]>> = {
  'caliper-post': ['caliper-loosen', 'caliper-off', 'new-brake-on', 'new-caliper-on'],
  'caliper-flat': ['caliper-loosen', 'caliper-off', 'new-brake-on', 'new-caliper-on'],
  'rotor-bolts': ['rotor-off'],
  'rotor-lockring': ['rotor-off'],
  'lever-clamp': ['lever-loosen', 'lever-off-bar', 'strip-brake', 'new-brake-on'],
  'hose-nut-lever': ['open-at-lever', 'cut-hose', 'new-brake-on'],
  'hose-nut-caliper': ['open-at-caliper', 'new-caliper-on'],
  'adapter-is': [],
  'pinch-bolt': ['cable-out'],
};

/** A step of a plan as it was done at one end, by its place in the order of everything written to the job. */
export interface DoneAt {
  seq: number;
  step: StepId;
}

/**
 * Fasteners that the steps done at one end brought to their torque and that nobody recorded since they were last loose.
 * @param done steps done at this end, in order
 * @param tightened what was tightened at this end, by when it was begun
 */
export function unrecorded(
  brake: FastenedBrake,
  done: readonly DoneAt[],
  tightened: readonly { fastener: FastenerId; seq: number }[],
): FastenerId[] {
  const claimed = new Set(done.flatMap(({ step }) => fastenedBy(step, brake) ?? []));
  return [...claimed].filter((fastener) => {
    const loosened = done.filter(({ step }) => LOOSENED_BY[fastener]?.includes(step)).at(-1);
    return !tightened.some((each) => each.fastener === fastener && each.seq > (loosened?.seq ?? 0));
  });
}

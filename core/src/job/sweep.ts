import type { End } from '../ends';
import { toldOf, type Told } from './told';
import { isRadialWithin, type Unswept } from '../mount/radial';
import { changedSince, changesAt, lapsedSince, type ChangedJob } from '../evidence/changes';
import { standingSteps } from '../evidence/stepped';
import type { Touch } from '../evidence/touch';
import { stepRule } from '../procedure/steps';

/** What moves the pads nearer the axle or away from it. */
const MOVES: readonly Touch[] = ['mount', 'rotor', 'caliper-changed'];

type SweptJob = ChangedJob & { told: readonly Told[] };

/**
 * Whether the pads sweep the track wholly, by what was measured and seen at this visit. A ring off the edge is answered by e
 * measured within its target after it, and a ring seen after that; e outside its target by another within it, after something
 * was moved [D].
 */
export function unsweptAt(job: SweptJob, end: End): Unswept | null {
  const changes = changesAt(job, end);
  const measured = toldOf(job, 'radial', end);
  const last = measured.at(-1);
  const outside = measured.filter(({ eMm }) => !isRadialWithin(eMm)).at(-1);
  if (outside) {
    const moved = changedSince(changes, outside.seq, MOVES);
    const within = measured.some(
      ({ seq, eMm }) => moved !== null && seq > moved.seq && isRadialWithin(eMm),
    );
    if (!within) return 'outside';
  }
  const rings = toldOf(job, 'witness', end);
  const off = rings.filter(({ ring }) => ring === 'off-the-edge').at(-1);
  if (off) {
    const again = measured.find(({ seq, eMm }) => seq > off.seq && isRadialWithin(eMm));
    if (!again || !rings.some(({ seq }) => seq > again.seq)) return 'off-the-edge';
  }
  if (last) return lapsedSince(changes, last.seq, MOVES) ? 'moved' : null;
  const isAsked = standingSteps(job).some(
    ({ step, end: at, outcome }) =>
      at === end &&
      outcome === 'done' &&
      step !== 'wash-hands' &&
      stepRule(step).numbers.includes('radial'),
  );
  return isAsked ? 'unmeasured' : null;
}

import type { End } from '../ends';
import { toldOf, type Told } from '../job/told';
import { isRadialWithin } from '../mount/radial';
import { changedSince, changesAt, type ChangedJob } from './changes';
import type { Touch } from './touch';

/** What moves the pads nearer the axle or away from it. */
const MOVES: readonly Touch[] = ['mount', 'rotor', 'caliper-changed'];

type SweptJob = ChangedJob & { told: readonly Told[] };

/** How the pads sweep the track at an end: what of it is not in order, or null. */
export type Unswept =
  /** e was measured, and lies outside the target. */
  | 'outside'
  /** The witness ring runs off the edge, and nobody measured e and looked at the ring again since. */
  | 'off-the-edge'
  /** Measured, and something was moved since. */
  | 'moved';

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
  return last && changedSince(changes, last.seq, MOVES) ? 'moved' : null;
}

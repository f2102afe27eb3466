import { InputError, positive } from '../inputError';

/** What a thread is cut in. */
export const THREADED_IN = ['steel', 'aluminium'] as const;
export type ThreadedIn = (typeof THREADED_IN)[number];

/** Least engagement by diameters of the bolt: 1 in steel, 1.5 in aluminium [P]. */
const DIAMETERS: Readonly<Record<ThreadedIn, number>> = { steel: 1, aluminium: 1.5 };

/** Diameters, mm, and the taps that clear paint out of their holes, of the bolts of a mount [P]. */
export const BOLTS = { M5: { mm: 5, tap: 'M5 × 0.8' }, M6: { mm: 6, tap: 'M6 × 1' } } as const;
export type BoltSize = keyof typeof BOLTS;

/**
 * The least thread a bolt has to stand in, mm.
 * @example engagementMm('M6', 'aluminium') // 9
 */
export const engagementMm = (bolt: BoltSize, threadedIn: ThreadedIn): number =>
  DIAMETERS[threadedIn] * BOLTS[bolt].mm;

/**
 * How long a bolt may be: what it passes through and the thread it needs, and no longer than the hole is deep, or it bottoms out
 * and clamps nothing [P].
 * @param throughMm what the bolt passes through: caliper, plate, washers, stay, mm
 * @param depthMm depth of the threaded hole, mm; null where it goes through
 * @throws InputError `not-positive`, `too-shallow` where no bolt can be both long and short enough
 */
export function boltLength(
  bolt: BoltSize,
  threadedIn: ThreadedIn,
  throughMm: number,
  depthMm: number | null,
): { leastMm: number; mostMm: number | null } {
  const through = positive(throughMm, 'through');
  const leastMm = through + engagementMm(bolt, threadedIn);
  const mostMm = depthMm === null ? null : through + positive(depthMm, 'depth');
  if (mostMm !== null && mostMm < leastMm)
    throw new InputError('too-shallow', 'depth', { leastMm, mostMm });
  return { leastMm, mostMm };
}

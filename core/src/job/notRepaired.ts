import { isSameThing, type Thing } from '../inspection/inspected';
import { hangsOn, type Bar } from '../procedure/signOff';

/** A bike that leaves as it is: what was said, and who took it away. */
export interface NotRepaired {
  words: string;
  takenBy: string;
}

/**
 * What hangs on a bike as a do-not-ride when its job is closed and it was not repaired: everything that would have barred its
 * sign-off, each thing once. It opens the next visit, and only an answer lifts it [D].
 */
export function hangsUnrepaired(bars: readonly Bar[]): Thing[] {
  const things = bars.flatMap((bar) => hangsOn(bar) ?? []);
  return things.filter((thing, i) => things.findIndex((other) => isSameThing(thing, other)) === i);
}

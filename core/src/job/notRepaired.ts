import { isSameThing, type Subject, type Thing } from '../inspection/inspected';
import type { Bar } from '../procedure/signOff';

/** A bike that leaves as it is: what was said, and who took it away. */
export interface NotRepaired {
  words: string;
  takenBy: string;
}

/** What of a brake each bar is about, so that it hangs on the bike; null of what is asked anew at every visit. */
function subjectOf(bar: Bar): Subject | null {
  switch (bar.code) {
    case 'do-not-ride':
    case 'still-tagged':
    case 'replace-open':
    case 'unproven-open':
    case 'refused-before':
      return bar.subject;
    case 'lever-untested':
    case 'bubbles-last':
    case 'bleed-unrecorded':
    case 'cut-off-failed':
      return 'lever';
    case 'torque-unproven':
      return 'bolts';
    case 'bite-not-risen':
      return 'pads';
    case 'stand-untested':
    case 'work-open':
    case 'unseconded':
    case 'check-open':
    case 'unswept':
    case 'reckoned-against':
      return 'caliper';
    // A notice meets the bike at its next visit by itself.
    case 'away':
    case 'stay-unsaid':
    case 'notice-open':
    case 'sheet-revised':
    case 'watch-untold':
    case 'lever-side-unconfirmed':
    case 'cut-off-untested':
      return null;
  }
}

/**
 * What hangs on a bike as a do-not-ride when its job is closed and it was not repaired: everything that would have barred its
 * sign-off, each thing once. It opens the next visit, and only an answer lifts it [D].
 */
export function hangsUnrepaired(bars: readonly Bar[]): Thing[] {
  const things = bars.flatMap((bar) => {
    const subject = subjectOf(bar);
    return subject && 'end' in bar ? [{ end: bar.end, subject }] : [];
  });
  return things.filter((thing, i) => things.findIndex((other) => isSameThing(thing, other)) === i);
}

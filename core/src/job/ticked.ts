import type { End } from '../ends';
import { changesAt, type ChangedJob } from '../evidence/changes';
import { checkRule, type Check } from '../procedure/checks';
import type { Tick } from '../procedure/finalCheck';
import { fault, type EntryBase } from './entry';
import { tells } from './told';
import { checksAt } from './visit';

/** Something ticked by name at the final check. */
export interface TickedEntry extends EntryBase {
  kind: 'ticked';
  end: End;
  check: Check;
  outcome: Tick;
  /** Of a yes after a no: what was done about it; of what is not fitted: why there is none. */
  words: string;
}

declare module './told' {
  interface ToldEntries {
    ticked: TickedEntry;
  }
}

/** Whether a brake may have none of a thing that is ticked: what was put back at this visit is there. */
export const mayBeAbsent = (job: ChangedJob, end: End, check: Check): boolean =>
  checkRule(check).mayBeAbsent(changesAt(job, end).flatMap(({ touches }) => touches));

export const ticked = tells<TickedEntry>('ticked', {
  whose: 'bench',
  registers: [],
  stays: ({ outcome }) => outcome === 'failed',
  fault: (job, { end, check, outcome, words }) => {
    if (!checksAt(job, end).some((each) => each.check === check))
      return fault('invalid-input', 'check', 'not-asked');
    if (outcome !== 'not-fitted') return null;
    if (!mayBeAbsent(job, end, check)) return fault('invalid-input', 'outcome', 'always-fitted');
    return words === '' ? fault('invalid-input', 'words', 'say-why-none') : null;
  },
});

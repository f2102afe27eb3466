import type { Outcome } from '../evidence/outcome';
import { checksAt } from '@hold-fast/core/job/visit';
import type { End } from '../ends';
import type { Check } from '../procedure/finalCheck';
import { fault, type EntryBase } from './entry';
import { tells } from './told';

/** Something ticked by name at the final check. */
export interface TickedEntry extends EntryBase {
  kind: 'ticked';
  end: End;
  check: Check;
  outcome: Outcome;
  /** Of a yes after a no: what was done about it. */
  words: string;
}

export const ticked = tells<TickedEntry>('ticked', 'bench', (job, { end, check }) =>
  checksAt(job, end).some((each) => each.check === check)
    ? null
    : fault('invalid-input', 'check', 'not-asked'),
);

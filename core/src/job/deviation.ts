import type { End } from '../ends';
import type { Decider, Deviation, DeviationChoice } from '../deviation/deviations';
import type { EntryBase } from './entry';
import { leavesModified } from '../evidence/modified';
import { tells } from './told';

/** What is not as its maker meant it, and who decided what becomes of it. */
export interface DeviationEntry extends EntryBase {
  kind: 'deviation';
  end: End;
  deviation: Deviation;
  words: string;
  measured: string;
  choice: DeviationChoice;
  decidedBy: Decider;
  who: string;
  /** The risk was read out to whoever decided. */
  riskTold: true;
}

declare module './told' {
  interface ToldEntries {
    deviation: DeviationEntry;
  }
}

export const deviation = tells<DeviationEntry>('deviation', {
  whose: 'bench',
  registers: [],
  stays: ({ deviation: what, choice }) => leavesModified(what, choice),
});

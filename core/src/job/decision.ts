import type { DecisionKind } from '../evidence/decidable';
import type { Subject } from '../inspection/inspected';
import type { End } from '../ends';
import type { EntryBase, Kept, Kind } from './entry';

/**
 * A lead accepts "unproven"; the customer refuses to have a "replace" replaced; what was read or found before was seen
 * wrong; a lead keeps the sheet a job goes by though it was revised. With words, under a PIN, never from the waiting list.
 */
export interface DecisionEntry extends EntryBase {
  kind: 'decision';
  end: End;
  subject: Subject;
  decision: DecisionKind;
  words: string;
  /** The shop's rules it was made under. */
  rulesVersion: number;
  /** A lead's word. */
  byLead: boolean;
  /** The newer revision of the sheet that is not taken; null of every other decision. */
  keeps: string | null;
}

declare module './job' {
  interface Facts {
    decided: (Kept<DecisionEntry> & { seq: number })[];
  }
}

export const decision: Kind<DecisionEntry> = {
  kind: 'decision',
  whose: 'bench',
  registers: [],
  add: (facts, { kind: _kind, ...decided }, _known, { seq, by }) => ({
    ...facts,
    decided: [...facts.decided, { ...decided, seq, by }],
  }),
};

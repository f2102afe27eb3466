import type { Outcome } from '../evidence/outcome';
import type { End } from '../ends';
import { fault, type EntryBase, type Kept, type Kind } from './entry';

export const TESTS = ['lever-side', 'lever-feel', 'cut-off', 'stand'] as const;

/** A test of the final check. `end` names the brake whose lever was felt or cut the motor, or that was tried on the stand; null for the whole bike. */
export interface TestEntry extends EntryBase {
  kind: 'test';
  test: (typeof TESTS)[number];
  end: End | null;
  outcome: Outcome;
  /** Of a yes after a no: what was done about it, or why the no was wrong. */
  words: string;
}

declare module './job' {
  interface Facts {
    tested: (Kept<TestEntry> & { seq: number })[];
  }
}

export const test: Kind<TestEntry> = {
  kind: 'test',
  whose: 'bench',
  registers: [],
  fault: (_job, entry) =>
    (entry.test !== 'lever-side') === (entry.end !== null)
      ? null
      : fault('invalid-input', 'end', 'wrong-end'),
  add: (facts, { kind: _kind, ...tested }, _known, { seq, by }) => ({
    ...facts,
    tested: [...facts.tested, { ...tested, seq, by }],
  }),
};

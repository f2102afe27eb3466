import type { End } from '../ends';
import { workRule, type Work } from '../inspection/work';
import { fileFault } from './makerAnswer';
import { fault, type EntryBase, type Kept, type Kind } from './entry';

/** Work done at one end that no step of the plan says, with what was done. */
export interface RepairEntry extends EntryBase {
  kind: 'repair';
  end: End;
  work: Work;
  words: string;
}

declare module './job' {
  interface Facts {
    /** Work that no step of the plan says. */
    repaired: (Kept<RepairEntry> & { seq: number })[];
  }
}

export const repair: Kind<RepairEntry> = {
  kind: 'repair',
  whose: 'bench',
  registers: [],
  fault: (job, { work, end }) => {
    if (workRule(work).notByWords) return fault('invalid-input', 'work', 'not-by-words');
    const unfiled = work === 'dress-mount' ? fileFault(job, end) : null;
    return unfiled ? fault('invalid-input', 'work', unfiled) : null;
  },
  add: (facts, { kind: _kind, ...repaired }, _known, { seq, by }) => ({
    ...facts,
    repaired: [...facts.repaired, { ...repaired, seq, by }],
  }),
};

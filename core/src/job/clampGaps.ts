import { fastenerRule } from '../torque/fasteners';
import { areGapsEqual, type ClampGaps } from '../torque/proof';
import { fault, type EntryBase, type Kind } from './entry';

/** The gaps at both ends of a clamp once it is tight, mm. */
export interface ClampGapsEntry extends EntryBase, ClampGaps {
  kind: 'clamp-gaps';
  tighteningId: string;
}

export const clampGaps: Kind<ClampGapsEntry> = {
  kind: 'clamp-gaps',
  whose: 'bench',
  registers: [],
  fault: (job, { tighteningId }) => {
    const tightened = job.tightened.find(({ id }) => id === tighteningId);
    if (!tightened) return fault('invalid-input', 'tighteningId', 'unknown');
    if (!fastenerRule(tightened.fastener).clamp)
      return fault('invalid-input', 'tighteningId', 'no-clamp');
    // What is felt of a clamp that is tightened on afterwards says nothing of it.
    if (tightened.flaws.includes('passes-open'))
      return fault('invalid-input', 'tighteningId', 'passes-first');
    // Unequal gaps fail the step [P]: feeling them again with nothing loosened is no answer.
    return tightened.gaps && !areGapsEqual(tightened.gaps)
      ? fault('invalid-input', 'oneMm', 'gaps-were-unequal')
      : null;
  },
  add: (facts, { tighteningId, oneMm, otherMm }) => ({
    ...facts,
    tightened: facts.tightened.map((each) =>
      each.id === tighteningId ? { ...each, gaps: { oneMm, otherMm } } : each,
    ),
  }),
};

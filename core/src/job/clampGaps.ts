import { fastenerRule } from '../torque/fasteners';
import type { ClampGaps } from '../torque/proof';
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
    return fastenerRule(tightened.fastener).clamp
      ? null
      : fault('invalid-input', 'tighteningId', 'no-clamp');
  },
  add: (facts, { tighteningId, oneMm, otherMm }) => ({
    ...facts,
    tightened: facts.tightened.map((each) =>
      each.id === tighteningId ? { ...each, gaps: { oneMm, otherMm } } : each,
    ),
  }),
};

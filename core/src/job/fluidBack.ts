import { familyRule } from '../fluid/families';
import { fault, type EntryBase, type Kind } from './entry';

/** Clean fluid that was never in a brake, poured back into its container, mL: mineral only. */
export interface FluidBackEntry extends EntryBase {
  kind: 'fluid-back';
  fillId: string;
  ml: number;
}

export const fluidBack: Kind<FluidBackEntry> = {
  kind: 'fluid-back',
  whose: 'bench',
  registers: ['containers'],
  fault: (job, { fillId, ml }) => {
    const filled = job.filled.find(({ id }) => id === fillId);
    if (!filled) return fault('invalid-input', 'fillId', 'unknown');
    if (!familyRule(filled.family).pouredBack)
      return fault('container-refused', 'fillId', 'not-poured-back');
    const left = filled.ml - filled.backMl;
    return ml > left ? fault('invalid-input', 'ml', 'more-than-taken', { left }) : null;
  },
  add: (facts, { fillId, ml }) => ({
    ...facts,
    filled: facts.filled.map((each) =>
      each.id === fillId ? { ...each, backMl: each.backMl + ml } : each,
    ),
  }),
};

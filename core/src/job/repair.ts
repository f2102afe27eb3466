import type { End } from '../ends';
import type { Work } from '../inspection/work';
import type { EntryBase, Kind } from './entry';

/** Work done at one end that no step of the plan says, with what was done. */
export interface RepairEntry extends EntryBase {
  kind: 'repair';
  end: End;
  work: Work;
  words: string;
}

export const repair: Kind<RepairEntry> = {
  kind: 'repair',
  add: (facts, { kind: _kind, ...repaired }, _known, { seq, by }) => ({
    ...facts,
    repaired: [...facts.repaired, { ...repaired, seq, by }],
  }),
};

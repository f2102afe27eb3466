import type { EntryBase, Kind } from './entry';
import type { Intake } from './job';

/** A change to what was taken down at check-in; both are kept. */
interface EditEntry extends EntryBase {
  kind: 'edit';
  was: Intake;
  became: Intake;
}

declare module './job' {
  interface Facts {
    /** Changes to what was taken down at check-in. */
    edited: (By & { seq: number; was: Intake; became: Intake })[];
  }
}

export const edit: Kind<EditEntry> = {
  kind: 'edit',
  whose: 'bench',
  registers: ['notices'],
  add: (facts, { at, was, became }, _known, { seq, by }) => ({
    ...facts,
    ...became,
    edited: [...facts.edited, { at, by, seq, was, became }],
  }),
};

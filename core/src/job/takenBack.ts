import { fault, type EntryBase, type Kind } from './entry';

/** Takes back something told by a slip of the hand; both stay in the record. */
export interface TakenBackEntry extends EntryBase {
  kind: 'taken-back';
  of: string;
}

export const takenBack: Kind<TakenBackEntry> = {
  kind: 'taken-back',
  fault: (job, { of }) =>
    job.told.some(({ id }) => id === of) ? null : fault('invalid-input', 'of', 'unknown'),
  add: (facts, { of, at }, _known, { by }) => ({
    ...facts,
    told: facts.told.filter(({ id }) => id !== of),
    takenBack: [...facts.takenBack, { of, at, by }],
  }),
};

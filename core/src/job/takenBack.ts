import type { EntryBase, Kind } from './entry';

/** Takes back something told by a slip of the hand; both stay in the record. */
export interface TakenBackEntry extends EntryBase {
  kind: 'taken-back';
  of: string;
}

declare module './job' {
  interface Facts {
    takenBack: (By & { of: string })[];
  }
}

export const takenBack: Kind<TakenBackEntry> = {
  kind: 'taken-back',
  whose: 'bench',
  registers: [],
  add: (facts, { of, at }, _known, { by }) => ({
    ...facts,
    told: facts.told.filter(({ id }) => id !== of),
    bled: facts.bled.map((cycle) => (cycle.id === of ? { ...cycle, takenBack: true } : cycle)),
    takenBack: [...facts.takenBack, { of, at, by }],
  }),
};

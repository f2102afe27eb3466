import { isRadialWithin } from '../mount/radial';
import type { Bike } from '../kit/bike';
import { axleOf } from '../kit/brakes';
import { isAgainst } from './reckoned';
import type { Told } from './told';
import { fault, type EntryBase, type Kind } from './entry';

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

const isSeenWrong = (bike: Bike, told: Told): boolean =>
  (told.kind === 'ticked' && told.outcome === 'failed') ||
  (told.kind === 'witness' && told.ring === 'off-the-edge') ||
  (told.kind === 'bite' && !told.rose) ||
  // A wait is over by another word on it; without one of them, two waits would be one that says where the bike was between them.
  told.kind === 'waits' ||
  (told.kind === 'stay' && told.out) ||
  (told.kind === 'radial' && !isRadialWithin(told.eMm)) ||
  (told.kind === 'reckoned' &&
    (told.what.of === 'fit' || isAgainst(axleOf(bike, told.end), told.what)));

export const takenBack: Kind<TakenBackEntry> = {
  kind: 'taken-back',
  whose: 'bench',
  registers: [],
  fault: (job, { of }) => {
    const told = job.told.find(({ id }) => id === of);
    if (!told) return fault('invalid-input', 'of', 'unknown');
    // What was seen not in order is put in order, and not unsaid.
    return isSeenWrong(job.bike, told) ? fault('invalid-input', 'of', 'failed-check') : null;
  },
  add: (facts, { of, at }, _known, { by }) => ({
    ...facts,
    told: facts.told.filter(({ id }) => id !== of),
    takenBack: [...facts.takenBack, { of, at, by }],
  }),
};

import { inspectEnd, rankOf } from '../inspection/inspectEnd';
import { barsLifted } from './bars';
import { fault, type EntryBase, type Kind } from './entry';
import type { Facts, Fitted } from './job';

/** Takes back something told, or a part written down as fitted, by a slip of the hand; both stay in the record. */
export interface TakenBackEntry extends EntryBase {
  kind: 'taken-back';
  of: string;
}

/** A part that was written down as fitted and never was on, with the place at which that was taken back. */
type NeverFitted = Fitted & { takenBack: number };

declare module './job' {
  interface Facts {
    takenBack: (By & { of: string })[];
    /** What was written down as fitted at this visit by a slip of the hand. */
    neverFitted: NeverFitted[];
  }
}

export const takenBack: Kind<TakenBackEntry> = {
  kind: 'taken-back',
  whose: 'bench',
  registers: ['usedParts'],
  fault: (job, entry) => {
    if (job.told.some(({ id }) => id === entry.of)) return null;
    const slip = slipOf(job, entry);
    if (!slip) return fault('invalid-input', 'of', 'unknown');
    const rank = (facts: typeof job) => {
      const { items } = inspectEnd(facts, slip.end);
      return rankOf(items.find(({ subject }) => subject === slip.part) ?? null);
    };
    // What it brought along is answered, and not unsaid with it; another thing is open for what is on, and that is the old part again.
    const without = { ...job, ...withoutFitting(job, slip, Number.MAX_SAFE_INTEGER) };
    const lifts = barsLifted(job, without).some((bar) => !('subject' in bar));
    return lifts || rank(without) < rank(job) ? fault('invalid-input', 'of', 'answer-first') : null;
  },
  add: (facts, entry, _known, { seq, by }) => {
    const { of, at } = entry;
    const slip = slipOf(facts, entry);
    return {
      ...facts,
      ...(slip ? withoutFitting(facts, slip, seq) : {}),
      told: facts.told.filter(({ id }) => id !== of),
      bled: facts.bled.map((cycle) => (cycle.id === of ? { ...cycle, takenBack: true } : cycle)),
      takenBack: [...facts.takenBack, { of, at, by }],
    };
  },
};

/** The part put on at this visit that an entry takes back. What is written down as found is what is there: nothing is unsaid by it [D]. */
export const canBeSlip = (
  { id }: Pick<Facts, 'id'>,
  { jobId, condition }: Pick<Fitted, 'jobId' | 'condition'>,
): boolean => jobId === id && condition !== 'found';

const slipOf = (facts: Pick<Facts, 'id' | 'fittings'>, { of }: TakenBackEntry) =>
  facts.fittings.find((each) => each.id === of && canBeSlip(facts, each));

/** The part that was on before is on. What was proven of it fell when another was said to be; what condemned it stands again [D]. */
const withoutFitting = (
  { fittings, neverFitted }: Pick<Facts, 'fittings' | 'neverFitted'>,
  slip: Fitted,
  seq: number,
) => ({
  fittings: fittings.filter((each) => each !== slip),
  neverFitted: [...neverFitted, { ...slip, takenBack: seq }],
});

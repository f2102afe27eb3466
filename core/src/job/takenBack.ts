import { inspectEnd, rankOf } from '../inspection/inspectEnd';
import { barsLifted } from './bars';
import { fault, type EntryBase, type Kind } from './entry';
import type { Facts, Fitted, Job } from './job';

/** Takes back something told, a part written down as fitted or work told in words, by a slip of the hand; all stay in the record. */
export interface TakenBackEntry extends EntryBase {
  kind: 'taken-back';
  of: string;
}

/** The place in the order of everything written at which something that never was done was taken back. */
type Slip = { takenBack: number };

declare module './job' {
  interface Facts {
    takenBack: (By & { of: string })[];
    /** What was written down as fitted at this visit, and never was on. */
    neverFitted: (Fitted & Slip)[];
    /** Work that was told in words, and never was done. */
    neverRepaired: (Facts['repaired'][number] & Slip)[];
  }
}

export const takenBack: Kind<TakenBackEntry> = {
  kind: 'taken-back',
  whose: 'bench',
  registers: ['usedParts'],
  fault: (job, { of }) => {
    if (job.told.some(({ id }) => id === of)) return null;
    const { fitted, repaired } = slipsOf(job, of);
    const slip = fitted ?? repaired;
    if (!slip) return fault('invalid-input', 'of', 'unknown');
    const without = { ...job, ...withoutSlip(job, of, Number.MAX_SAFE_INTEGER) };
    // What a part brought along is answered, and not unsaid with it; the rest is open for what is on, and that is the old part again.
    const isBettered = inspectEnd(job, slip.end)
      .items.filter(({ subject }) => !fitted || subject === fitted.part)
      .some((item) => rankOf(itemLike(item, without)) < rankOf(item));
    const lifts = barsLifted(job, without).some((bar) => !('subject' in bar));
    return isBettered || lifts ? fault('invalid-input', 'of', 'answer-first') : null;
  },
  add: (facts, { of, at }, _known, { seq, by }) => ({
    ...facts,
    ...withoutSlip(facts, of, seq),
    told: facts.told.filter(({ id }) => id !== of),
    bled: facts.bled.map((cycle) => (cycle.id === of ? { ...cycle, takenBack: true } : cycle)),
    takenBack: [...facts.takenBack, { of, at, by }],
  }),
};

type Item = ReturnType<typeof inspectEnd>['items'][number];

const itemLike = ({ end, subject }: Item, job: Omit<Job, 'bars'>): Item | null =>
  inspectEnd(job, end).items.find((each) => each.subject === subject) ?? null;

/** Whether a part can have been written down by a slip. What is written down as found is what is there: nothing is unsaid by it [D]. */
export const canBeSlip = (
  { id }: Pick<Facts, 'id'>,
  { jobId, condition }: Pick<Fitted, 'jobId' | 'condition'>,
): boolean => jobId === id && condition !== 'found';

type Slipped = Pick<Facts, 'id' | 'fittings' | 'neverFitted' | 'repaired' | 'neverRepaired'>;

const slipsOf = (facts: Slipped, of: string) => ({
  fitted: facts.fittings.find((each) => each.id === of && canBeSlip(facts, each)),
  repaired: facts.repaired.find(({ id }) => id === of),
});

/** The part that was on before is on. What was proven of it fell when another was said to be; what condemned it stands again [D]. */
function withoutSlip(facts: Slipped, of: string, takenBack: number): Omit<Slipped, 'id'> {
  const { fitted, repaired } = slipsOf(facts, of);
  return {
    fittings: facts.fittings.filter((each) => each !== fitted),
    neverFitted: [...facts.neverFitted, ...(fitted ? [{ ...fitted, takenBack }] : [])],
    repaired: facts.repaired.filter((each) => each !== repaired),
    neverRepaired: [...facts.neverRepaired, ...(repaired ? [{ ...repaired, takenBack }] : [])],
  };
}

import type { End, Part } from '../ends';
import { FITTING, workRule, type Work } from '../inspection/work';
import { onceAnEnd } from '../job/onceAnEnd';
import type { Bike } from '../kit/bike';
import { onOneLever } from '../kit/brakes';
import type { FittedAs } from '../kit/kit';
import { stepRule, type StepId } from '../procedure/steps';
import { fastenerRule, type FastenerId } from '../torque/fasteners';
import { neverDone, type NeverDoneJob } from './neverDone';
import { standingSteps } from './stepped';
import { OF_ITS_TRAVEL, OF_THE_LEVER, type Touch } from './touch';

/** What changed something of a brake, so that it can be named. */
export type ChangedBy =
  | { code: 'step'; step: StepId }
  | { code: 'fitted'; part: Part }
  | { code: 'taken-off'; part: Part }
  | { code: 'filled' }
  | { code: 'bled' }
  | { code: 'repaired'; work: Work }
  | { code: 'tightened'; fastener: FastenerId }
  | { code: 'edited' }
  | { code: 'away' };

/** A change of what is at one end, with its place in the order of everything written. */
export interface Change {
  seq: number;
  /** Where it was done: at this end, or at another on the same lever. */
  end: End;
  touches: readonly Touch[];
  /** Work it is: it can cure what was found before it. */
  cures: readonly Work[];
  by: ChangedBy;
  /** What it moves is moved, and it mends nothing: it goes on with what was begun before, or was taken back as a slip [D]. */
  mendsNothing?: 'goes-on' | 'taken-back';
}

/** What of a job says what was changed. */
export interface ChangedJob extends NeverDoneJob {
  id: string;
  bike: Pick<Bike, 'sharedLever' | 'thirdBrake' | 'thirdPlace'>;
  stepped: readonly {
    id: string;
    seq: number;
    step: StepId | 'wash-hands';
    end: End | null;
    outcome: 'done' | 'skipped' | 'taken-back';
    after: string | null;
  }[];
  fittings: readonly { seq: number; part: Part; end: End; jobId: string; condition: FittedAs }[];
  takenOff: readonly { seq: number; part: Part; end: End }[];
  filled: readonly { seq: number; end: End }[];
  bled: readonly { seq: number; end: End; takenBack?: true }[];
  repaired: readonly { seq: number; end: End; work: Work }[];
  tightened: readonly { seq: number; turnedSeq: number; end: End; fastener: FastenerId }[];
  edited: readonly { seq: number; was: Sided; became: Sided }[];
  away: readonly { seq: number }[];
}

interface Sided {
  frontLever: 'left' | 'right' | null;
}

/** What a part that was fitted cures besides. */
const CURED_BY_FITTING: Readonly<Record<Part, readonly Work[]>> = {
  rotor: ['refit-rotor', 'true-rotor'],
  pads: ['fit-spring-or-clip'],
};

function fitted(part: Part): Pick<Change, 'touches' | 'cures'> {
  const work = FITTING[part];
  return { touches: workRule(work).touches, cures: [work, ...CURED_BY_FITTING[part]] };
}

/** Which rotor or pads are on is said by whoever writes them down: a step that puts others on may put on these, and answers nothing [D]. */
const BY_ANOTHER: ReadonlySet<Work> = new Set(Object.values(FITTING));

/** The step that writing a part down as off comes to. */
export const TAKEN_OFF_BY = {
  rotor: 'rotor-off',
  pads: 'pads-out',
} as const satisfies Record<Part, StepId>;

/**
 * Everything that changed at one end on this visit, in order. A step that was taken back was said to be done: what it touched
 * is proven anew all the same [D]. What was done to a lever and its fluid at another brake that it works is done to this one; it
 * cures and mends nothing here [D].
 */
export const changesAt = onceAnEnd((job: ChangedJob, end: End): readonly Change[] => {
  const others = onOneLever(job.bike, end).filter((other) => other !== end);
  const theirs = others.flatMap((other) =>
    doneAt(job, other).flatMap((change): Change[] => {
      const touches = change.touches.flatMap((touch): Touch[] => {
        if (OF_THE_LEVER.includes(touch)) return [touch];
        return OF_ITS_TRAVEL.includes(touch) ? ['lever-travel'] : [];
      });
      return touches.length > 0 ? [{ ...change, touches, cures: [] }] : [];
    }),
  );
  return [...doneAt(job, end), ...theirs].sort((a, b) => a.seq - b.seq);
});

/** What was said to be done, and was not. */
const slip = (change: Omit<Change, 'cures'>): Change => ({
  ...change,
  cures: [],
  mendsNothing: 'taken-back',
});

/** Everything that was done at one end alone, in no order. */
function doneAt(job: ChangedJob, end: End): Change[] {
  const standing = new Set(standingSteps(job).map(({ seq }) => seq));
  const isHere = ({ end: at }: { end: End }) => at === end;
  return [
    ...job.stepped.flatMap(({ seq, step, end: at, outcome }): Change[] => {
      if (at !== end || outcome !== 'done' || step === 'wash-hands') return [];
      const { touches, cures } = stepRule(step);
      const change = { seq, end, touches, by: { code: 'step', step } } as const;
      return [
        standing.has(seq)
          ? { ...change, cures: cures.filter((work) => !BY_ANOTHER.has(work)) }
          : slip(change),
      ];
    }),
    ...job.fittings.flatMap(({ seq, part, end: at, jobId, condition }): Change[] =>
      at === end && jobId === job.id && condition !== 'found'
        ? [{ seq, end, ...fitted(part), by: { code: 'fitted', part } }]
        : [],
    ),
    ...neverDone(job)
      .filter(isHere)
      .map(({ seq, work, by }) => slip({ seq, end, touches: workRule(work).touches, by })),
    ...job.takenOff.flatMap(({ seq, part, end: at }): Change[] => {
      if (at !== end) return [];
      const { touches, cures } = stepRule(TAKEN_OFF_BY[part]);
      return [{ seq, end, touches, cures, by: { code: 'taken-off', part } }];
    }),
    ...job.filled.flatMap(({ seq, end: at }): Change[] =>
      at === end
        ? [{ seq, end, touches: ['opened-at-lever', 'fluid'], cures: [], by: { code: 'filled' } }]
        : [],
    ),
    ...job.bled.flatMap(({ seq, end: at, takenBack }): Change[] => {
      if (at !== end) return [];
      const touches = ['opened-at-lever', 'opened-at-caliper', 'fluid'] as const;
      const change = { seq, end, touches, by: { code: 'bled' } } as const;
      return [takenBack ? slip(change) : { ...change, cures: ['full-bleed', 'lever-top-up'] }];
    }),
    ...job.repaired.filter(isHere).map(({ seq, work }): Change => ({
      seq,
      end,
      touches: workRule(work).touches,
      cures: [work],
      by: { code: 'repaired', work },
    })),
    ...job.tightened.flatMap(({ seq, turnedSeq, end: at, fastener }): Change[] => {
      if (at !== end) return [];
      const { touches } = fastenerRule(fastener);
      const by = { code: 'tightened', fastener } as const;
      const cures = [fastener === 'lever-clamp' ? 'tighten-lever' : 'tighten-bolts'] as const;
      return [
        { seq, end, touches, cures, by },
        { seq: turnedSeq, end, touches, cures: [], by, mendsNothing: 'goes-on' },
      ];
    }),
    ...job.edited.flatMap(({ seq, was, became }): Change[] =>
      was.frontLever !== became.frontLever
        ? [{ seq, end, touches: ['lever-side'], cures: [], by: { code: 'edited' } }]
        : [],
    ),
    ...job.away.map(({ seq }): Change => ({
      seq,
      end,
      touches: ['away'],
      cures: [],
      by: { code: 'away' },
    })),
  ];
}

/** That something was touched after it was proven. */
export interface Lapse {
  seq: number;
  touch: Touch;
  by: ChangedBy;
  /** It was only said, and taken back. */
  takenBack?: true;
}

/** Whether it can mend what was found at an end: what was done at another brake of its lever is no answer here [D]. */
export const canMend = ({ end: at, mendsNothing }: Change, end: End): boolean =>
  at === end && !mendsNothing;

/** The last work after a place in the order that touched any of these and can mend it, or null: what was taken back is no work. */
export const changedSince = (
  changes: readonly Change[],
  seq: number,
  touches: readonly Touch[],
): Lapse | null =>
  lastTouch(
    changes.filter(({ mendsNothing }) => !mendsNothing),
    seq,
    touches,
  );

/** The last work after a place in the order that is to be proven where it touched any of these, or null; one that was taken back was said to be done. */
export const saidSince = (
  changes: readonly Change[],
  seq: number,
  touches: readonly Touch[],
): Lapse | null =>
  lastTouch(
    changes.filter(({ mendsNothing }) => mendsNothing !== 'goes-on'),
    seq,
    touches,
  );

/**
 * What a proof lapses with: one of these was touched after it, or the bike was out of the shop. It comes back as one that comes in,
 * and nothing of it is known any more [D]. What it mends or answers is asked of {@link changedSince}: being away is no work.
 */
export const lapsedSince = (
  changes: readonly Change[],
  seq: number,
  lapses: readonly Touch[],
): Lapse | null => lastTouch(changes, seq, [...lapses, 'away']);

function lastTouch(
  changes: readonly Change[],
  seq: number,
  touches: readonly Touch[],
): Lapse | null {
  const last = changes
    .filter((change) => change.seq > seq && change.touches.some((touch) => touches.includes(touch)))
    .at(-1);
  if (!last) return null;
  const touch = last.touches.find((each) => touches.includes(each))!;
  const slipped = last.mendsNothing === 'taken-back';
  return { seq: last.seq, touch, by: last.by, ...(slipped && { takenBack: true }) };
}

/** Where in the order of everything written the bike last was away, or 0. */
export const lastAway = ({ away }: Pick<ChangedJob, 'away'>): number => away.at(-1)?.seq ?? 0;

/** Whether every one of these works was done between two places in the order; never where there is none to do. */
export function areCuredBetween(
  changes: readonly Change[],
  [from, to]: readonly [number, number],
  works: readonly Work[],
): boolean {
  const between = changes.filter(({ seq }) => seq > from && seq < to);
  return (
    works.length > 0 && works.every((work) => between.some(({ cures }) => cures.includes(work)))
  );
}

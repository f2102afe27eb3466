import { isBleedMethod } from '../fluid/bleedMethods';
import { isFor, type BrakeKind } from '../kit/traits';
import { STAGES, STEP_IDS, stepRule, type StepId } from '../procedure/steps';
import { ONE_RIDE } from './price';
import { isJustCentred, READY, RIDEABLE, unmet, type BrakeState, type Wanted } from './state';

/** One end's work: what it starts from, what was done there, and what is to be done. */
export interface BrakeTask {
  brake: BrakeKind;
  start: BrakeState;
  work: readonly StepId[];
  done: readonly StepId[];
  /** What the brake must be in the end; ready for its rider when left out. */
  until?: Wanted;
}

/** A way on from one state of a brake. */
export interface Move {
  step: StepId;
  to: number;
}

/** Every state that one brake can come through while its work is done, and the ways between them. */
export interface BrakeGraph {
  states: BrakeState[];
  moves: Move[][];
  finished: boolean[];
  /** Whole, tight and firm: the bike may be ridden as far as this end goes. */
  rideable: boolean[];
  /** Just centred: nothing else of the bike is turned to before its bolts. */
  centred: boolean[];
  standTested: boolean[];
  /** Rides still wanted that may serve both ends, as bits by {@link ONE_RIDE}. */
  rides: number[];
}

/** More states than any real visit has: a task that comes here was put together wrongly. */
const MOST_STATES = 20_000;

/**
 * Explores one brake on its own: its work in the order of the table, and before each piece the set-ups that it wants.
 * @throws RangeError when there are more than 20,000 states
 */
export function brakeGraph({ brake, start, work, done, until = READY }: BrakeTask): BrakeGraph {
  const open = joinedFirst(start, inOrder(work.filter((id) => !done.includes(id))));
  const names = Object.keys(start) as (keyof BrakeState)[];
  const keyOf = (state: BrakeState, worked: number) =>
    names.reduce((key, name) => `${key},${state[name]}`, String(worked));

  // By how much of the work is done: what may come before the next of it.
  const setUps = [...open, null].map((next, count) => {
    const waiting = waitingSetUps(open.slice(count));
    return setUpsBefore(next, until).filter(
      (id) => !waiting.includes(id) && isFor(stepRule(id).on, brake),
    );
  });
  const states = [start];
  const worked = [0];
  const moves: Move[][] = [];
  const index = new Map([[keyOf(start, 0), 0]]);
  for (let at = 0; at < states.length; at++) {
    if (states.length > MOST_STATES) throw new RangeError('too many states of one brake');
    const state = states[at]!;
    const next = open[worked[at]!] ?? null;
    const found: Move[] = [];
    const centred = isJustCentred(state);
    const consider = (step: StepId, count: number) => {
      const { needs, sets } = stepRule(step);
      if (unmet(state, needs)) return;
      // What a set-up would set is set already: it changes nothing.
      if (count === worked[at] && unmet(state, sets) === null) return;
      const after = { ...state, ...sets };
      const key = keyOf(after, count);
      let to = index.get(key);
      if (to === undefined) {
        to = states.length;
        index.set(key, to);
        states.push(after);
        worked.push(count);
      }
      found.push({ step, to });
    };
    // Whatever was chosen since: its bolts come first.
    if (centred) consider('torque-caliper', worked[at]!);
    else {
      for (const step of setUps[worked[at]!]!) consider(step, worked[at]!);
      if (next !== null) consider(next, worked[at]! + 1);
    }
    moves.push(found);
  }
  const finished = states.map(
    (state, at) => worked[at] === open.length && unmet(state, until) === null,
  );
  return {
    states,
    moves,
    finished,
    rideable: states.map((state) => unmet(state, RIDEABLE) === null),
    centred: states.map(isJustCentred),
    standTested: states.map((state) => state.standTested),
    rides: worked.map((count) => ridesIn(open.slice(count))),
  };
}

/** Set-ups that wait for work which is still to be done. */
const waitingSetUps = (open: readonly StepId[]): readonly StepId[] =>
  open.flatMap((id) => stepRule(id).ahead);

const ridesIn = (steps: readonly StepId[]) =>
  ONE_RIDE.reduce((bits, ride, i) => bits | (steps.includes(ride) ? 1 << i : 0), 0);

/**
 * A joint that stands open is closed, with all work on joints and what that waits for, before anything else that was found since: no lever
 * is pulled over it.
 */
function joinedFirst(start: BrakeState, open: readonly StepId[]): StepId[] {
  if (start.hoseAtLever === 'joined' && start.hoseAtCaliper === 'joined') return [...open];
  const joints = open.filter(isOfJoints);
  const first = (id: StepId) =>
    joints.includes(id) || joints.some((next) => leadsTo(id, next, start));
  return [...open.filter(first), ...open.filter((id) => !first(id))];
}
/** Work on hose and joints: all of the fluid's stage but the bleeds. */
function isOfJoints(id: StepId): boolean {
  const rule = stepRule(id);
  return rule.kind === 'work' && rule.stage === 'fluid' && !isBleedMethod(id);
}
/** Whether work brings about what another needs and does not find. */
function leadsTo(id: StepId, next: StepId, start: BrakeState): boolean {
  const { sets } = stepRule(id);
  const { needs } = stepRule(next);
  return (Object.keys(sets) as (keyof BrakeState)[]).some(
    (name) => allows(needs[name], sets[name]) && !allows(needs[name], start[name]),
  );
}

function inOrder(steps: readonly StepId[]): StepId[] {
  return [...steps].sort((a, b) => STEP_IDS.indexOf(a) - STEP_IDS.indexOf(b));
}

/** For each work step, and for a brake that is to be ready, the set-ups that bring it about; they are the same on every bike. */
const known = new Map<StepId | null, StepId[]>();

/**
 * The set-ups that may come before this work, or (null) when all work is done: those of its stage that set something it
 * needs, or that such a set-up needs. Nothing is taken off or put back before it is wanted [D].
 */
function setUpsBefore(next: StepId | null, until: Wanted): StepId[] {
  const had = next !== null || until === READY ? known.get(next) : undefined;
  if (had) return had;
  const work = next === null ? null : stepRule(next);
  const stage = STAGES.indexOf(work?.kind === 'work' ? work.stage : 'prove');
  const candidates = STEP_IDS.filter((id) => {
    const rule = stepRule(id);
    return (
      rule.kind === 'set-up' &&
      STAGES.indexOf(rule.when[0]) <= stage &&
      stage <= STAGES.indexOf(rule.when[1])
    );
  });
  const taken = new Set<StepId>();
  const wanted: Wanted[] = [work?.needs ?? until];
  for (const want of wanted)
    for (const id of candidates) {
      if (taken.has(id)) continue;
      const { sets, needs } = stepRule(id);
      if (
        Object.entries(sets).some(([name, value]) => allows(want[name as keyof BrakeState], value))
      ) {
        taken.add(id);
        wanted.push(needs);
      }
    }
  const found = inOrder([...taken]);
  if (next !== null || until === READY) known.set(next, found);
  return found;
}

/** Whether a value is one of those that are wanted; none is where nothing is. */
export function allows(want: unknown, value: unknown): boolean {
  return Array.isArray(want) ? want.includes(value) : want !== undefined && want === value;
}

/** A step's minutes in tenths, so that sums are whole. */
export function tenths(step: StepId): number {
  return Math.round(stepRule(step).minutes * 10);
}

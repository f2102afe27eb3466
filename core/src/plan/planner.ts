import FlatQueue from 'flatqueue';
import { ENDS, otherEnd, type End } from '../ends';
import { stepRule, TOOLS, type StepId } from '../procedure/steps';
import { brakeGraph, tenths, type BrakeGraph, type BrakeTask, type Move } from './brakeGraph';
import {
  CHANGE_OVERS,
  FRESH_BENCH,
  needsTool,
  ONE_RIDE,
  takes,
  turnTo,
  type Bench,
  type ChangeOvers,
} from './price';
import { PLACES, unmet, type BrakeState, type Wanted } from './state';
import {
  ANY_TOOL,
  HANDS,
  inTenths,
  moveCost,
  NEVER,
  ridesToGo,
  toGoOf,
  toolIndex,
  type ToGo,
} from './toGo';

export type BikeTask = Partial<Record<End, BrakeTask>>;

/** A step that was done, or is to be. */
export interface DoneStep {
  step: StepId | 'wash-hands';
  end: End | null;
}

/** A step of the plan. Washing hands belongs to the bike and not to an end. */
export type PlannedStep =
  | { step: StepId; end: End; minutes: number; place: Bench['place']; moves: boolean }
  | { step: 'wash-hands'; end: null; minutes: number; place: Bench['place']; moves: false };

export interface Plan {
  steps: PlannedStep[];
  /** All of it, change-overs as well. */
  minutes: number;
  changeOvers: number;
}

/** Minutes come first; among equal ones the fewest change-overs, as long as there are fewer than this. */
const UNIT = 1000;

/** By how much a list of three ends may be longer than the shortest, as a factor [D]. */
export const OF_THREE_AT_MOST = 1.02;

/** A way on at one end, with all that its step asks of the bench. */
interface Compiled {
  done: DoneStep;
  to: number;
  takes: number;
  place: number | null;
  tool: number | null;
  clean: boolean;
  leaves: number;
  /** By bike: the other ends must be whole, and after work at the bike stand-tested too. */
  rides: 'before-work' | 'proven' | null;
  /** By bike, for all ends at once; 0 for none. */
  ride: number;
  /** What the brake that it is done together with must be for it, and which that is. */
  withOther: { one: number; wanted: Wanted } | null;
}

/**
 * The one list of steps in which all work of all ends is done in the fewest minutes, legal in every step; ties by the
 * fewest change-overs, then by the order of the steps' table. Exact: A* over the ends together [S: Hart, Nilsson, Raphael
 * 1968], with a bound that never overestimates: see {@link toGoOf}. Of three ends it is the first found that takes at most 2 % more
 * than the fewest [S: Pohl 1970]: the very fewest takes too long to find at the bench.
 * @returns null when there is no way: the task asks for what its brake cannot have
 */
export function planBike(
  task: BikeTask,
  bench: Bench = FRESH_BENCH,
  table: ChangeOvers = CHANGE_OVERS,
): Plan | null {
  // What is done at two ends together is never done at one: all there is would be searched for nothing.
  const alone = ENDS.some((end) => {
    const other = otherEnd(end);
    return (
      task[end]?.work.some((step) => stepRule(step).otherEnd) && !(other !== null && task[other])
    );
  });
  if (alone) return null;
  const price = inTenths(table);
  // What is not worked at has one state, whole, and costs nothing to carry along.
  const at = ENDS.filter((end) => task[end]);
  const explored = at.map((end) => exploredOf(task[end]!, price));
  const graphs = explored.map(({ graph }) => graph);
  const toGo = explored.map((each) => each.toGo);
  const ways = graphs.map((graph, one) =>
    graph.moves.map((moves) => moves.map((move) => compiled(move, at[one]!, at))),
  );
  // The states of all ends are one number: a digit for each.
  const spans = graphs.map((_, one) =>
    graphs.slice(one + 1).reduce((product, { moves }) => product * moves.length, 1),
  );
  const stateOf = (states: number, one: number) =>
    Math.floor(states / spans[one]!) % graphs[one]!.moves.length;
  const each = graphs.map((_, one) => one);
  const haste = at.length > 2 ? OF_THREE_AT_MOST : 1;

  // Nodes as columns: they are many and short-lived.
  const joint: number[] = [];
  const benches: number[] = [];
  const costs: number[] = [];
  const from: number[] = [];
  const did: (DoneStep | null)[] = [];
  const ends: number[] = [];
  const tools: number[] = [];
  const overtaken: boolean[] = [];
  const reached = new Map<number, number[]>();
  const queue = new FlatQueue<number>();

  // Another tool, or another end, is never worth more than what it costs to turn to it.
  const turnOf = (tool: number, end: number, toTool: number, toEnd: number) =>
    (tool === toTool || tool === ANY_TOOL ? 0 : price.tool * UNIT + 1) +
    (end === toEnd || end === NO_END ? 0 : price.end * UNIT + 1);
  /**
   * Every end that is not in hand and not finished costs at least the turn to it, whatever tool lies there then. And each end is
   * proven before any is ridden: from one to the next, and back to each but the last for its ride.
   */
  const turnsToGo = (states: number, end: number) => {
    let waiting = 0;
    let toProve = 0;
    for (const one of each) {
      const state = stateOf(states, one);
      const { finished, standTested, rides } = graphs[one]!;
      if (end !== NO_END && at[one] !== ENDS[end] && !finished[state]) waiting += 1;
      if (!standTested[state] && (rides[state]! & AFTER_ALL_ARE_PROVEN) !== 0) toProve += 1;
    }
    return Math.max(waiting, 2 * toProve - 2) * price.end;
  };
  const boundOf = (
    states: number,
    place: number,
    hands: number,
    tool: number,
    end: number,
    ride: number,
  ) => {
    let steps = 0;
    let rides = 0;
    let moves = 0;
    for (const one of each) {
      const state = stateOf(states, one);
      steps += toGo[one]!.steps(state, at[one] === ENDS[end] ? tool : ANY_TOOL);
      rides |= graphs[one]!.rides[state]!;
      moves = Math.max(moves, toGo[one]!.bench(state, place, hands));
    }
    return steps + ridesToGo(rides, ride) + moves;
  };

  const reach = (
    states: number,
    place: number,
    hands: number,
    tool: number,
    end: number,
    ride: number,
    cost: number,
    parent: number,
    step: (typeof did)[number],
  ) => {
    const slot = (place * HANDS.length + hands) * RIDE_SLOTS + ride;
    const key = states * BENCH_SLOTS + slot;
    const known = reached.get(key);
    if (known)
      for (const one of known)
        if (costs[one]! + turnOf(tools[one]!, ends[one]!, tool, end) <= cost) return;
    const bound = boundOf(states, place, hands, tool, end, ride);
    if (bound >= NEVER) return;
    const node = joint.length;
    if (known) {
      for (const one of known)
        if (cost + turnOf(tool, end, tools[one]!, ends[one]!) <= costs[one]!) overtaken[one] = true;
      reached.set(key, [...known.filter((one) => !overtaken[one]), node]);
    } else reached.set(key, [node]);
    joint.push(states);
    benches.push(slot);
    tools.push(tool);
    ends.push(end);
    overtaken.push(false);
    costs.push(cost);
    from.push(parent);
    did.push(step);
    queue.push(node, cost + (bound + turnsToGo(states, end)) * UNIT * haste);
  };
  reach(
    0,
    PLACES.indexOf(bench.place),
    HANDS.indexOf(bench.hands),
    toolIndex(bench.tool),
    bench.end === null ? NO_END : ENDS.indexOf(bench.end),
    rideIndex(bench.ride),
    0,
    -1,
    null,
  );

  for (let node = queue.pop(); node !== undefined; node = queue.pop()) {
    if (overtaken[node]) continue;
    const states = joint[node]!;
    const now = each.map((one) => stateOf(states, one));
    if (each.every((one) => graphs[one]!.finished[now[one]!]))
      return traced(node, from, did, bench, table);
    const slot = benches[node]!;
    const cost = costs[node]!;
    const ride = slot % RIDE_SLOTS;
    const end = ends[node]!;
    const tool = tools[node]!;
    const hands = Math.floor(slot / RIDE_SLOTS) % HANDS.length;
    const place = Math.floor(slot / RIDE_SLOTS / HANDS.length);
    if (hands !== 0)
      reach(states, place, 0, tool, end, 0, cost + price.wash * UNIT + 1, node, WASH);
    for (const one of each) {
      const here = ENDS.indexOf(at[one]!);
      // The bike is ridden as a whole, and what is just centred is tightened before anything else.
      const others = each.filter((other) => other !== one);
      if (others.some((other) => graphs[other]!.centred[now[other]!])) continue;
      const rideable = others.every((other) => graphs[other]!.rideable[now[other]!]);
      const proven = others.every((other) => graphs[other]!.standTested[now[other]!]);
      for (const way of ways[one]![now[one]!]!) {
        if (way.clean && hands !== 0) continue;
        if (
          way.withOther &&
          !isAs(graphs[way.withOther.one], now[way.withOther.one], way.withOther.wanted)
        )
          continue;
        if (way.rides !== null && !rideable) continue;
        if (way.rides === 'proven' && !proven) continue;
        const moved = way.place !== null && way.place !== place ? 1 : 0;
        const taken = way.tool !== null && way.tool !== tool && tool !== ANY_TOOL ? 1 : 0;
        const turned = end !== NO_END && end !== here ? 1 : 0;
        const minutes =
          (way.ride !== 0 && way.ride === ride && turned ? 0 : way.takes) +
          (moved ? moveCost(PLACES[place]!, PLACES[way.place!]!, price) : 0) +
          taken * price.tool +
          turned * price.end;
        reach(
          states + (way.to - now[one]!) * spans[one]!,
          way.place ?? place,
          Math.max(hands, way.leaves),
          way.tool ?? tool,
          here,
          way.ride,
          cost + minutes * UNIT + moved + taken + turned,
          node,
          way.done,
        );
      }
    }
  }
  return null;
}

interface Explored {
  graph: BrakeGraph;
  toGo: ToGo;
}
const EXPLORED = new Map<string, Explored>();
/** So many brakes stay explored: those of a bike, each before and after its last steps. */
const MOST_EXPLORED = 12;

/** One brake's states and what they still take, worked out once: a re-plan after a step at one end has the others as they were. */
function exploredOf(task: BrakeTask, price: ChangeOvers): Explored {
  const key = JSON.stringify([task, price]);
  const known = EXPLORED.get(key);
  if (known) return known;
  const graph = brakeGraph(task);
  const explored = { graph, toGo: toGoOf(graph, price) };
  if (EXPLORED.size >= MOST_EXPLORED) EXPLORED.delete(EXPLORED.keys().next().value!);
  EXPLORED.set(key, explored);
  return explored;
}

/** A brake that nothing is done at is not as another's step wants it. */
const isAs = (graph: BrakeGraph | undefined, state: number | undefined, wanted: Wanted) =>
  graph !== undefined && state !== undefined && unmet(graph.states[state]!, wanted) === null;

const NO_END = ENDS.length;
const RIDE_SLOTS = ONE_RIDE.length + 1;
const BENCH_SLOTS = PLACES.length * HANDS.length * RIDE_SLOTS;
/** Rides that no end may make before all are proven, as bits. */
const AFTER_ALL_ARE_PROVEN = ONE_RIDE.reduce(
  (bits, step, i) => bits | (stepRule(step).acts.includes('rides') ? 1 << i : 0),
  0,
);
/** 0 for none. */
const rideIndex = (step: StepId | null) => (step === null ? 0 : ONE_RIDE.indexOf(step) + 1);
const WASH = { step: 'wash-hands', end: null } as const;

function compiled({ step, to }: Move, end: End, at: readonly End[]): Compiled {
  const rule = stepRule(step);
  const other = otherEnd(end);
  return {
    done: { step, end },
    to,
    takes: tenths(step),
    place: rule.place ? PLACES.indexOf(rule.place) : null,
    tool: needsTool(rule.tool) ? TOOLS.indexOf(rule.tool) : null,
    clean: rule.hands === 'clean',
    leaves: rule.leaves ? HANDS.indexOf(rule.leaves) : 0,
    rides: rule.place !== 'riding' ? null : rule.acts.includes('rides') ? 'proven' : 'before-work',
    ride: rideIndex(step),
    withOther: rule.otherEnd
      ? { one: other ? at.indexOf(other) : -1, wanted: rule.otherEnd }
      : null,
  };
}

/** How bench and hands are left by a step. */
export function leftBy(bench: Bench, step: StepId, end: End): Bench {
  const { place, tool, leaves } = stepRule(step);
  const index = Math.max(HANDS.indexOf(bench.hands), leaves ? HANDS.indexOf(leaves) : 0);
  return {
    place: place ?? bench.place,
    hands: HANDS[index]!,
    tool: needsTool(tool) ? tool : bench.tool,
    end,
    ride: ONE_RIDE.includes(step) ? step : null,
  };
}

/** How the bench is left by a row of steps. */
export function benchAfter(steps: readonly DoneStep[], bench: Bench = FRESH_BENCH): Bench {
  return steps.reduce<Bench>(
    (left, { step, end }) =>
      step === 'wash-hands' || end === null
        ? { ...left, hands: 'clean', ride: null }
        : leftBy(left, step, end),
    bench,
  );
}

/** The state each end is in after these steps; a step that an end has no way for throws RangeError. */
export function walk(
  start: Partial<Record<End, BrakeState>>,
  steps: readonly DoneStep[],
): Partial<Record<End, BrakeState>> {
  const states = { ...start };
  for (const { step, end } of steps) {
    if (step === 'wash-hands' || end === null) continue;
    const state = states[end];
    if (!state) throw new RangeError(`nothing is done at the ${end}`);
    states[end] = { ...state, ...stepRule(step).sets };
  }
  return states;
}

/** What a list of steps costs, whoever made it, by the same prices. */
export function priced(
  steps: readonly DoneStep[],
  bench: Bench = FRESH_BENCH,
  table: ChangeOvers = CHANGE_OVERS,
): Plan {
  let stands = bench;
  let total = 0;
  let changeOvers = 0;
  const planned = steps.map(({ step, end }): PlannedStep => {
    if (step === 'wash-hands' || end === null) {
      stands = { ...stands, hands: 'clean', ride: null };
      total += wash(table);
      changeOvers += 1;
      return {
        step: 'wash-hands',
        end: null,
        minutes: table.wash,
        place: stands.place,
        moves: false,
      };
    }
    const { place, tool } = stepRule(step);
    const minutes = takes(stands, step, end);
    const turn = turnTo(stands, { place, tool, end }, table);
    total += Math.round((minutes + turn.minutes) * 10);
    changeOvers += turn.count;
    const moves = place !== null && place !== stands.place;
    stands = leftBy(stands, step, end);
    return { step, end, minutes, place: stands.place, moves };
  });
  return { steps: planned, minutes: total / 10, changeOvers };
}

function traced(
  last: number,
  from: readonly number[],
  did: readonly (DoneStep | null)[],
  bench: Bench,
  table: ChangeOvers,
): Plan {
  const steps: DoneStep[] = [];
  for (let at = last; did[at]; at = from[at]!) steps.unshift(did[at]!);
  return priced(steps, bench, table);
}

const wash = (table: ChangeOvers) => Math.round(table.wash * 10);

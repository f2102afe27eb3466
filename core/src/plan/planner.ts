import FlatQueue from 'flatqueue';
import { ENDS, type End } from '../ends';
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

/** A way on at one end, with all that its step asks of the bench. */
interface Compiled {
  done: DoneStep;
  to: number;
  takes: number;
  place: number | null;
  tool: number | null;
  clean: boolean;
  leaves: number;
  /** By bike: the other end must be whole, and after work at the bike stand-tested too. */
  rides: 'before-work' | 'proven' | null;
  /** By bike, for both ends at once; 0 for none. */
  ride: number;
  /** What the other brake must be for it. */
  otherEnd: Wanted | null;
}

/**
 * The one list of steps in which all work of both ends is done in the fewest minutes, legal in every step; ties by the
 * fewest change-overs, then by the order of the steps' table. Exact: A* over both ends together [S: Hart, Nilsson, Raphael
 * 1968], with a bound that never overestimates: see {@link toGoOf}.
 * @returns null when there is no way: the task asks for what its brake cannot have
 */
export function planBike(
  task: BikeTask,
  bench: Bench = FRESH_BENCH,
  table: ChangeOvers = CHANGE_OVERS,
): Plan | null {
  const price = inTenths(table);
  const graphs = [graphOf(task.front), graphOf(task.rear)] as const;
  const toGo = graphs.map((graph) => toGoOf(graph, price)) as [ToGo, ToGo];
  const ways = graphs.map((graph, one) =>
    graph.moves.map((moves) => moves.map((move) => compiled(move, ENDS[one]!))),
  );
  const rears = graphs[1].moves.length;

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

  // Another tool, or the other end, is never worth more than what it costs to turn to it.
  const turnOf = (tool: number, end: number, toTool: number, toEnd: number) =>
    (tool === toTool || tool === ANY_TOOL ? 0 : price.tool * UNIT + 1) +
    (end === toEnd || end === NO_END ? 0 : price.end * UNIT + 1);
  // The end that is not in hand costs at least the turn to it, whatever tool lies there then.
  const turnTo = (other: 0 | 1, state: number, end: number) =>
    end !== other && end !== NO_END && !graphs[other].finished[state] ? price.end : 0;
  // Each end is proven before either is ridden: from one to the other, and back for its ride.
  const toProve = (one: 0 | 1, state: number) =>
    !graphs[one].standTested[state] && (graphs[one].rides[state]! & AFTER_BOTH_ARE_PROVEN) !== 0;

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
    const at = (place * HANDS.length + hands) * RIDE_SLOTS + ride;
    const key = states * BENCH_SLOTS + at;
    const known = reached.get(key);
    if (known)
      for (const one of known)
        if (costs[one]! + turnOf(tools[one]!, ends[one]!, tool, end) <= cost) return;
    const front = Math.floor(states / rears);
    const rear = states % rears;
    const turns =
      toProve(0, front) && toProve(1, rear)
        ? 2 * price.end
        : turnTo(0, front, end) + turnTo(1, rear, end);
    const bound =
      toGo[0].steps(front, end === 0 ? tool : ANY_TOOL) +
      toGo[1].steps(rear, end === 1 ? tool : ANY_TOOL) +
      ridesToGo(graphs[0].rides[front]! | graphs[1].rides[rear]!, ride) +
      Math.max(toGo[0].bench(front, place, hands), toGo[1].bench(rear, place, hands));
    if (bound >= NEVER) return;
    const node = joint.length;
    if (known) {
      for (const one of known)
        if (cost + turnOf(tool, end, tools[one]!, ends[one]!) <= costs[one]!) overtaken[one] = true;
      reached.set(key, [...known.filter((one) => !overtaken[one]), node]);
    } else reached.set(key, [node]);
    joint.push(states);
    benches.push(at);
    tools.push(tool);
    ends.push(end);
    overtaken.push(false);
    costs.push(cost);
    from.push(parent);
    did.push(step);
    queue.push(node, cost + (bound + turns) * UNIT);
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
    const states = joint[node]!;
    const front = Math.floor(states / rears);
    const rear = states % rears;
    const at = benches[node]!;
    const cost = costs[node]!;
    if (overtaken[node]) continue;
    if (graphs[0].finished[front] && graphs[1].finished[rear])
      return traced(node, from, did, bench, table);
    const ride = at % RIDE_SLOTS;
    const end = ends[node]!;
    const tool = tools[node]!;
    const hands = Math.floor(at / RIDE_SLOTS) % HANDS.length;
    const place = Math.floor(at / RIDE_SLOTS / HANDS.length);
    if (hands !== 0)
      reach(states, place, 0, tool, end, 0, cost + price.wash * UNIT + 1, node, WASH);
    for (const one of [0, 1] as const) {
      const state = one === 0 ? front : rear;
      const other = graphs[1 - one]!;
      for (const way of ways[one]![state]!) {
        if (way.clean && hands !== 0) continue;
        // The bike is ridden as a whole.
        const there = one === 0 ? rear : front;
        if (other.centred[there]) continue;
        if (way.otherEnd && !isAs(other.states[there], way.otherEnd)) continue;
        if (way.rides !== null && !other.rideable[there]) continue;
        if (way.rides === 'proven' && !other.standTested[there]) continue;
        const moved = way.place !== null && way.place !== place ? 1 : 0;
        const taken = way.tool !== null && way.tool !== tool && tool !== ANY_TOOL ? 1 : 0;
        const turned = end !== NO_END && end !== one ? 1 : 0;
        const minutes =
          (way.ride !== 0 && way.ride === ride && turned ? 0 : way.takes) +
          (moved ? moveCost(PLACES[place]!, PLACES[way.place!], price) : 0) +
          taken * price.tool +
          turned * price.end;
        reach(
          one === 0 ? way.to * rears + rear : front * rears + way.to,
          way.place ?? place,
          Math.max(hands, way.leaves),
          way.tool ?? tool,
          one,
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

/** A brake on which nothing is done is whole: nothing of it stands open. */
const isAs = (state: BrakeState | undefined, wanted: Wanted) =>
  state !== undefined && unmet(state, wanted) === null;

const NO_END = 2;
const RIDE_SLOTS = ONE_RIDE.length + 1;
const BENCH_SLOTS = PLACES.length * HANDS.length * RIDE_SLOTS;
/** Rides that neither end may make before both are proven, as bits. */
const AFTER_BOTH_ARE_PROVEN = ONE_RIDE.reduce(
  (bits, step, i) => bits | (stepRule(step).acts?.includes('rides') ? 1 << i : 0),
  0,
);
/** 0 for none. */
const rideIndex = (step: StepId | null) => (step === null ? 0 : ONE_RIDE.indexOf(step) + 1);
const WASH = { step: 'wash-hands', end: null } as const;

function compiled({ step, to }: Move, end: End): Compiled {
  const rule = stepRule(step);
  return {
    done: { step, end },
    to,
    takes: tenths(step),
    place: rule.place ? PLACES.indexOf(rule.place) : null,
    tool: needsTool(rule.tool) ? TOOLS.indexOf(rule.tool) : null,
    clean: rule.hands === 'clean',
    leaves: rule.leaves ? HANDS.indexOf(rule.leaves) : 0,
    rides: rule.place !== 'riding' ? null : rule.acts?.includes('rides') ? 'proven' : 'before-work',
    ride: rideIndex(step),
    otherEnd: rule.otherEnd ?? null,
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
    const moves = place !== undefined && place !== stands.place;
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

const NOTHING: BrakeGraph = {
  states: [],
  moves: [[]],
  finished: [true],
  rideable: [true],
  centred: [false],
  standTested: [true],
  rides: [0],
};
const graphOf = (task: BrakeTask | undefined) => (task ? brakeGraph(task) : NOTHING);
const wash = (table: ChangeOvers) => Math.round(table.wash * 10);

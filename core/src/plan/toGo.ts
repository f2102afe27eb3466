import { TOOLS, stepRule, type Tool } from '../procedure/steps';
import { tenths, type BrakeGraph } from './brakeGraph';
import { needsTool, ONE_RIDE, type ChangeOvers } from './price';
import { PLACES, type Hands, type Place } from './state';

export const HANDS = ['clean', 'dirty', 'fluid'] as const satisfies readonly Hands[];
/** No tool in particular: whichever the next step wants. */
export const ANY_TOOL = TOOLS.length;
const TOOL_SPAN = TOOLS.length + 1;
const BENCHES = PLACES.length * HANDS.length;

/** Lower bounds on what one end still takes, tenths of a minute; beyond `NEVER` there is no way. */
export interface ToGo {
  /** Steps and tool changes. */
  steps: (state: number, tool: number) => number;
  /** Moves of the bike and washing. */
  bench: (state: number, place: number, hands: number) => number;
}
export const NEVER = 1e9;

/** What a table's prices are in tenths, so that sums are whole. */
export function inTenths(table: ChangeOvers): ChangeOvers {
  return {
    place: Math.round(table.place * 10),
    ride: Math.round(table.ride * 10),
    tool: Math.round(table.tool * 10),
    end: Math.round(table.end * 10),
    wash: Math.round(table.wash * 10),
  };
}

/** Moving the bike from one place to another. */
export function moveCost(from: Place, to: Place | null, { place, ride }: ChangeOvers): number {
  if (to === null || to === from) return 0;
  return from === 'riding' || to === 'riding' ? ride : place;
}

/**
 * What one end takes when nothing else is done on the bike: least minutes backwards from its finished states.
 *
 * A change of tools within one end's own row of steps is paid in every merged plan too: either the tool is taken up there,
 * or the other end was left for it, which costs no less. A move of the bike or a wash may serve both ends, so those of one
 * end alone count, and of two ends the greater. Rides that may serve both ends are counted apart, see {@link ridesToGo}.
 */
export function toGoOf({ moves, finished }: BrakeGraph, table: ChangeOvers): ToGo {
  const tool = Math.min(table.tool, table.end);
  const ways = moves.flatMap((found, from) =>
    found.map(({ step, to }) => {
      const rule = stepRule(step);
      return {
        from,
        to,
        takes: ONE_RIDE.includes(step) ? 0 : tenths(step),
        place: rule.place,
        tool: needsTool(rule.tool) ? TOOLS.indexOf(rule.tool) : null,
        clean: rule.hands === 'clean',
        leaves: rule.leaves ? HANDS.indexOf(rule.leaves) : 0,
      };
    }),
  );
  const into = moves.map((): (typeof ways)[number][] => []);
  for (const way of ways) into[way.to]!.push(way);
  const used = [...new Set(ways.flatMap((way) => (way.tool === null ? [] : [way.tool])))];
  const toolsBefore = [...used, ANY_TOOL];

  const steps = new Int32Array(moves.length * TOOL_SPAN).fill(NEVER);
  settle(steps, finished, TOOL_SPAN, (at, least, reach) => {
    const state = Math.floor(at / TOOL_SPAN);
    const inHand = at % TOOL_SPAN;
    for (const way of into[state]!)
      for (const before of toolsBefore) {
        const after = way.tool ?? before;
        if (after !== inHand) continue;
        const change = way.tool !== null && before !== way.tool && before !== ANY_TOOL ? tool : 0;
        reach(way.from * TOOL_SPAN + before, least + way.takes + change);
      }
  });

  const bench = new Int32Array(moves.length * BENCHES).fill(NEVER);
  settle(bench, finished, BENCHES, (at, least, reach) => {
    const state = Math.floor(at / BENCHES);
    const hands = at % HANDS.length;
    const place = Math.floor((at % BENCHES) / HANDS.length);
    if (hands === 0)
      for (let dirty = 1; dirty < HANDS.length; dirty++)
        reach(state * BENCHES + place * HANDS.length + dirty, least + table.wash);
    for (const way of into[state]!) {
      if (way.place !== null && PLACES[place] !== way.place) continue;
      for (let before = 0; before <= hands; before++) {
        if (Math.max(before, way.leaves) !== hands || (way.clean && before !== 0)) continue;
        PLACES.forEach((placeBefore, p) => {
          if (way.place === null && p !== place) return;
          reach(
            way.from * BENCHES + p * HANDS.length + before,
            least + moveCost(placeBefore, way.place, table),
          );
        });
      }
    }
  });
  return {
    // A tool that this end never takes up is laid down for the first that it does.
    steps: (state, inHand) =>
      steps[state * TOOL_SPAN + (toolsBefore.includes(inHand) ? inHand : ANY_TOOL)]!,
    bench: (state, place, hands) => bench[state * BENCHES + place * HANDS.length + hands]!,
  };
}

/** What the rides of each combination take, tenths of a minute, by the bits of {@link ONE_RIDE}. */
const RIDES = Array.from({ length: 1 << ONE_RIDE.length }, (_, bits) =>
  ONE_RIDE.reduce((sum, step, i) => sum + (bits & (1 << i) ? tenths(step) : 0), 0),
);

/**
 * What the rides that are still to be made take at least: each once, however many ends want it, and nothing for the one
 * that was just made.
 * @param wanted rides one end or the other still wants, as bits
 * @param made the one just made, by its place in {@link ONE_RIDE} from 1; 0 for none
 */
export const ridesToGo = (wanted: number, made: number) =>
  RIDES[made === 0 ? wanted : wanted & ~(1 << (made - 1))]!;

export const toolIndex = (tool: Tool | null) => (tool === null ? ANY_TOOL : TOOLS.indexOf(tool));

/** Least sums over a graph walked backwards; few different sums, so a bucket for each is quicker than a heap. */
function settle(
  least: Int32Array,
  finished: readonly boolean[],
  span: number,
  walk: (at: number, least: number, reach: (to: number, sum: number) => void) => void,
): void {
  const buckets: number[][] = [];
  const reach = (to: number, sum: number) => {
    if (sum >= least[to]!) return;
    least[to] = sum;
    (buckets[sum] ??= []).push(to);
  };
  finished.forEach((is, state) => {
    if (is) for (let i = 0; i < span; i++) reach(state * span + i, 0);
  });
  for (let sum = 0; sum < buckets.length; sum++)
    for (const at of buckets[sum] ?? []) if (least[at] === sum) walk(at, sum, reach);
}

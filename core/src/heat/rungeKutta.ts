import { InputError } from '../inputError';

/** Rates of change of a state at a time. */
type Rates = (time: number, state: readonly number[]) => readonly number[];

interface SolveOptions {
  /** Error allowed a step, by the size of each value, and at least. */
  relative: number;
  absolute: number;
  /** No step is longer, in the unit of time. */
  longestStep: number;
}

/** Called after each step that was taken; false stops. */
type OnStep = (time: number, state: readonly number[]) => boolean | void;

// Coefficients [S]: Dormand & Prince 1980, J. Comp. Appl. Math. 6, 19–26; the fifth order goes on, the fourth tells its error.
const C = [0, 1 / 5, 3 / 10, 4 / 5, 8 / 9, 1, 1] as const;
const A: readonly (readonly number[])[] = [
  [],
  [1 / 5],
  [3 / 40, 9 / 40],
  [44 / 45, -56 / 15, 32 / 9],
  [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729],
  [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656],
  [35 / 384, 0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84],
];
const FOURTH = [
  5179 / 57600,
  0,
  7571 / 16695,
  393 / 640,
  -92097 / 339200,
  187 / 2100,
  1 / 40,
] as const;
/** The last stage stands where the fifth order ends: the next step begins with its slope. */
const LAST = C.length - 1;
/** Fifth order less fourth. */
const OFF = FOURTH.map((fourth, stage) => (A[LAST]![stage] ?? 0) - fourth);

/** Steps are grown and shrunk by no more than this at once, and kept this far inside what is allowed. */
const STEP = { least: 0.2, most: 5, safe: 0.9 } as const;
const SHORTEST = 1e-12;

/**
 * The state at the end of a time, by an adaptive Runge–Kutta pair.
 * @param rates gives a new list each time it is asked
 * @throws InputError `not-a-number` where the rates leave the numbers, `out-of-range` where no step is short enough
 */
export function solve(
  rates: Rates,
  start: readonly number[],
  from: number,
  to: number,
  { relative, absolute, longestStep }: SolveOptions,
  onStep?: OnStep,
): number[] {
  let time = from;
  let state = [...start];
  let step = Math.min(longestStep, (to - from) / 100);
  const slopes: (readonly number[])[] = [rates(time, state)];
  while (time < to) {
    step = Math.min(step, to - time, longestStep);
    let next = state;
    for (let stage = 1; stage <= LAST; stage++) {
      next = moved(state, step, A[stage]!, slopes);
      slopes[stage] = rates(time + C[stage]! * step, next);
    }
    const error = largestError(state, next, step, slopes, { relative, absolute });
    if (!Number.isFinite(error)) throw new InputError('not-a-number', 'rates');
    if (error <= 1) {
      time += step;
      state = next;
      slopes[0] = slopes[LAST]!;
      if (onStep?.(time, state) === false) return state;
    }
    const grown = STEP.safe * (error > 0 ? error ** -0.2 : STEP.most);
    step *= Math.min(STEP.most, Math.max(STEP.least, grown));
    if (step < SHORTEST && time < to) throw new InputError('out-of-range', 'step', { step });
  }
  return state;
}

// Plain loops: these two are all of the time that a hill takes.

/** The state after a step by slopes that are weighed so. */
function moved(
  state: readonly number[],
  step: number,
  weights: readonly number[],
  slopes: readonly (readonly number[])[],
): number[] {
  const next: number[] = [];
  for (let i = 0; i < state.length; i++) {
    let sum = 0;
    for (let each = 0; each < weights.length; each++) sum += weights[each]! * slopes[each]![i]!;
    next.push(state[i]! + step * sum);
  }
  return next;
}

/** The largest error of a step, by what is allowed of it. */
function largestError(
  state: readonly number[],
  next: readonly number[],
  step: number,
  slopes: readonly (readonly number[])[],
  { relative, absolute }: Pick<SolveOptions, 'relative' | 'absolute'>,
): number {
  let largest = 0;
  for (let i = 0; i < state.length; i++) {
    let off = 0;
    for (let each = 0; each <= LAST; each++) off += OFF[each]! * slopes[each]![i]!;
    const size = Math.max(Math.abs(state[i]!), Math.abs(next[i]!));
    const error = Math.abs(step * off) / (absolute + relative * size);
    if (Number.isNaN(error)) return error;
    largest = Math.max(largest, error);
  }
  return largest;
}

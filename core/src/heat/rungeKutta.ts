import { InputError } from '../inputError';

/** Rates of change of a state at a time. */
export type Rates = (time: number, state: readonly number[]) => readonly number[];

export interface SolveOptions {
  /** Error allowed a step, by the size of each value, and at least. */
  relative: number;
  absolute: number;
  /** No step is longer, in the unit of time. */
  longestStep: number;
}

/** Called after each step that was taken; false stops. */
export type OnStep = (time: number, state: readonly number[]) => boolean | void;

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
const FIFTH = [35 / 384, 0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84, 0] as const;
const FOURTH = [
  5179 / 57600,
  0,
  7571 / 16695,
  393 / 640,
  -92097 / 339200,
  187 / 2100,
  1 / 40,
] as const;

/** Steps are grown and shrunk by no more than this at once, and kept this far inside what is allowed. */
const STEP = { least: 0.2, most: 5, safe: 0.9 } as const;
const SHORTEST = 1e-12;

/**
 * The state at the end of a time, by an adaptive Runge–Kutta pair.
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
  let [time, state] = [from, [...start]];
  let step = Math.min(longestStep, (to - from) / 100);
  while (time < to) {
    step = Math.min(step, to - time, longestStep);
    const slopes: (readonly number[])[] = [];
    for (let stage = 0; stage < C.length; stage++) {
      const at = state.map(
        (value, i) =>
          value + step * A[stage]!.reduce((sum, a, each) => sum + a * slopes[each]![i]!, 0),
      );
      slopes.push(rates(time + C[stage]! * step, at));
    }
    const weighed = (weights: readonly number[], i: number) =>
      weights.reduce((sum, weight, each) => sum + weight * slopes[each]![i]!, 0);
    const next = state.map((value, i) => value + step * weighed(FIFTH, i));
    const error = Math.max(
      ...state.map((value, i) => {
        const off = step * (weighed(FIFTH, i) - weighed(FOURTH, i));
        return (
          Math.abs(off) / (absolute + relative * Math.max(Math.abs(value), Math.abs(next[i]!)))
        );
      }),
    );
    if (!Number.isFinite(error)) throw new InputError('not-a-number', 'rates');
    if (error <= 1) {
      time += step;
      state = next;
      if (onStep?.(time, state) === false) return state;
    }
    const grown = STEP.safe * (error > 0 ? error ** -0.2 : STEP.most);
    step *= Math.min(STEP.most, Math.max(STEP.least, grown));
    if (step < SHORTEST && time < to) throw new InputError('out-of-range', 'step', { step });
  }
  return state;
}

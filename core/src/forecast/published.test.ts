import { combineRepeats } from '../gauge/repeats';
import { weightedLine } from './weightedLine';

// The line and the mean against worked examples in print. Data and results as published; each result counts once.

/** The line through points of equal weight, with what a textbook prints beside it. */
function fitted(xs: readonly number[], ys: readonly number[], about = 0) {
  const points = xs.map((x, i) => ({ x: x - about, y: ys[i]!, sd: 1 }));
  const line = weightedLine(points)!;
  const variance = line.residualScale!;
  return {
    slope: line.slope,
    intercept: line.meanY - line.slope * line.meanX,
    meanX: line.meanX + about,
    meanY: line.meanY,
    residualSd: Math.sqrt(variance),
    residualVariance: variance,
    residualSumOfSquares: variance * (xs.length - 2),
    seOfSlope: Math.sqrt(variance * line.varianceOfSlope),
    seOfIntercept: Math.sqrt(
      variance * (line.varianceOfMean + line.meanX ** 2 * line.varianceOfSlope),
    ),
  };
}
type Results = Partial<Record<keyof ReturnType<typeof fitted>, number>>;

interface Example {
  xs: readonly number[];
  ys: readonly number[];
  about?: number;
  /** As printed: held to the last digit that is. */
  published: Results;
}

const ANSCOMBE = { slope: 0.5, intercept: 3.0, seOfSlope: 0.118, residualSumOfSquares: 13.75 };
const TO_14 = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5];

const EXAMPLES: Record<string, Example> = {
  'NIST StRD, linear regression, Norris': {
    xs: [
      0.2, 337.4, 118.2, 884.6, 10.1, 226.5, 666.3, 996.3, 448.6, 777.0, 558.2, 0.4, 0.6, 775.5,
      666.9, 338.0, 447.5, 11.6, 556.0, 228.1, 995.8, 887.6, 120.2, 0.3, 0.3, 556.8, 339.1, 887.2,
      999.0, 779.0, 11.1, 118.3, 229.2, 669.1, 448.9, 0.5,
    ],
    ys: [
      0.1, 338.8, 118.1, 888.0, 9.2, 228.1, 668.5, 998.5, 449.1, 778.9, 559.2, 0.3, 0.1, 778.1,
      668.8, 339.3, 448.9, 10.8, 557.7, 228.3, 998.0, 888.8, 119.6, 0.3, 0.6, 557.6, 339.3, 888.0,
      998.5, 778.9, 10.2, 117.6, 228.9, 668.4, 449.2, 0.2,
    ],
    published: {
      slope: 1.00211681802,
      intercept: -0.262323073774,
      seOfSlope: 0.000429796848,
      seOfIntercept: 0.232818234301,
      residualSd: 0.884796396144,
      residualSumOfSquares: 26.6173985294,
    },
  },
  'Anscombe, Am. Stat. 27 (1973), first, as R prints them': {
    xs: TO_14,
    ys: [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68],
    published: { ...ANSCOMBE, residualSumOfSquares: 13.76 },
  },
  'Anscombe, second': {
    xs: TO_14,
    ys: [9.14, 8.14, 8.74, 8.77, 9.26, 8.1, 6.13, 3.1, 9.13, 7.26, 4.74],
    published: { ...ANSCOMBE, residualSumOfSquares: 13.78 },
  },
  'Anscombe, third': {
    xs: TO_14,
    ys: [7.46, 6.77, 12.74, 7.11, 7.81, 8.84, 6.08, 5.39, 8.15, 6.42, 5.73],
    published: { ...ANSCOMBE, residualSumOfSquares: 13.76 },
  },
  'Anscombe, fourth': {
    xs: [8, 8, 8, 8, 8, 8, 8, 19, 8, 8, 8],
    ys: [6.58, 5.76, 7.71, 8.84, 8.47, 7.04, 5.25, 12.5, 5.56, 7.91, 6.89],
    published: { ...ANSCOMBE, residualSumOfSquares: 13.74 },
  },
  'JCGM 100:2008 (GUM), H.3, calibration of a thermometer': {
    xs: [21.521, 22.012, 22.512, 23.003, 23.507, 23.999, 24.513, 25.002, 25.503, 26.01, 26.511],
    ys: [-0.171, -0.169, -0.166, -0.159, -0.164, -0.165, -0.156, -0.157, -0.159, -0.161, -0.16],
    about: 20,
    published: {
      slope: 0.00218,
      intercept: -0.1712,
      seOfSlope: 0.00067,
      seOfIntercept: 0.0029,
      residualSd: 0.0035,
    },
  },
  'Draper & Smith, Applied Regression Analysis, steam data': {
    xs: [
      35.3, 29.7, 30.8, 58.8, 61.4, 71.3, 74.4, 76.7, 70.7, 57.5, 46.4, 28.9, 28.1, 39.1, 46.8,
      48.5, 59.3, 70, 70, 74.5, 72.1, 58.1, 44.6, 33.4, 28.6,
    ],
    ys: [
      10.98, 11.13, 12.51, 8.4, 9.27, 8.73, 6.36, 8.5, 7.82, 9.14, 8.24, 12.19, 11.88, 9.57, 10.94,
      9.58, 10.09, 8.11, 6.83, 8.88, 7.68, 8.47, 8.86, 10.36, 11.08,
    ],
    published: {
      slope: -0.0798,
      intercept: 13.623,
      meanX: 52.6,
      meanY: 9.424,
      seOfSlope: 0.0105,
      residualVariance: 0.7923,
    },
  },
  'Ezekiel (1930), stopping distances, as R prints them': {
    xs: [
      4, 4, 7, 7, 8, 9, 10, 10, 10, 11, 11, 12, 12, 12, 12, 13, 13, 13, 13, 14, 14, 14, 14, 15, 15,
      15, 16, 16, 17, 17, 17, 18, 18, 18, 18, 19, 19, 19, 20, 20, 20, 20, 20, 22, 23, 24, 24, 24,
      24, 25,
    ],
    ys: [
      2, 10, 4, 22, 16, 10, 18, 26, 34, 17, 28, 14, 20, 24, 28, 26, 34, 34, 46, 26, 36, 60, 80, 20,
      26, 54, 32, 40, 32, 40, 50, 42, 56, 76, 84, 36, 46, 68, 32, 48, 52, 56, 64, 66, 54, 70, 92,
      93, 120, 85,
    ],
    published: {
      slope: 3.9324,
      intercept: -17.5791,
      seOfSlope: 0.4155,
      seOfIntercept: 6.7584,
      residualSd: 15.38,
    },
  },
  'Ryan, Joiner & Ryan (1976), black cherry trees, as R prints them': {
    xs: [
      8.3, 8.6, 8.8, 10.5, 10.7, 10.8, 11, 11, 11.1, 11.2, 11.3, 11.4, 11.4, 11.7, 12, 12.9, 12.9,
      13.3, 13.7, 13.8, 14, 14.2, 14.5, 16, 16.3, 17.3, 17.5, 17.9, 18, 18, 20.6,
    ],
    ys: [
      10.3, 10.3, 10.2, 16.4, 18.8, 19.7, 15.6, 18.2, 22.6, 19.9, 24.2, 21, 21.4, 21.3, 19.1, 22.2,
      33.8, 27.4, 25.7, 24.9, 34.5, 31.7, 36.3, 38.3, 42.6, 55.4, 55.7, 58.3, 51.5, 51, 77,
    ],
    published: {
      slope: 5.0659,
      intercept: -36.9435,
      seOfSlope: 0.2474,
      seOfIntercept: 3.3651,
      residualSd: 4.252,
    },
  },
  'The World Almanac (1975), heights and weights, as R prints them': {
    xs: [58, 59, 60, 61, 62, 63, 64, 65, 66, 67, 68, 69, 70, 71, 72],
    ys: [115, 117, 120, 123, 126, 129, 132, 135, 139, 142, 146, 150, 154, 159, 164],
    published: {
      slope: 3.45,
      intercept: -87.51667,
      seOfSlope: 0.09114,
      seOfIntercept: 5.93694,
      residualSd: 1.525,
    },
  },
};

const decimals = (printed: number) => (String(printed).split('.')[1] ?? '').length;

describe.each(Object.entries(EXAMPLES))('%s', (_source, { xs, ys, about = 0, published }) => {
  const ours = fitted(xs, ys, about);
  it.each(Object.entries(published) as [keyof Results, number][])(
    'published: %s %d',
    (of, printed) => {
      // Half a digit in the last place, and a hair for what the printer rounded.
      expect(Math.abs(ours[of] - printed)).toBeLessThanOrEqual(0.51 * 10 ** -decimals(printed));
    },
  );
});

const accurate = (about: number, pairs: number) => [
  about + 0.2,
  ...Array.from({ length: pairs }, () => [about + 0.1, about + 0.3]).flat(),
];

describe.each<[string, number[], { mean: number; sd: number; within: number }]>([
  ['NIST StRD, NumAcc1', [10000001, 10000003, 10000002], { mean: 10000002, sd: 1, within: 1e-12 }],
  ['NIST StRD, NumAcc2', accurate(1, 500), { mean: 1.2, sd: 0.1, within: 1e-12 }],
  ['NIST StRD, NumAcc3', accurate(1000000, 500), { mean: 1000000.2, sd: 0.1, within: 1e-8 }],
  ['NIST StRD, NumAcc4', accurate(10000000, 500), { mean: 10000000.2, sd: 0.1, within: 1e-7 }],
  [
    'JCGM 100:2008 (GUM), 4.4.3, twenty temperatures',
    [
      96.9, 98.18, 98.25, 98.61, 99.03, 99.49, 99.56, 99.74, 99.89, 100.07, 100.33, 100.42, 100.68,
      100.95, 101.11, 101.2, 101.57, 101.84, 102.36, 102.72,
    ],
    { mean: 100.145, sd: 1.489, within: 5e-4 },
  ],
  [
    'Student, Biometrika 6 (1908), hours gained, first',
    [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0, 2],
    { mean: 0.75, sd: 1.78901, within: 5e-6 },
  ],
  [
    'Student, second',
    [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4],
    { mean: 2.33, sd: 2.002249, within: 5e-7 },
  ],
  [
    'Student, their difference',
    [1.2, 2.4, 1.3, 1.3, 0, 1, 1.8, 0.8, 4.6, 1.4],
    { mean: 1.58, sd: 1.229995, within: 5e-7 },
  ],
  [
    'Cavendish, Phil. Trans. 88 (1798), 29 densities of the earth, as printed',
    [
      5.5, 5.61, 4.88, 5.07, 5.26, 5.55, 5.36, 5.29, 5.58, 5.65, 5.57, 5.53, 5.62, 5.29, 5.44, 5.34,
      5.79, 5.1, 5.27, 5.39, 5.42, 5.47, 5.63, 5.34, 5.46, 5.3, 5.75, 5.68, 5.85,
    ],
    { mean: 5.448, sd: 0.221, within: 5e-4 },
  ],
])('%s', (_source, readings, { mean, sd, within }) => {
  const { meanMm, uncertaintyMm } = combineRepeats(readings, 0);
  it('published: the mean', () => expect(Math.abs(meanMm - mean)).toBeLessThanOrEqual(within));
  it('published: the spread', () =>
    expect(Math.abs((uncertaintyMm / 2) * Math.sqrt(readings.length) - sd)).toBeLessThanOrEqual(
      within,
    ));
});

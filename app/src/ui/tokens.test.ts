import { PALETTES, type ColorName } from './tokens';

/** Relative luminance and contrast. Source [S]: WCAG 2.2, "relative luminance" and "contrast ratio". */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const channel = parseInt(hex.slice(i, i + 2), 16) / 255;
    return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}
function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light! + 0.05) / (dark! + 0.05);
}

const TEXT: [ColorName, ColorName][] = [
  ['soft', 'paper'],
  ['soft', 'raised'],
  ['brassText', 'paper'],
  ['brassText', 'raised'],
  ['brassText', 'tag'],
  ['onBrass', 'brass'],
  ['onRail', 'rail'],
  ['onRail', 'railCurrent'],
  ['onSlate', 'slate'],
  ['onRust', 'rust'],
];
const READINGS: [ColorName, ColorName][] = [
  ['ink', 'paper'],
  ['ink', 'raised'],
  ['ink', 'tag'],
  ['onAction', 'action'],
  ['kelpText', 'paper'],
  ['ochreText', 'paper'],
  ['fogText', 'paper'],
  ['rustText', 'paper'],
  ['kelpText', 'raised'],
  ['ochreText', 'raised'],
  ['fogText', 'raised'],
  ['rustText', 'raised'],
];
const MARKS: [ColorName, ColorName][] = [
  ['kelp', 'paper'],
  ['ochre', 'paper'],
  ['fog', 'paper'],
  ['rust', 'paper'],
];

describe.each(['day', 'bench'] as const)('%s', (theme) => {
  const palette = PALETTES[theme];
  const of = ([a, b]: [ColorName, ColorName]) => contrast(palette[a], palette[b]);

  it.each(TEXT)('text %s on %s has 4.5:1', (a, b) =>
    expect(of([a, b])).toBeGreaterThanOrEqual(4.5),
  );
  it.each(READINGS)('readings and verdicts %s on %s have 7:1', (a, b) =>
    expect(of([a, b])).toBeGreaterThanOrEqual(7),
  );
  it.each(MARKS)('marks %s on %s have 3:1', (a, b) => expect(of([a, b])).toBeGreaterThanOrEqual(3));
});

it('measures contrast as the standard does: black on white is 21:1', () =>
  expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 6));

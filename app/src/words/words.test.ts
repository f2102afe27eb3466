import { rotorVerdict } from '@hold-fast/core/wear/rotor';
import { rotorSays } from '../screens/bench/findings';
import { benchTime, near } from './days';
import { words } from './words';

it('says a verdict as a mechanic would', () => {
  const verdict = rotorVerdict(
    {
      points: [1.52, 1.5, 1.47, 1.49, 1.51, 1.48].map((reading, i) => ({
        point: i + 1,
        readingsMm: [reading],
      })),
      pointCount: 6,
      gauge: {
        kind: 'thickness-gauge',
        resolutionMm: 0.01,
        uncertaintyMm: 0.03,
        anvils: 'point',
        calibrationDueOn: '2099-01-01',
      },
      zeroErrorMm: 0,
      measuredOn: '2026-11-25',
      ridge: 'felt',
      lipMm: 1.8,
      damage: [],
    },
    { limitMm: 1.5, atLimitIsWorn: true, origin: 'stamped', tag: null },
    null,
  );
  expect(rotorSays(verdict)).toBe('Thinnest 1.47 at point 3, 4 o’clock. Limit 1.50, stamped.');
  expect(verdict.reasons.map(words.reason)).toEqual(['1.47 at point 3 is at or below 1.50']);
});

it('says what is wrong with an input, with the numbers', () => {
  expect(words.inputError('thicker-than-new', { thicknessMm: 1.9, newMm: 1.8 })).toBe(
    '1.90 is thicker than new (1.80). Wrong sheet, or a ridge under the jaws?',
  );
  expect(words.inputError('too-many-digits', { decimals: 2 })).toMatch('2 decimals');
});

it('writes torques with at least one decimal, and no more than two', () =>
  expect([6, 5.75, 5.7, 40].map(words.format.nm)).toEqual(['6.0', '5.75', '5.7', '40.0']));

it('tells bench time and near days in words', () => {
  expect([0, 25, 60, 190].map(benchTime)).toEqual(['0 min', '25 min', '1 h', '3 h 10 min']);
  expect(near(new Date().toISOString())).toMatch(/^\d\d:\d\d$/);
  expect(near(new Date(Date.now() + 30 * 86_400_000).toISOString())).toMatch(/\d{4}$/);
});

it('says nothing with an exclamation mark', () => {
  const said = JSON.stringify(words);
  expect(said).not.toMatch(/!/);
});

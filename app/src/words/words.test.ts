import type { Subject } from '@hold-fast/core/inspection/inspected';
import { rotorVerdict } from '@hold-fast/core/wear/rotor';
import type { Work } from '@hold-fast/core/inspection/work';
import type { Word } from '@hold-fast/core/wear/verdict';
import { rotorSays } from '../screens/bench/inspect/findings';
import { hearShopClock } from '../shopClock';
import { benchTime, calendarDay, exactDay, near, todaysHeading } from './days';
import { verdictWords } from './verdictWords';
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
  expect(verdict.reasons.map(verdictWords.reason)).toEqual(['1.47 at point 3 is at or below 1.50']);
});

it('says what is wrong with an input, with the numbers', () => {
  expect(verdictWords.inputError('thicker-than-new', { thicknessMm: 1.9, newMm: 1.8 })).toBe(
    '1.90 is thicker than new (1.80). Wrong sheet, or a ridge under the jaws?',
  );
  expect(verdictWords.inputError('too-many-digits', { decimals: 2 })).toMatch('2 decimals');
});

it('writes torques with at least one decimal, and no more than two', () =>
  expect([6, 5.75, 5.7, 40].map(words.format.nm)).toEqual(['6.0', '5.75', '5.7', '40.0']));

it('tells bench time and near days in words', () => {
  expect([0, 25, 60, 190].map(benchTime)).toEqual(['0 min', '25 min', '1 h', '3 h 10 min']);
  expect(near(new Date().toISOString())).toMatch(/^\d\d:\d\d$/);
  expect(near(new Date(Date.now() + 30 * 86_400_000).toISOString())).toMatch(/\d{4}$/);
  const noon = (day: number) => new Date(2020, 0, day, 12).toISOString();
  const says = (day: number) => near(noon(day), new Date(2020, 0, 15, 9));
  expect([says(14), says(16), says(18), says(30)]).toEqual([
    'yesterday 12:00',
    'tomorrow 12:00',
    'Sat 12:00',
    '30\u00a0Jan\u00a02020',
  ]);
});

it('names near days by the shop’s clock, where a phone’s is a day wrong', () => {
  const inShop = new Date(Date.now() + 86_400_000);
  hearShopClock(inShop.toUTCString());
  expect(near(inShop.toISOString())).toMatch(/^\d\d:\d\d$/);
  expect(near(new Date().toISOString())).toMatch(/^yesterday /);
  expect(todaysHeading()).toContain(String(inShop.getDate()));
  hearShopClock(new Date().toUTCString());
  expect(near(new Date().toISOString())).toMatch(/^\d\d:\d\d$/);
});

it('writes dates in words that never break over two lines', () => {
  expect(calendarDay('2028-06-29')).toBe('29\u00a0Jun\u00a02028');
  expect(exactDay('2026-05-03T12:00:00.000Z')).toBe('3\u00a0May\u00a02026');
  expect(verdictWords.reason({ code: 'gauge-out-of-calibration', dueOn: '2026-03-01' })).toBe(
    'the gauge’s calibration ended 1\u00a0Mar\u00a02026',
  );
});

it('fits the word of a standing to its thing', () => {
  const said = (...[word, subject, work]: [Word, Subject?, Work?]) =>
    words.standing({ word, ...(subject ? { subject } : {}), work: work ? [work] : [] });
  expect(said('replace', 'rotor', 'replace-rotor')).toBe('replace');
  expect(said('replace', 'lever', 'full-bleed')).toBe('bleed');
  expect(said('watch', 'runout', 'true-rotor')).toBe('true the rotor');
  expect(said('watch', 'runout', 'refit-rotor')).toBe('clean its seat');
  expect(said('replace', 'runout', 'replace-rotor')).toBe('replace the rotor');
  expect(said('watch', 'clearance', 'centre-caliper')).toBe('centre');
  expect(said('replace', 'bolts', 'tighten-bolts')).toBe('tighten');
  expect(said('replace', 'lever')).toBe('put right');
  // Pads near their limit are watched, though a piston beside them sticks.
  expect(said('watch', 'pads', 'service-pistons')).toBe('watch');
  expect(said('holds', 'pads', 'service-pistons')).toBe('holds');
  expect(said('unproven', 'lever')).toBe('unproven');
});

it('says nothing with an exclamation mark', () => {
  const said = JSON.stringify(words);
  expect(said).not.toMatch(/!/);
});

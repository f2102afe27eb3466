import { UNITS } from '@hold-fast/core/rules/manner';
import type { MannerInForce } from '@hold-fast/contract/manner';
import type { Catalogue } from './catalogue/catalogue';
import { bikes } from './en/bikes';
import { checkIn } from './en/checkIn';
import { dates } from './en/dates';
import { frame } from './en/frame';
import { job } from './en/job';
import { ledger } from './en/ledger';
import { measuring } from './en/measuring';
import { planning } from './en/planning';
import { proving } from './en/proving';
import { reckoner } from './en/reckoner';
import { storeForms } from './en/storeForms';
import { stores } from './en/stores';
import { things } from './en/things';
import { german } from './de/german';
import { stretched } from './pseudo';

const GERMAN: MannerInForce = {
  manner: { language: 'de', length: 'in', torque: 'lbf·in', distance: 'mi', temperature: '°F' },
  own: true,
  currency: 'SEK',
};

/** The words as they are after a page was loaded with this manner kept on the device. */
function inGerman(): typeof import('./words') & typeof import('./verdictWords') {
  jest.resetModules();
  const { onDevice } = jest.requireActual<typeof import('../remembered')>('../remembered');
  onDevice.setItem('hold-fast.manner', JSON.stringify(GERMAN));
  const { german } = jest.requireActual<typeof import('./de/german')>('./de/german');
  jest.requireActual<typeof import('./language')>('./language').speak((place) => german[place]);
  return { ...jest.requireActual('./words'), ...jest.requireActual('./verdictWords') };
}

it('says a verdict in German, with its comma', () => {
  const { words, verdictWords } = inGerman();
  expect(
    verdictWords.reason({
      code: 'worn',
      place: '3',
      thicknessMm: 1.47,
      limitMm: 1.5,
      atLimitIsWorn: true,
    }),
  ).toBe('1,47 bei Punkt 3 hat 1,50 erreicht oder unterschritten');
  expect(words.thingAt('front', 'rotor')).toBe('Scheibe vorn');
  expect(words.standing({ word: 'replace', subject: 'lever', work: ['full-bleed'] })).toBe(
    'entlüften',
  );
});

it('writes days and hours as each language does', () => {
  const evening = new Date(2028, 5, 29, 17, 5);
  const says = ({ heading, weekday, full, hour }: Catalogue['dates']) =>
    [heading, weekday, full, hour].map((write) => write(evening));
  expect(says(dates)).toEqual(['Thursday 29 June', 'Thu', '29 Jun 2028', '17:05']);
  expect(says(german.dates)).toEqual(['Donnerstag, 29. Juni', 'Do', '29. Juni 2028', '17:05']);
});

it('says quantities in the units in use, with those the bench works in beside them', () => {
  const { words, verdictWords } = inGerman();
  // [S] NIST SP 811 (2008), Appendix B.8: 1 lbf·in is 0.112 984 8 N·m, a mile 1.609 344 km; 230 °C is 446 °F.
  expect(words.format.torque(6)).toBe('53 lbf·in (6,0 N·m)');
  expect(verdictWords.torques(5, 7)).toBe('44 bis 62 lbf·in (5,0 bis 7,0 N·m)');
  expect(words.format.distance(1609.344)).toBe('1.000\u00a0mi');
  expect(words.format.temperature(230)).toBe('446 °F');
  expect(words.format.inches(1.5)).toBe('0,0591\u00a0in');
  expect(words.format.money(6050)).toMatch(/^60,50\s(SEK|kr)$/);
  expect(words.format.list(['a', 'b', 'c'])).toBe('a, b und c');
});

it('falls back to the usual manner where the device keeps nonsense', () => {
  for (const kept of [
    '{',
    'null',
    '{"manner":{}}',
    JSON.stringify({ ...GERMAN, currency: 'x' }),
    JSON.stringify({ ...GERMAN, manner: { ...GERMAN.manner, torque: 'ell' } }),
  ]) {
    jest.resetModules();
    const { onDevice } = jest.requireActual<typeof import('../remembered')>('../remembered');
    onDevice.setItem('hold-fast.manner', kept);
    const { inForce, LOCALE } = jest.requireActual<typeof import('./manner')>('./manner');
    expect(inForce.manner).toMatchObject({ language: 'en', torque: UNITS.torque[0] });
    expect(LOCALE).toBe('en-GB');
  }
});

/** Every text of a catalogue, by its path. */
function textsOf(part: unknown, path = ''): [string, string][] {
  if (typeof part === 'string') return [[path, part]];
  if (typeof part !== 'object' || part === null) return [];
  return Object.entries(part).flatMap(([key, of]) => textsOf(of, `${path}.${key}`));
}

it('has no text that German left in English, but names and what both write alike', () => {
  const english: Partial<Catalogue> = {
    things,
    frame,
    job,
    measuring,
    planning,
    proving,
    checkIn,
    stores,
    storeForms,
    bikes,
    ledger,
    reckoner,
  };
  const inEnglish = new Map(textsOf(english));
  const alike = textsOf(german).filter(
    ([path, text]) => inEnglish.get(path) === text && /[a-z]{3}/.test(text),
  );
  const words = new Set(alike.map(([, text]) => text));
  expect([...words].filter((text) => !ALIKE.has(text))).toEqual([]);
});

const ALIKE = new Set(['Hold Fast', 'Motor', 'Plan', 'Text', 'Name', 'Adapter', 'Olive', 'min']);

it('stretches every text of a catalogue, and what its functions make', () => {
  const part = stretched({ a: 'Bleed', deep: { b: (n: number) => `${n} bikes` }, mm: '—' });
  expect(part.a).toBe('Blëëd~~');
  expect(part.deep.b(3)).toBe('3 bïkës~~~');
  expect(part.mm).toBe('—');
});

import { SHEET, Visit } from '../adversary/visit';
import { adapted } from './adapted';

const ADAPTED = adapted(SHEET);
const visit = () => Visit.with({}).identify({ ...ADAPTED, title: 'Another', source: 'Unread' });

it('a sheet begun from another passes nothing that it was begun with, and condemns by it', () => {
  const seen = visit().rotor([1.7, 1.7, 1.7]).pads(3.9).lever();
  expect((['rotor', 'pads', 'lever'] as const).map((each) => seen.word(each))).toEqual(
    Array(3).fill('unproven'),
  );
  expect(seen.barred).toContain('unproven-open');
  expect(visit().rotor([1.4, 1.4, 1.4]).word('rotor')).toBe('replace');
});

it('nor proves a bolt by a torque of the other brake', () => {
  const seen = visit();
  seen.fit();
  seen.tighten('rotor-bolts');
  expect(seen.job.tightened.at(-1)!.flaws).toContain('torque-from-memory');
});

it('passes by what its own sheet is said to give', () => {
  const read = { ...ADAPTED, rotor: { ...ADAPTED.rotor, limit: SHEET.rotor.limit } };
  const seen = Visit.with({}).identify(read).rotor([1.7, 1.7, 1.7]);
  expect(seen.word('rotor')).toBe('holds');
});

it('asks for its name, its source, its fluid and its ways anew, and keeps what the shop holds to be usual', () => {
  const usual = { origin: 'shop', tag: 'P' } as const;
  const sheet = adapted({
    ...SHEET,
    brake: { ...SHEET.brake, pistonLubricant: 'own-fluid' },
    rotor: { ...SHEET.rotor, limit: { limitMm: 1.5, atLimitIsWorn: true, ...usual } },
    pads: {
      ...SHEET.pads,
      schools: ['friction'],
      limits: { friction: { limitMm: 0.6, atLimitIsWorn: true, origin: 'stamped', tag: null } },
    },
    torque: [{ ...SHEET.torque[0]!, window: { ...SHEET.torque[0]!.window, ...usual } }],
    origins: { 'pads.plateMm': usual },
  });
  expect(sheet).toMatchObject({
    title: '',
    source: '',
    fluid: null,
    brake: { pistonLubricant: null, pistons: 2 },
    rotor: { limit: { limitMm: 1.5, tag: 'P' } },
    pads: { schools: [], limits: { friction: { limitMm: 0.6, origin: 'shop', tag: 'M' } } },
    torque: [{ window: { tag: 'P' } }],
    origins: { 'pads.plateMm': usual, 'rotor.newMm': { tag: 'M' }, 'lever.ratio': { tag: 'M' } },
  });
  // Of a number that is not there nothing is to be said.
  expect(Object.keys(sheet.origins)).not.toContain('hose.kitMl');
});

import { adapted } from '@hold-fast/core/sheet/adapted';
import { PRACTICE_SHEET as SHEET } from '@hold-fast/core/practice/sheet';
import { changedFacts } from './sheetFacts';

const changed = (change: Partial<typeof SHEET>) => changedFacts(SHEET, { ...SHEET, ...change });

it('a revision says what it changed by the names it is read by', () => {
  expect(changedFacts(SHEET, SHEET)).toEqual([]);
  expect(changed({ source: 'Revision B' })).toEqual(['Source Shop → Revision B']);
  const [bolts, posts] = SHEET.torque;
  const named = { ...bolts!, window: { ...bolts!.window, loNm: 5 } };
  expect(changed({ torque: [named, { ...posts!, thread: 'dry', boltCount: 3 }] })).toEqual([
    'Rotor bolts, T25 4.0 to 6.2 N·m (sheet) → 5.0 to 6.2 N·m (sheet)',
    'Caliper bolts (3), on the thread Medium threadlocker → Dry',
  ]);
  expect(changed({ torque: [bolts!] })[0]).toMatch(/^Caliper bolts, 5 mm hex .* → none$/);
});

it('also where only who laid it down is another, or a name', () => {
  const { rotor, origins } = adapted(SHEET);
  expect(changed({ rotor })).toEqual([
    'Rotor limit 1.50 mm, worn at it (sheet) → 1.50 mm, worn at it (shop, from memory)',
  ]);
  expect(changed({ origins })).toContain(
    'Rotor, new 1.80 mm (sheet) → 1.80 mm (shop, from memory)',
  );
  expect(changed({ pads: { ...SHEET.pads, plateAssumed: true } })).toEqual([
    'Backing plate → Backing plate, assumed',
  ]);
});

it('and never that nothing changed where something did', () => {
  const hose = { boreMm: null, barb: '', olive: '', banjoSeals: 'copper', kitMl: null };
  expect(changed({ hose })).toEqual(['what is seldom asked for']);
});

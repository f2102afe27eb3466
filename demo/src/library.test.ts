import Ajv2020 from 'ajv/dist/2020';
import { SpecSheetBody, SHEETS_FORMAT } from '@hold-fast/contract/sheets';
import { sheetsSchema } from '@hold-fast/contract/schemas';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { SHEETS } from './library';

const sheets = Object.values(SHEETS).map((sheet) => SpecSheetBody.parse(sheet));
const generic = sheets.filter(({ title }) => title.startsWith('Generic'));

it('ships at least ten generic sheets that cover what comes through the door', () => {
  expect(generic.length).toBeGreaterThanOrEqual(10);
  const has = (what: (sheet: SpecSheetBody) => boolean) => generic.some(what);
  for (const mount of ['post', 'flat', 'is'])
    expect(has(({ brake }) => brake.mount === mount)).toBe(true);
  for (const actuation of ['hydraulic', 'cable', 'cable-pulled-hydraulic'])
    expect(has(({ brake }) => brake.actuation === actuation)).toBe(true);
  for (const pistons of [2, 4])
    expect(has(({ brake }) => brake.actuation === 'hydraulic' && brake.pistons === pistons)).toBe(
      true,
    );
  for (const sides of ['one-sided', 'two-sided'])
    expect(has(({ brake }) => brake.sides === sides)).toBe(true);
  for (const family of ['mineral', 'glycol'])
    expect(has(({ fluid }) => fluid?.fluid.family === family)).toBe(true);
  for (const hold of ['six-bolt', 'lockring'])
    expect(has(({ rotor }) => rotor.hold === hold)).toBe(true);
  expect(has(({ rotor }) => rotor.construction === 'two-piece')).toBe(true);
});

it('a generic sheet takes nothing for a maker’s word', () => {
  for (const { rotor, torque, fluid } of generic) {
    expect(rotor.limit?.origin).toBe('shop');
    for (const { window } of torque) expect(window.origin).toBe('shop');
    if (fluid) expect(fluid.origin).toBe('shop');
  }
});

describe('the published schema', () => {
  const published = JSON.parse(
    readFileSync(path.resolve(__dirname, '../../docs/formats/spec-sheets.schema.json'), 'utf8'),
  ) as object;
  // Reference: Ajv, a general validator of JSON Schema, draft 2020-12.
  const valid = new Ajv2020({ strict: false, multipleOfPrecision: 6 }).compile(published);

  it('is the one the server checks by', () => expect(published).toEqual(sheetsSchema()));

  it('takes the library as it goes out, and as it is written', () => {
    expect(valid({ format: SHEETS_FORMAT, sheets })).toBe(true);
    expect(valid({ format: SHEETS_FORMAT, sheets: Object.values(SHEETS) })).toBe(true);
  });

  it('refuses what the server refuses', () => {
    const [sheet] = sheets;
    for (const wrong of [
      { ...sheet, title: '' },
      { ...sheet, stray: 1 },
      { ...sheet, brake: { ...sheet!.brake, mount: 'glue' } },
      { ...sheet, pads: { ...sheet!.pads, plateMm: -1 } },
    ]) {
      expect(valid({ format: SHEETS_FORMAT, sheets: [wrong] })).toBe(false);
      expect(SpecSheetBody.safeParse(wrong).success).toBe(false);
    }
  });
});

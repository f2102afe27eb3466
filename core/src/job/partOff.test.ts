import { SHEET, Visit } from '../adversary/visit';
import type { UsedPart } from '../kit/usedPart';
import { usedPartOf } from './partOff';

const off = (visit: Visit, goes: 'shelf' | 'scrap' = 'shelf') =>
  visit.send('part-off', { end: 'front', part: 'rotor', goes });

// "A part taken off alive goes to stock as used, with its readings" [P]; what bars it from there is our choice [D].
describe('a part that comes off', () => {
  it('goes to the shelf alive, with what it read', () => {
    const visit = new Visit().identify().rotor([1.7, 1.68, 1.7, 1.7, 1.7, 1.7]);
    expect(usedPartOf(visit.job, 'front', 'rotor')).toMatchObject({
      part: 'rotor',
      leastMm: 1.68,
      word: 'holds',
      construction: 'one-piece',
      newMm: 1.8,
      tag: 412,
    });
    expect(off(visit)).toBeNull();
    expect(off(visit)).toMatchObject({ code: 'off-already' });
    visit.fit();
    visit.rotor([1.8, 1.8, 1.8, 1.8, 1.8, 1.8]);
    expect(off(visit)).toBeNull();
  });

  it('takes its stamp along, whoever read it, and of two readings that differ the stricter', () => {
    const stamped = (limitMm: number) => ({ stampedLimit: { limitMm, atLimitIsWorn: true } });
    const visit = new Visit().identify(SHEET, stamped(1.5)).rotor(Array<number>(6).fill(1.75));
    expect(usedPartOf(visit.job, 'front', 'rotor')).toMatchObject(stamped(1.5));
    visit.identify();
    expect(usedPartOf(visit.job, 'front', 'rotor')).toMatchObject(stamped(1.5));
    visit.identify(SHEET, stamped(1.65));
    expect(usedPartOf(visit.job, 'front', 'rotor')).toMatchObject(stamped(1.65));
    expect(usedPartOf(visit.pads(3.9).job, 'front', 'pads')).toMatchObject({ stampedLimit: null });
  });

  it('does not go there condemned, or without a reading', () => {
    const worn = new Visit().identify().rotor([1.7, 1.45, 1.7]);
    expect(off(worn)).toMatchObject({ field: 'goes', code: 'not-alive' });
    const cracked = new Visit().identify().rotor([1.7, 1.7, 1.7, 1.7, 1.7, 1.7]);
    cracked.look('rotor', ['crack']);
    expect(off(cracked)).toMatchObject({ code: 'not-alive' });
    expect(off(new Visit().identify())).toMatchObject({ code: 'measure-first' });
    expect(off(new Visit().identify(), 'scrap')).toBeNull();
  });
});

describe('a used part off the shelf', () => {
  const used: UsedPart = {
    id: 'used',
    part: 'rotor',
    description: 'Tolve 180',
    compound: null,
    organicOnly: false,
    construction: 'one-piece',
    newMm: 1.8,
    stampedLimit: { limitMm: 1.5, atLimitIsWorn: null },
    leastMm: 1.66,
    doubtMm: 0.03,
    word: 'holds',
    batches: ['B-7'],
    tag: 400,
    bikeName: 'Post trike',
    at: '',
    by: 'Maren',
    gone: false,
  };
  const fit = (change: Partial<Parameters<Visit['fit']>[0]>, of: UsedPart | null = used) => {
    const visit = new Visit().identify();
    const { description, construction, stampedLimit, newMm } = used;
    const own = { description, construction, stampedLimit, newMm };
    const fault = visit.fit(
      { ...own, condition: 'used', usedPartId: 'used', ...change },
      of && { used: of },
    );
    return { visit, fault };
  };

  it('comes on as the shelf has it, and is unproven until it is measured here', () => {
    const { visit, fault } = fit({});
    expect(fault).toBeNull();
    expect(visit.job.bars).toContainEqual({
      code: 'unproven-open',
      end: 'front',
      subject: 'rotor',
    });
  });

  it('may be marked for organic pads alone where nobody had seen the mark, and no metallic pair goes with it', () => {
    const { visit, fault } = fit({ organicOnly: true });
    expect(fault).toBeNull();
    expect(visit.fit({ part: 'pads', compound: 'metallic' })).toMatchObject({ field: 'compound' });
  });

  it.each([
    [{ condition: 'new' }, used, 'past-differs'],
    [{ stampedLimit: { limitMm: 1.4, atLimitIsWorn: null } }, used, 'past-differs'],
    [{ stampedLimit: null }, used, 'past-differs'],
    [{ description: 'Another' }, used, 'past-differs'],
    [{ newMm: 2.3 }, used, 'past-differs'],
    [{ organicOnly: false }, { ...used, organicOnly: true }, 'past-differs'],
    [{ stampedLimit: { limitMm: 1.5, atLimitIsWorn: false } }, used, 'past-differs'],
    [{}, { ...used, gone: true }, 'used-already'],
    [{}, { ...used, part: 'pads' }, 'unknown'],
    [{}, null, 'unknown'],
  ] as const)('%j of %j is refused: %s', (change, of, code) =>
    expect(fit(change, of).fault).toMatchObject({ field: 'usedPartId', code }),
  );
});

describe('a part the customer brought', () => {
  const sheetFor = (shape: string) => {
    const { body } = new Visit().identify().job.identified.front!.sheet;
    return { ...body, pads: { ...body.pads, shape }, rotor: { ...body.rotor, sizeMm: 180 } };
  };
  const bring = (part: 'pads' | 'rotor' | 'olive', fits: string, checked: string, shape = 'oval') =>
    new Visit()
      .identify(sheetFor(shape))
      .send('part-brought', { end: 'front', part, pieces: 1, from: 'Customer', fits, checked });

  it.each([
    ['pads', 'oval', '', null],
    ['pads', '', '', 'say-how-it-fits'],
    ['pads', 'square', '', 'say-how-it-fits'],
    ['pads', 'square', 'Held against the old one', null],
    ['rotor', '180', '', null],
    ['rotor', '203', '', 'say-how-it-fits'],
    ['olive', '', '', null],
  ] as const)('%s that says “%s”, seen “%s”: %s', (part, fits, checked, code) =>
    expect(bring(part, fits, checked)?.code ?? null).toBe(code),
  );

  it('is held against nothing where the sheet names no shape', () =>
    expect(bring('pads', '', '', '')).toBeNull());
});

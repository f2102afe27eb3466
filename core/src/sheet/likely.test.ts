import { atEachEnd } from '../ends';
import { likelyFirst } from './likely';
import type { SheetRevision } from './sheet';

const sheet = (sheetId: string, revision = 1) =>
  ({ id: `${sheetId} ${revision}`, sheetId, revision }) as SheetRevision;
const SHEETS = [sheet('brannock'), sheet('generic'), sheet('haaf', 3), sheet('ostrel')];
const NOBODY = { identified: atEachEnd(() => null), identifiedBefore: {} };
const order = (known: Partial<Parameters<typeof likelyFirst>[1]>) =>
  likelyFirst(SHEETS, { ...NOBODY, ...known }, 'front').map((each) => [
    each.sheet.sheetId,
    each.likely,
  ]);

describe('the sheets a brake may be of', () => {
  it('stay in their order where nobody knows anything', () => {
    expect(order({})).toEqual(SHEETS.map(({ sheetId }) => [sheetId, null]));
  });

  it('begin with the one of its last visit, in its newest revision, then those of the other brakes', () => {
    const rear = { sheet: sheet('generic') };
    const found = order({
      identifiedBefore: {
        front: { sheetId: 'haaf', tag: 403 },
        rear: { sheetId: 'ostrel', tag: 403 },
      },
      identified: { ...NOBODY.identified, rear },
    });
    expect(found).toEqual([
      ['haaf', { code: 'last-visit', tag: 403 }],
      ['generic', { code: 'other-end', end: 'rear' }],
      ['brannock', null],
      ['ostrel', null],
    ]);
    expect(
      likelyFirst(
        SHEETS,
        { ...NOBODY, identifiedBefore: { front: { sheetId: 'haaf', tag: 1 } } },
        'front',
      )[0]!.sheet.revision,
    ).toBe(3);
  });

  it('say once why, and offer none that the shop has no more', () => {
    const rear = { sheet: sheet('haaf') };
    const known = { identified: { ...NOBODY.identified, rear } };
    expect(
      order({ ...known, identifiedBefore: { front: { sheetId: 'haaf', tag: 7 } } })[0],
    ).toEqual(['haaf', { code: 'last-visit', tag: 7 }]);
    expect(order({ identifiedBefore: { front: { sheetId: 'gone', tag: 7 } } })).toHaveLength(4);
  });
});

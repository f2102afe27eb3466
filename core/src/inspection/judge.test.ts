import { hasEvidence, measurandRule } from '../measurand/measurands';
import { rotorLimit, type Standard } from './standard';
import fc from 'fast-check';
import { readStamp } from './inspectEnd';
import { contradictionAt, judge } from './judge';
import { USUAL_RULES } from '../rules/shopRules';
import { type MeasuringSession, type TakenReading } from './session';
import { WORDS } from '../wear/verdict';

const standard: Standard = {
  sheet: {
    brake: { actuation: 'hydraulic' },
    lever: { ratio: 5, boreMm: 10, ownGiveMl: 0.1 },
    rotor: {
      construction: 'one-piece',
      newMm: 1.8,
      limit: { limitMm: 1.5, atLimitIsWorn: true, origin: 'sheet', tag: null },
    },
    pads: { newTotalMm: 4, plateMm: 1.8, plateAssumed: false },
  },
  stamps: [],
};

const reading = (place: string, valueMm: number, i = 0): TakenReading => ({
  id: `${place} ${i}`,
  place,
  valueMm,
  replaces: null,
});

function sitting(change: Partial<MeasuringSession> = {}): MeasuringSession {
  return {
    gauge: {
      kind: 'thickness-gauge',
      resolutionMm: 0.01,
      uncertaintyMm: 0.03,
      anvils: 'point',
      calibrationDueOn: '2027-03-01',
    },
    basis: null,
    pointCount: 6,
    measuredOn: '2026-11-25',
    readings: [
      reading('zero', 0),
      ...[1.7, 1.7, 1.7].map((mm, i) => reading(String(2 * i + 1), mm)),
    ],
    looks: [{ subject: 'ridge', seen: false }],
    ...change,
  };
}

describe('judging a sitting', () => {
  it('judges a rotor by the limit in force, and names the rules it used', () => {
    expect(judge('rotor', sitting(), standard)).toMatchObject({
      ok: true,
      verdict: { word: 'holds' },
    });
    expect(measurandRule('rotor').version).toBe('rotor/4');
  });

  it('lets a limit stamped on the part decide over the sheet, and the sheet over the shop', () => {
    const stamped = {
      ...standard,
      stamps: [readStamp({ limitMm: 1.7, atLimitIsWorn: null }, null)],
    };
    expect(judge('rotor', sitting(), stamped)).toMatchObject({ verdict: { word: 'replace' } });
    expect(rotorLimit(stamped)).toMatchObject({ limitMm: 1.7, origin: 'stamped' });
    expect(rotorLimit(standard).origin).toBe('sheet');
    const silent = {
      ...standard,
      sheet: { ...standard.sheet, rotor: { ...standard.sheet.rotor, limit: null } },
    };
    expect(rotorLimit(silent)).toMatchObject({ limitMm: 1.5, origin: 'shop', tag: 'P' });
  });

  it('judges pads by every school unless the shop says which', () => {
    const pads = sitting({
      basis: 'total',
      pointCount: null,
      readings: ['zero', 'inner-leading', 'inner-trailing', 'outer-leading', 'outer-trailing'].map(
        (place) => reading(place, place === 'zero' ? 0 : 3.1),
      ),
    });
    expect(judge('pads', pads, standard)).toMatchObject({
      verdict: { word: 'replace', decidedBy: 'friction' },
    });
    expect(
      judge('pads', pads, { ...standard, rules: { ...USUAL_RULES, schools: ['total'] } }),
    ).toMatchObject({ verdict: { word: 'watch' } });
  });

  it('says what contradicts what, and passes nothing', () => {
    const thick = sitting({ readings: [reading('zero', 0), reading('1', 1.9)] });
    const judgement = judge('rotor', thick, standard);
    expect(judgement).toMatchObject({ verdict: { word: 'unproven' } });
    expect(contradictionAt(judgement, '1')).toEqual({
      code: 'thicker-than-new',
      numbers: { thicknessMm: 1.9, newMm: 1.8 },
    });
    expect(contradictionAt(judgement, '2')).toBeNull();
  });

  it('agrees with itself in inches: the same metal gives the same word', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1300, max: 1820 }), { minLength: 3, maxLength: 6 }),
        (ums) => {
          const of = (scale: (mm: number) => number) =>
            judge(
              'rotor',
              sitting({
                readings: [
                  reading('zero', 0),
                  ...ums.map((um, i) => reading(String(i + 1), scale(um / 1000))),
                ],
              }),
              standard,
            );
          const inMm = of((mm) => mm);
          const viaInches = of((mm) => (Math.round((mm / 25.4) * 1e7) / 1e7) * 25.4);
          expect(viaInches.ok && inMm.ok && [viaInches.verdict.word, inMm.verdict.word]).toEqual([
            inMm.ok && inMm.verdict.word,
            inMm.ok && inMm.verdict.word,
          ]);
        },
      ),
    ));

  it('counts a reading that came from inches in whole micrometres', () => {
    const just = (mm: number) =>
      judge(
        'rotor',
        sitting({
          readings: [reading('zero', 0), ...[1, 3, 5].map((p) => reading(String(p), mm))],
        }),
        standard,
      );
    expect(just(1.576)).toMatchObject({ verdict: { word: 'holds' } });
    expect(just(1.5759999)).toMatchObject({ verdict: { word: 'holds' } });
    expect(just(1.575)).toMatchObject({ verdict: { word: 'watch' } });
  });

  it('a correction to a thinner value never gives a better word', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1300, max: 1820 }), fc.nat({ max: 100 }), (um, less) => {
        const first = sitting({ readings: [...sitting().readings, reading('4', um / 1000)] });
        const corrected = sitting({
          readings: [
            ...first.readings,
            { id: 'correction', place: '4', valueMm: (um - less) / 1000, replaces: '4 0' },
          ],
        });
        const rank = (session: MeasuringSession) => {
          const judgement = judge('rotor', session, standard);
          return judgement.ok ? WORDS.indexOf(judgement.verdict.word) : -1;
        };
        expect(rank(corrected)).toBeGreaterThanOrEqual(rank(first));
      }),
    ));
});

describe('whether there is anything to judge', () => {
  it('a zero check and a lip are no thickness yet', () =>
    expect(
      hasEvidence(sitting({ readings: [reading('zero', 0), reading('lip', 1.8)], looks: [] })),
    ).toBe(false));

  it('a reading is, a look is not', () => {
    expect(hasEvidence(sitting({ looks: [] }))).toBe(true);
    expect(hasEvidence(sitting({ readings: [], looks: [{ subject: 'ridge', seen: true }] }))).toBe(
      false,
    );
  });
});

import * as fc from 'fast-check';
import { gapsSay, type Corner } from '../clearance/corners';
import { alignmentAsked, alignmentOf, type AlignmentAsked } from './alignment';

type Item = Parameters<typeof alignmentAsked>[0][number];
const runout = (tirMm: number) =>
  ({
    subject: 'runout',
    found: [],
    judgement: { ok: true, measurand: 'runout', verdict: { tirMm } },
  }) as unknown as Item;
const caliper = (found: Item['found'] = []): Item => ({
  subject: 'caliper',
  found,
  judgement: null,
});
const chosen = (items: readonly Item[]) => {
  const { way, why } = alignmentOf(alignmentAsked(items, 0.2));
  return { way, why };
};
const NOTHING_KNOWN: AlignmentAsked = {
  pistonsEven: null,
  padsTapered: null,
  tirMm: null,
  wavyFromMm: 0.2,
  gaps: null,
  faceDegrees: null,
  ballWashers: false,
};

// Common practice.
describe('how a caliper is centred', () => {
  it('by eye where pistons move unevenly or the rotor waves', () => {
    expect(chosen([caliper(['one-pad-moves']), runout(0.05)]).why).toBe('pistons-uneven');
    expect(chosen([caliper(), runout(0.21)])).toEqual({ way: 'by-eye', why: 'rotor-wavy' });
  });

  it('squeezed where both were seen to be sound, with shims where nobody looked', () => {
    expect(chosen([caliper(), runout(0.2)]).way).toBe('squeeze');
    expect(chosen([runout(0.05)])).toEqual({ way: 'shims', why: 'not-known' });
    expect(chosen([]).way).toBe('shims');
  });

  it('by eye on pads worn to a taper, whatever else is sound [D]', () => {
    const pads = {
      subject: 'pads',
      found: [],
      judgement: {
        ok: true,
        measurand: 'pads',
        verdict: { pattern: { complete: true, signs: [{ code: 'tapered' }] } },
      },
    } as unknown as Item;
    expect(chosen([caliper(), runout(0.05), pads])).toEqual({ way: 'by-eye', why: 'pads-tapered' });
  });

  it('after the mount is dressed and the rotor trued, where no centring can cure it', () => {
    // Gaps of 0.05 all round and a wobble of 0.12: no centring makes room.
    const tight = gapsSay(even(0.05), { tirMm: 0.12, spanMm: 30, atMidReading: true });
    const { first } = alignmentOf({ ...NOTHING_KNOWN, gaps: tight, faceDegrees: 0.21 });
    expect(first).toEqual(['dress-mount', 'true-rotor']);
    expect(alignmentOf({ ...NOTHING_KNOWN, faceDegrees: 0.2 }).first).toEqual([]);
  });

  it('moved as the gaps say: 0.30 left, 0.10 right, 0.10 to the right', () => {
    const gaps = gapsSay(
      { 'left-leading': 0.3, 'left-trailing': 0.3, 'right-leading': 0.1, 'right-trailing': 0.1 },
      { tirMm: 0.12, spanMm: null, atMidReading: true },
    );
    expect(alignmentOf({ ...NOTHING_KNOWN, gaps })).toMatchObject({
      moveMm: 0.1,
      turnDegrees: null,
      settlesOnBalls: false,
    });
    expect(gaps).toMatchObject({ marginMm: 0.04, marginAfterShiftMm: 0.14 });
  });

  it('lets ball washers settle only where there is a turn to take up', () => {
    const skewed = gapsSay(
      { 'left-leading': 0.4, 'left-trailing': 0.2, 'right-leading': 0.2, 'right-trailing': 0.4 },
      { tirMm: 0, spanMm: 30, atMidReading: true },
    );
    const ballWashers = true;
    expect(alignmentOf({ ...NOTHING_KNOWN, ballWashers, gaps: skewed }).settlesOnBalls).toBe(true);
    expect(alignmentOf({ ...NOTHING_KNOWN, gaps: skewed }).settlesOnBalls).toBe(false);
    expect(alignmentOf({ ...NOTHING_KNOWN, ballWashers }).settlesOnBalls).toBe(false);
  });
});

/** How much a way of centring trusts what it leans on: squeezing trusts pistons and rotor, the eye nothing. */
const TRUST = { squeeze: 2, shims: 1, 'centring-tool': 1, 'by-eye': 0 } as const;

it('is monotone: what is known to be worse never gets a way that trusts more, nor takes away what comes first', () => {
  const asked = fc.record({
    pistonsEven: fc.constantFrom(true, false, null),
    padsTapered: fc.constantFrom(true, false, null),
    tirMm: fc.double({ min: 0, max: 1, noNaN: true }),
    wavyFromMm: fc.constant(0.2),
    faceDegrees: fc.double({ min: 0, max: 2, noNaN: true }),
    ballWashers: fc.boolean(),
    gap: fc.double({ min: 0, max: 1, noNaN: true }),
  });
  const more = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(asked, more, more, more, (given, tir, face, less) => {
      const at = (
        tirMm: number,
        gapMm: number,
        faceDegrees: number,
        worse: Partial<AlignmentAsked>,
      ) =>
        alignmentOf({
          ...given,
          ...worse,
          tirMm,
          faceDegrees,
          gaps: gapsSay(even(gapMm), { tirMm, spanMm: 30, atMidReading: false }),
        });
      const now = at(given.tirMm, given.gap, given.faceDegrees, {});
      const ruined = at(given.tirMm + tir, given.gap * less, given.faceDegrees + face, {
        ...(given.pistonsEven ? { pistonsEven: false } : {}),
      });
      expect(TRUST[ruined.way]).toBeLessThanOrEqual(TRUST[now.way]);
      expect(ruined.first).toEqual(expect.arrayContaining(now.first));
    }),
  );
});

function even(gapMm: number): Record<Corner, number> {
  return {
    'left-leading': gapMm,
    'left-trailing': gapMm,
    'right-leading': gapMm,
    'right-trailing': gapMm,
  };
}

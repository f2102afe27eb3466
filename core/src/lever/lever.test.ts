import { GAUGE_DEFAULTS, type Gauge } from '../gauge/gauge';
import {
  leverVerdict,
  plausibleLeverReading,
  type LeverMeasurement,
  type LeverStandard,
} from './lever';

const rule: Gauge = { ...GAUGE_DEFAULTS.rule, kind: 'rule', calibrationDueOn: '2027-01-01' };
const known: LeverStandard = { ratio: 5, boreMm: 10, ownGiveMl: 0.1, figures: {} };
const lever = (
  readings: LeverMeasurement['readings'],
  change: Partial<LeverMeasurement> = {},
  spec = known,
) =>
  leverVerdict(
    {
      gauge: rule,
      measuredOn: '2026-11-25',
      basis: 'travel',
      hydraulic: true,
      readings,
      ...change,
    },
    spec,
  );
const firm = { reach: 60, bite: 20, firm: 27, sunk: 27 };

describe('a lever', () => {
  it('holds when it bites, firms and stays, with the brake’s own give known', () =>
    expect(lever(firm)).toMatchObject({ word: 'holds', signs: [], doNotRide: false }));

  it('with the give only assumed the test may condemn and not pass', () => {
    const assumed = { ...known, ownGiveMl: null };
    expect(lever(firm, {}, assumed)).toMatchObject({ word: 'unproven', giveAssumed: true });
    expect(lever({ ...firm, firm: 45, sunk: 45 }, {}, assumed).word).toBe('replace');
  });

  it('sinking under a held pull is a do-not-ride, from more than 1 mm', () => {
    // A rule's doubt of half a millimetre, twice: what may have sunk is not proven not to have.
    expect(lever({ ...firm, sunk: 28 })).toMatchObject({ word: 'unproven', doNotRide: false });
    expect(lever({ ...firm, sunk: 27 })).toMatchObject({ word: 'holds' });
    expect(lever({ ...firm, sunk: 26 })).toMatchObject({
      word: 'unproven',
      reasons: [{ code: 'lever-came-back', byMm: 1 }],
    });
    expect(lever({ ...firm, sunk: 28.5 })).toMatchObject({
      word: 'replace',
      doNotRide: true,
      signs: [{ code: 'sinks', byMm: 1.5 }],
    });
  });

  it('a lever nobody held is not proven', () =>
    expect(lever({ reach: 60, bite: 20, firm: 27 })).toMatchObject({
      word: 'unproven',
      reasons: [{ code: 'missing-number', place: 'sunk' }],
    }));

  it('reaching the bar is a do-not-ride', () => {
    expect(lever({ reach: 27, bite: 20, firm: 27, sunk: 27 }).doNotRide).toBe(true);
    expect(lever({ reach: 27.5, bite: 10, firm: 17, sunk: 17 }).doNotRide).toBe(false);
  });

  it('soft after the bite is air: a little for a top-up, more for a full bleed', () => {
    expect(lever({ ...firm, firm: 35, sunk: 35 })).toMatchObject({
      word: 'watch',
      air: { readOut: 'top-up' },
      signs: [{ code: 'soft' }],
    });
    expect(lever({ ...firm, firm: 45, sunk: 45 })).toMatchObject({
      word: 'replace',
      air: { readOut: 'full-bleed' },
      doNotRide: false,
    });
  });

  it('firms up when pumped: air, or pistons rolled back; from more than 2 mm', () => {
    expect(lever({ ...firm, pumped: 25 }).word).toBe('holds');
    expect(lever({ ...firm, pumped: 24.5 })).toMatchObject({
      word: 'watch',
      signs: [{ code: 'firms-when-pumped', byMm: 2.5 }],
    });
  });

  it('long travel that is firm at the end is no work for a bleed', () => {
    expect(lever({ reach: 60, bite: 36, firm: 43, sunk: 43 }).signs).toEqual([]);
    expect(lever({ reach: 60, bite: 37, firm: 44, sunk: 44 })).toMatchObject({
      word: 'watch',
      signs: [{ code: 'long-and-firm' }],
    });
  });

  it('a distance from the bar is the reach less the travel', () => {
    const fromBar = lever({ reach: 60, bite: 40, firm: 33, sunk: 33 }, { basis: 'from-bar' });
    expect(fromBar).toMatchObject({ word: 'holds', travelMm: { bite: 20, firm: 27, sunk: 27 } });
    expect(lever({ bite: 40, firm: 33, sunk: 33 }, { basis: 'from-bar' }).word).toBe('unproven');
    expect(() => lever({ reach: 60, bite: 61 }, { basis: 'from-bar' })).toThrow('beyond-reach');
  });

  it('a cable lever has no air in it and nothing to hold', () =>
    expect(
      lever(
        { reach: 60, bite: 20, firm: 27 },
        { hydraulic: false },
        { ratio: null, boreMm: null, ownGiveMl: null, figures: {} },
      ),
    ).toMatchObject({ word: 'holds', air: null }));

  it('passes nothing without the lever’s facts, a calibrated rule, or a bite that can be', () => {
    expect(lever(firm, {}, { ...known, boreMm: null })).toMatchObject({
      word: 'unproven',
      settle: ['lever-facts'],
    });
    expect(lever(firm, { gauge: { ...rule, calibrationDueOn: null } }).word).toBe('unproven');
    expect(lever({ ...firm, firm: 21, sunk: 21 }).reasons).toEqual([{ code: 'bite-misread' }]);
    expect(() => lever({ ...firm, firm: 19 })).toThrow('firm-before-bite');
  });

  it('refuses a slip', () => {
    expect(plausibleLeverReading(0)).toBe(0);
    expect(() => plausibleLeverReading(-1)).toThrow('negative');
    expect(() => plausibleLeverReading(700)).toThrow('implausible');
    expect(() => plausibleLeverReading(NaN)).toThrow('not-a-number');
  });

  it('at the ends: a lever firm at its bite, a blade at rest, the longest reach', () => {
    expect(lever({ reach: 60, bite: 20, firm: 20, sunk: 20 }).reasons).toEqual([
      { code: 'bite-misread' },
    ]);
    expect(lever({ reach: 60, bite: 60 }, { basis: 'from-bar' }).travelMm.bite).toBe(0);
    expect(plausibleLeverReading(150)).toBe(150);
  });
});

import fc from 'fast-check';
import { clampLoadN, clampLoadOf, NUT_FACTOR, PROOF_LOAD_N } from './clampLoad';
import { crowfootGain, implausibleOf, settingWith, windowAtWrench } from './crowfoot';
import { askedOf, FASTENER_IDS, fastenerRule } from './fasteners';
import { flawsOfProof, type Tightening } from './proof';
import { nextTurn, PASSES, starOrder, type PassMark } from './sequence';
import { torqueWindow, windowOfSingleValue } from './window';
import {
  assumedTolerance,
  clicksAfter,
  clickSetting,
  isUnderAssumed,
  wrenchInCalibration,
  type Wrench,
} from './wrench';

const fine = { maxNm: 25, markNm: 0.01, tolerance: 0.06 };
const range = (lo: number, hi: number, wrench = { ...fine, maxNm: 10 }) =>
  clickSetting({ loNm: lo, hiNm: hi }, wrench);

describe('click setting: the handbook’s check values', () => {
  it.each([
    [6, 8, 6.39, 7.54],
    [4, 6, 4.26, 5.66],
    [5.4, 6.6, 5.75, 6.22],
  ])('window %d to %d at 6 %%: set %d to %d, rounded inward', (lo, hi, loNm, hiNm) =>
    expect(range(lo, hi)).toMatchObject({ code: 'set', loNm, hiNm }),
  );

  it('cannot prove a window of one point', () =>
    expect(range(6, 6)).toEqual({ code: 'window-too-narrow' }));

  it('stores one named value as 0.9 to 1.1 of it, our own choice [D]', () =>
    expect(windowOfSingleValue(6, 'sheet')).toEqual({
      loNm: 5.4,
      hiNm: 6.6,
      origin: 'sheet',
      tag: 'D',
      namedNm: 6,
    }));

  it('sets the mark nearest the middle', () => {
    expect(range(5.4, 6.6)).toMatchObject({ setNm: 6 });
    expect(range(6, 8, { maxNm: 10, markNm: 0.5, tolerance: 0.04 })).toMatchObject({ setNm: 7 });
  });

  it('uses 20 to 100 % of the scale [P]', () => {
    expect(range(2, 4, { maxNm: 25, markNm: 0.1, tolerance: 0.04 })).toEqual({
      code: 'outside-scale',
      leastNm: 5,
      mostNm: 25,
    });
    expect(range(4, 6.2, { maxNm: 25, markNm: 0.1, tolerance: 0.04 })).toMatchObject({
      loNm: 5,
      hiNm: 5.9,
    });
    expect(range(40, 44, { maxNm: 25, markNm: 0.1, tolerance: 0.04 }).code).toBe('outside-scale');
  });

  it('keeps the whole tolerance inside the window, for any window and wrench', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.constantFrom(0.05, 0.1, 0.25, 0.5),
        fc.constantFrom(0.02, 0.04, 0.06),
        (lo, width, markNm, tolerance) => {
          const setting = clickSetting(
            { loNm: lo, hiNm: lo + width },
            { maxNm: 60, markNm, tolerance },
          );
          if (setting.code !== 'set') return;
          for (const nm of [setting.loNm, setting.setNm, setting.hiNm]) {
            expect(nm * (1 - tolerance)).toBeGreaterThanOrEqual(lo - 1e-6);
            expect(nm * (1 + tolerance)).toBeLessThanOrEqual(lo + width + 1e-6);
          }
        },
      ),
    ));

  // ISO 6789-1:2017, from memory [M].
  it.each([
    [10, 0.06],
    [10.1, 0.04],
  ])('published: a wrench to %d N·m is assumed to be good to ±%d', (maxNm, tolerance) =>
    expect(assumedTolerance(maxNm)).toBe(tolerance),
  );

  it('has its clicks back by a new calibration alone', () => {
    const was = { uses: 4990, calibrationDueOn: '2027-03-31' };
    const as = (
      change: Partial<{ uses: number; calibrationDueOn: string | null }>,
      retired = false,
    ) => clicksAfter(was, { ...was, ...change, retired });
    expect(as({ uses: 4989 })).toBeNull();
    expect(as({ uses: 0, calibrationDueOn: null })).toBeNull();
    expect(as({ uses: 0, calibrationDueOn: '2027-03-30' })).toBeNull();
    expect(as({ uses: 0, calibrationDueOn: '2028-03-31' })).toBe(0);
    expect(as({ uses: 5200 })).toBe(5200);
    expect(
      clicksAfter({ ...was, calibrationDueOn: null }, { ...was, uses: 0, retired: false }),
    ).toBe(0);
    // Out of use at once, whatever its form held; and back in use it has them still.
    expect(as({ uses: 0 }, true)).toBe(4990);
  });

  it('is off by no less than is assumed, unless its certificate says so', () => {
    const wrench = { maxNm: 10, tolerance: 0.059, toleranceAssumed: true, retired: false };
    expect(isUnderAssumed(wrench)).toBe(true);
    expect(isUnderAssumed({ ...wrench, maxNm: 20 })).toBe(false);
    expect(isUnderAssumed({ ...wrench, tolerance: 0.06 })).toBe(false);
    expect(isUnderAssumed({ ...wrench, toleranceAssumed: false })).toBe(false);
    expect(isUnderAssumed({ ...wrench, retired: true })).toBe(false);
  });

  it('refuses a window that is upside down or not positive', () => {
    expect(() => torqueWindow(8, 6, 'sheet')).toThrow('window-upside-down');
    expect(() => torqueWindow(0, 6, 'sheet')).toThrow('not-positive');
    expect(torqueWindow(6, 6, 'sheet').loNm).toBe(6);
  });
});

describe('star order: the handbook’s check values', () => {
  it.each([
    [8, [1, 5, 3, 7, 2, 6, 4, 8]],
    [6, [1, 4, 2, 5, 3, 6]],
    [5, [1, 3, 5, 2, 4]],
    [4, [1, 3, 2, 4]],
    [2, [1, 2]],
    [1, [1]],
    [0, []],
  ])('%d bolts', (count, order) => expect(starOrder(count)).toEqual(order));

  it('turns every bolt once', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 24 }), (count) =>
        expect([...starOrder(count)].sort((a, b) => a - b)).toEqual(
          Array.from({ length: count }, (_, i) => i + 1),
        ),
      ),
    ));

  it('leads bolt by bolt through every pass', () => {
    const marks: PassMark[] = [];
    const turned: string[] = [];
    for (let turn = nextTurn(6, marks); !turn.done; turn = nextTurn(6, marks)) {
      turned.push(`${turn.pass} ${turn.bolt}`);
      marks.push({ pass: turn.pass, bolt: turn.bolt, measuredNm: null });
    }
    expect(turned).toHaveLength(24);
    expect(turned.slice(12, 18)).toEqual([
      'full 1',
      'full 4',
      'full 2',
      'full 5',
      'full 3',
      'full 6',
    ]);
  });

  it('takes a whole pass at once', () =>
    expect(nextTurn(6, [{ pass: 'snug', bolt: null }])).toMatchObject({ pass: 'half', bolt: 1 }));
});

describe('proof of a tightening', () => {
  const wrench: Wrench = {
    kind: 'click',
    maxNm: 10,
    markNm: 0.1,
    tolerance: 0.04,
    calibrationDueOn: '2027-01-01',
    uses: 100,
  };
  const done: Tightening = {
    fastener: 'rotor-bolts',
    crowfoot: null,
    gaps: null,
    boltCount: 6,
    window: windowOfSingleValue(6, 'sheet'),
    wrench,
    setNm: 6,
    treatment: 'medium-threadlocker',
    treatmentAsked: 'medium-threadlocker',
    marks: PASSES.map((pass) => ({ pass, bolt: null, measuredNm: null })),
    doneOn: '2026-11-25',
  };

  it('is proven when every pass is done with a sound wrench, set inside', () =>
    expect(flawsOfProof(done)).toEqual([]));

  it.each<[string, Partial<Tightening>, string]>([
    ['a pass is open', { marks: done.marks.slice(0, 3) }, 'passes-open'],
    [
      'the wrench is overdue',
      { wrench: { ...wrench, calibrationDueOn: '2026-11-24' } },
      'wrench-out-of-calibration',
    ],
    [
      'the wrench has clicked 5,000 times',
      { wrench: { ...wrench, uses: 5000 } },
      'wrench-out-of-calibration',
    ],
    ['it was set too low', { setNm: 5.6 }, 'setting-outside-window'],
    ['it was set too high', { setNm: 6.4 }, 'setting-outside-window'],
    [
      'the window is too narrow for it',
      { window: torqueWindow(6, 6, 'sheet') },
      'setting-outside-window',
    ],
    [
      'the torque is from memory [M]',
      { window: torqueWindow(5.4, 6.6, 'shop', 'M') },
      'torque-from-memory',
    ],
  ])('is unproven when %s', (_, change, flaw) =>
    expect(flawsOfProof({ ...done, ...change })).toEqual([flaw]),
  );

  it('counts a wrench as in calibration through its day and up to 4,999 clicks', () => {
    expect(wrenchInCalibration({ ...wrench, uses: 4999 }, '2027-01-01')).toBe(true);
    expect(wrenchInCalibration(wrench, '2027-01-02')).toBe(false);
  });

  it('with a reading wrench takes each bolt by what it showed, and no pass as a whole', () => {
    const reads = { ...done, wrench: { ...wrench, kind: 'reading' as const } };
    const showed = (measuredNm: number | null) => ({
      ...reads,
      boltCount: 2,
      marks: [
        { pass: 'snug' as const, bolt: null, measuredNm: null },
        { pass: 'half' as const, bolt: null, measuredNm: null },
        ...(['full', 'verify'] as const).flatMap((pass) =>
          [1, 2].map((bolt) => ({ pass, bolt, measuredNm })),
        ),
      ],
    });
    expect(flawsOfProof(reads)).toEqual(['passes-open']);
    expect(flawsOfProof(showed(6))).toEqual([]);
    expect(flawsOfProof(showed(null))).toEqual(['passes-open']);
    // 5.4 / 0.96 is 5.625 and 6.6 / 1.04 is 6.346: outside of it the tolerance leaves the window.
    expect(flawsOfProof(showed(5.62))).toEqual(['passes-open']);
    expect(flawsOfProof(showed(5.63))).toEqual([]);
    expect(flawsOfProof(showed(6.34))).toEqual([]);
    expect(flawsOfProof(showed(6.35))).toEqual(['passes-open', 'over-torqued']);
  });

  it('a bolt turned further after too little stands; one turned past the window does not', () => {
    const two = (first: number) => ({
      ...done,
      wrench: { ...wrench, kind: 'reading' as const },
      boltCount: 1,
      marks: [
        { pass: 'snug' as const, bolt: null, measuredNm: null },
        { pass: 'full' as const, bolt: 1, measuredNm: first },
        { pass: 'full' as const, bolt: 1, measuredNm: 6 },
      ],
    });
    expect(flawsOfProof(two(5))).toEqual([]);
    expect(flawsOfProof(two(7))).toEqual(['over-torqued']);
  });

  it('a clamp’s gaps end equal: 0.2 mm apart at most [D]', () => {
    const clamp = { ...done, fastener: 'lever-clamp' as const };
    expect(flawsOfProof(clamp)).toEqual(['gaps-open']);
    expect(flawsOfProof({ ...clamp, gaps: { oneMm: 1.2, otherMm: 1 } })).toEqual([]);
    expect(flawsOfProof({ ...clamp, gaps: { oneMm: 1, otherMm: 1.21 } })).toEqual(['gaps-unequal']);
  });

  it('names what of a crowfoot cannot be, and takes the edges', () => {
    const sound = { leverMm: 250, extensionMm: 30, angleDegrees: 90 };
    expect(implausibleOf(sound)).toBeNull();
    expect(implausibleOf({ leverMm: 50, extensionMm: 300, angleDegrees: 180 })).toBeNull();
    expect(implausibleOf({ ...sound, leverMm: 49.9 })).toBe('leverMm');
    expect(implausibleOf({ ...sound, extensionMm: 0 })).toBe('extensionMm');
    expect(implausibleOf({ ...sound, angleDegrees: 181 })).toBe('angleDegrees');
    expect(implausibleOf({ ...sound, angleDegrees: NaN })).toBe('angleDegrees');
  });

  it('judges a setting through the crowfoot it was made with', () => {
    const crowfoot = { leverMm: 250, extensionMm: 30, angleDegrees: 0 };
    expect(flawsOfProof({ ...done, crowfoot, setNm: 6 })).toEqual(['setting-outside-window']);
    expect(flawsOfProof({ ...done, crowfoot, setNm: 5.4 })).toEqual([]);
  });
});

describe('crowfoot: the handbook’s check values, by the lever rule [S]', () => {
  it.each([
    [6, 250, 30, 0, 5.357],
    [6, 250, 30, 45, 5.531],
    [6, 250, 30, 90, 6],
    [8, 200, 40, 180, 10],
  ])('T %d, L %d, E %d, %d° off: set %d', (torqueNm, leverMm, extensionMm, angleDegrees, set) =>
    expect(settingWith({ leverMm, extensionMm, angleDegrees }, torqueNm)).toBeCloseTo(set, 3),
  );

  it('refuses one that points back to the grip', () =>
    expect(() => crowfootGain({ leverMm: 40, extensionMm: 40, angleDegrees: 180 })).toThrow(
      'points-back',
    ));

  it('what it makes of the setting is the torque again, whatever lengths and angle', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 600, noNaN: true }),
        fc.double({ min: 10, max: 90, noNaN: true }),
        fc.double({ min: 0, max: 180, noNaN: true }),
        (leverMm, extensionMm, angleDegrees) => {
          const crowfoot = { leverMm, extensionMm, angleDegrees };
          expect(settingWith(crowfoot, 6) * crowfootGain(crowfoot)).toBeCloseTo(6, 9);
          const { loNm, hiNm } = windowAtWrench({ loNm: 5, hiNm: 7 }, crowfoot);
          expect(hiNm / loNm).toBeCloseTo(7 / 5, 9);
        },
      ),
    ));
});

describe('clamp load', () => {
  it('is the handbook’s: 6 N·m on M5 dry 6,000 N, with anti-seize 8,000', () => {
    expect(clampLoadN(6, NUT_FACTOR.dry.k, 5)).toBeCloseTo(6000, 6);
    expect(clampLoadN(6, NUT_FACTOR['anti-seize'].k, 5)).toBeCloseTo(8000, 6);
    expect(8000 / PROOF_LOAD_N.M5).toBeCloseTo(0.97, 2);
  });

  // ISO 898-1, table of proof loads, class 8.8, coarse thread [S]: the stress area times 580 MPa, to three figures.
  it.each([
    ['M5', 14.2, 8230],
    ['M6', 20.1, 11600],
  ] as const)('published: the proof load of %s, %d mm², is %d N', (size, areaMm2, proofN) => {
    expect(PROOF_LOAD_N[size]).toBe(proofN);
    expect(Math.abs(areaMm2 * 580 - proofN) / proofN).toBeLessThan(0.006);
  });

  it('is shown only where the thread is not as the sheet asks, and warns from 75 % of proof', () => {
    expect(clampLoadOf('rotor-bolts', 6, 'dry', 'dry')).toBeNull();
    expect(clampLoadOf('hose-nut-lever', 6, 'grease', 'dry')).toBeNull();
    expect(clampLoadOf('rotor-bolts', 6, 'anti-seize', 'dry')).toMatchObject({ warn: true });
    expect(clampLoadOf('rotor-bolts', 4, 'grease', 'dry')).toMatchObject({ warn: false });
    // Black and dry 0.30, greased 0.18: the same torque loads it 1.67 times [M].
    const black = clampLoadOf('caliper-post', 6, 'grease', 'black-dry')!;
    expect(black.loadN / black.askedN).toBeCloseTo(0.3 / 0.18, 9);
    const shareAt = (torqueNm: number) => clampLoadOf('caliper-post', torqueNm, 'grease', 'dry')!;
    expect(shareAt((0.75 * 11600 * 0.18 * 6) / 1000 + 1e-9).warn).toBe(true);
    expect(shareAt((0.75 * 11600 * 0.18 * 6) / 1000 - 1e-6).warn).toBe(false);
  });
});

describe('what is asked of a fastener', () => {
  it('is the sheet’s row, else what the trade usually asks, as the shop’s', () => {
    const row = { ...askedOf('caliper-post', [])!, window: windowOfSingleValue(9, 'sheet') };
    expect(askedOf('caliper-post', [row])!.window.namedNm).toBe(9);
    // One value was written, and the usual window was left standing beside it.
    const left = { ...row, window: { ...row.window, loNm: 6, hiNm: 8, namedNm: 12 } };
    expect(askedOf('caliper-post', [left])!.window).toMatchObject({ loNm: 10.8, hiNm: 13.2 });
    // Common practice.
    expect(askedOf('caliper-post', [])).toMatchObject({
      boltCount: 2,
      window: { loNm: 6, hiNm: 8, origin: 'shop', tag: 'P' },
    });
    expect(askedOf('hose-guide', [])).toBeNull();
  });

  it('has a window that stands upright for every one that has a torque', () => {
    for (const id of FASTENER_IDS) {
      const { usual } = fastenerRule(id);
      if (usual) expect(usual.loNm).toBeLessThan(usual.hiNm);
    }
  });
});

import { boilsAtC } from './families';
import fc from 'fast-check';
import type { BleedMethod } from './bleedMethods';
import { bleedStands, type BleedEvent, type Bubbles, lastBled } from './bleedRun';
import { boilingPointC } from './boiling';
import { fillsFor, hoseMl, volumesOf } from './volumes';

const cycle = (bubbles: Bubbles, method: BleedMethod = 'push-up'): BleedEvent => ({
  what: 'cycle',
  cycle: { method, bubbles },
});
const clean = (method: BleedMethod = 'push-up') => [cycle('none', method), cycle('none', method)];
const test = (passed: boolean): BleedEvent => ({ what: 'sponge-test', passed });

describe('a bleed’s stop rule, common practice', () => {
  it('goes on until two cycles in a row are clean', () => {
    expect(bleedStands('push-up', [])).toEqual({ code: 'go-on', method: 'push-up', cleanToGo: 2 });
    expect(bleedStands('push-up', [cycle('many'), cycle('none')])).toMatchObject({ cleanToGo: 1 });
    expect(bleedStands('push-up', [cycle('none'), cycle('few')])).toMatchObject({ cleanToGo: 2 });
    expect(bleedStands('push-up', [cycle('none'), cycle('none', 'gravity-down')])).toMatchObject({
      cleanToGo: 1,
    });
  });

  it('is done when the lever proves good after them, and not before', () => {
    expect(bleedStands('push-up', clean())).toEqual({ code: 'prove', method: 'push-up' });
    expect(bleedStands('push-up', [...clean(), test(true)])).toEqual({ code: 'done' });
    expect(bleedStands('push-up', [test(true), ...clean()]).code).toBe('prove');
    expect(bleedStands('push-up', [cycle('none'), test(true)]).code).toBe('go-on');
    expect(bleedStands('push-up', [...clean(), test(true), cycle('few')]).code).toBe('go-on');
  });

  it('escalates when it does not: up, burp, tilt', () => {
    const once = [...clean(), test(false)];
    expect(bleedStands('push-up', once)).toEqual({ code: 'escalate', to: 'caliper-burp' });
    const twice = [...once, ...clean('caliper-burp'), test(false)];
    expect(bleedStands('push-up', twice)).toEqual({ code: 'escalate', to: 'lever-tilt' });
    const thrice = [...twice, ...clean('lever-tilt'), test(false)];
    expect(bleedStands('push-up', thrice)).toEqual({ code: 'look-for-leak' });
    expect(bleedStands('push-up', [...thrice, ...clean(), test(true)])).toEqual({ code: 'done' });
    expect(bleedStands('top-up', [...clean('top-up'), test(false)])).toEqual({
      code: 'escalate',
      to: 'push-up',
    });
  });

  it('never says done without two clean cycles before a passed test', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.constantFrom<Bubbles>('none', 'few', 'many').map((bubbles) => cycle(bubbles)),
            fc.boolean().map(test),
          ),
          { maxLength: 12 },
        ),
        (events) => {
          if (bleedStands('push-up', events).code !== 'done') return;
          const last = events
            .map((event) => event.what === 'sponge-test' && event.passed)
            .lastIndexOf(true);
          const before = events.slice(0, last).filter(({ what }) => what === 'cycle');
          expect(before.slice(-2)).toEqual(clean());
        },
      ),
    ));
});

describe('volumes', () => {
  it.each([
    [2.5, 900, 4.42],
    [2, 1000, 3.14],
    [2.1, 1700, 5.89],
  ])(
    'a hose of %d mm bore, %d mm long, holds %d mL: the handbook’s check values',
    (bore, length, ml) => expect(hoseMl(bore, length)).toBeCloseTo(ml, 2),
  );

  it('flushes three times what the system holds [D], and says what it assumed', () => {
    const known = volumesOf({ boreMm: 2.1, kitMl: 4 }, 1700);
    expect(known.systemMl).toBeCloseTo(9.89, 2);
    expect(known.flushMl).toBeCloseTo(29.66, 2);
    expect(known.assumed).toBe(false);
    expect(volumesOf(null, 1700).assumed).toBe(true);
    expect(volumesOf({ boreMm: 2.1, kitMl: null }, 1700).assumed).toBe(true);
  });

  it('keeps a tenth of the syringe back at every fill', () => {
    // A 30 mL syringe drawn to a half gives 15 − 3.
    expect(fillsFor(12, 30, 0.5)).toBe(1);
    expect(fillsFor(12.01, 30, 0.5)).toBe(2);
    expect(fillsFor(29.66, 30, 2 / 3)).toBe(2);
    expect(() => fillsFor(12, 30, 0.1)).toThrow('not-positive');
  });
});

describe('boiling point by water, an estimate [D] between published ends [S: FMVSS 116]', () => {
  it('meets the published points exactly', () => {
    for (const grade of ['DOT 3', 'DOT 4', 'DOT 5.1'] as const) {
      expect(boilingPointC(grade, 0)).toBe(boilsAtC('glycol', grade).dry);
      expect(boilingPointC(grade, 3.7)).toBe(boilsAtC('glycol', grade).wet);
    }
    expect(boilsAtC('glycol', 'DOT 4')).toEqual({ dry: 230, wet: 155 });
  });

  it('falls with every drop of water, and gives no number past 3.7 %', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3.6, noNaN: true }),
        fc.double({ min: 0.01, max: 0.1, noNaN: true }),
        (water, more) =>
          expect(boilingPointC('DOT 4', water + more)!).toBeLessThan(
            boilingPointC('DOT 4', water)!,
          ),
      ),
    );
    expect(boilingPointC('DOT 4', 3.71)).toBeNull();
    expect(() => boilingPointC('DOT 4', -0.1)).toThrow('negative');
  });
});

describe('the last bleed at an end', () => {
  const bled = [
    { seq: 4, step: 'bleed-kit-on' },
    { seq: 5, step: 'push-up' },
    { seq: 9, step: 'sponge-test' },
  ] as const;

  it('is the last step that moved fluid, and none where nothing was bled', () => {
    expect(lastBled(bled)).toBe(5);
    expect(lastBled([...bled, { seq: 12, step: 'caliper-burp' }])).toBe(12);
    expect(lastBled(bled.slice(2))).toBe(0);
  });
});

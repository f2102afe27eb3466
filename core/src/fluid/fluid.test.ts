import {
  type ContainerFacts,
  type ContainerRefusal,
  type FluidContainer,
  containerDayFault,
  easesContainer,
  lastUsableDay,
  mayFill,
} from './container';
import { compatibility } from './compatibility';
import { boilsInBrakeC } from './boiling';
import { boilsAtC, nameOf, type Fluid } from './families';

const dot = (grade: 'DOT 3' | 'DOT 4' | 'DOT 5.1'): Fluid => ({ family: 'glycol', grade });
const silicone: Fluid = { family: 'silicone', grade: 'DOT 5' };
const mineral = (blend: string): Fluid => ({ family: 'mineral', blend });
const asks = (fluid: Fluid, alsoNamedBlends: string[] = []) => ({ fluid, alsoNamedBlends });

describe('families', () => {
  // 49 CFR 571.116, S5.1.1 (dry) and S5.1.2 (wet) [S].
  it.each([
    ['DOT 3', 'dry', 205],
    ['DOT 3', 'wet', 140],
    ['DOT 4', 'dry', 230],
    ['DOT 4', 'wet', 155],
    ['DOT 5', 'dry', 260],
    ['DOT 5', 'wet', 180],
    ['DOT 5.1', 'dry', 260],
    ['DOT 5.1', 'wet', 180],
  ] as const)('published: the least boiling point of %s, %s, is %d °C', (grade, state, boilsC) =>
    expect(
      (grade === 'DOT 5' ? boilsAtC('silicone', grade) : boilsAtC('glycol', grade))[state],
    ).toBe(boilsC),
  );

  it('goes by the DOT number, or the blend’s own name', () => {
    expect(nameOf(dot('DOT 5.1'))).toBe('DOT 5.1');
    expect(nameOf(mineral('Selkie 10'))).toBe('Selkie 10');
  });
});

describe('compatibility (common practice [P])', () => {
  it.each<[Fluid, Fluid, string]>([
    [dot('DOT 4'), dot('DOT 4'), 'ok'],
    [dot('DOT 4'), dot('DOT 5.1'), 'ok'],
    [dot('DOT 4'), dot('DOT 3'), 'poorer-grade'],
    [dot('DOT 5.1'), dot('DOT 4'), 'poorer-grade'],
    [dot('DOT 4'), silicone, 'wrong-family'],
    [silicone, silicone, 'ok'],
    [silicone, dot('DOT 5.1'), 'wrong-family'],
    [dot('DOT 4'), mineral('Selkie 10'), 'wrong-family'],
    [mineral('Selkie 10'), dot('DOT 4'), 'wrong-family'],
    [mineral('Selkie 10'), mineral('Selkie 10'), 'ok'],
    [mineral('Selkie 10'), mineral('Harbour Blue'), 'other-blend'],
  ])('asks %j, offered %j: %s', (asked, offered, expected) => {
    const answer = compatibility(asks(asked), offered);
    expect(answer.ok ? 'ok' : answer.code).toBe(expected);
  });

  it('takes another blend only when the sheet names it', () =>
    expect(
      compatibility(asks(mineral('Selkie 10'), ['Harbour Blue']), mineral('Harbour Blue')).ok,
    ).toBe(true));
});

describe('containers', () => {
  const bottle: FluidContainer = {
    fluid: dot('DOT 4'),
    sizeMl: 250,
    remainingMl: 120,
    openedOn: '2026-10-01',
    printedUseBy: null,
    monthsAfterOpening: null,
    condition: 'clear',
    writtenOff: false,
  };
  const fill = (
    change: Partial<FluidContainer>,
    takeMl: number | null = 20,
    today = '2026-11-25',
  ) => {
    const state = mayFill({ ...bottle, ...change }, asks(dot('DOT 4')), takeMl, today);
    return state.ok ? 'ok' : state.code;
  };

  it('keeps glycol 3 months and mineral 24 after opening [D], or as the shop says, or as printed if earlier', () => {
    expect(lastUsableDay(bottle)).toBe('2027-01-01');
    expect(lastUsableDay({ ...bottle, fluid: mineral('Selkie 10') })).toBe('2028-10-01');
    expect(lastUsableDay({ ...bottle, monthsAfterOpening: 1 })).toBe('2026-11-01');
    expect(lastUsableDay({ ...bottle, printedUseBy: '2026-12-01' })).toBe('2026-12-01');
    expect(lastUsableDay({ ...bottle, openedOn: '2026-11-30', printedUseBy: null })).toBe(
      '2027-02-28',
    );
    expect(lastUsableDay({ ...bottle, openedOn: null })).toBeNull();
    expect(() => lastUsableDay({ ...bottle, openedOn: '2026-02-31' })).toThrow('not-a-date');
  });

  it.each<[string, Partial<FluidContainer>, ContainerRefusal | 'ok']>([
    ['a sound bottle', {}, 'ok'],
    ['a wrong family', { fluid: mineral('Selkie 10') }, 'wrong-family'],
    ['a poorer grade', { fluid: dot('DOT 3') }, 'poorer-grade'],
    ['one written off', { writtenOff: true }, 'written-off'],
    ['a cloudy one', { condition: 'cloudy' }, 'spoiled'],
    ['an expired one', { openedOn: '2026-08-24' }, 'expired'],
    ['one on its last day', { openedOn: '2026-08-25' }, 'ok'],
    ['an empty one', { remainingMl: 0 }, 'empty'],
    ['one with less than asked', { remainingMl: 19.9 }, 'not-enough'],
    ['one with just enough', { remainingMl: 20 }, 'ok'],
  ])('%s: %s', (_, change, expected) => expect(fill(change)).toBe(expected));

  it('names what would hurt the brake first', () =>
    expect(fill({ fluid: silicone, remainingMl: 0, writtenOff: true })).toBe('wrong-family'));

  it('can be asked before an amount is known', () =>
    expect(fill({ remainingMl: 1 }, null)).toBe('ok'));
});

describe('the days of a container', () => {
  const fault = (openedOn: string | null, printedUseBy: string | null, change: object = {}) =>
    containerDayFault(
      { openedOn, printedUseBy, condition: 'clear', writtenOff: false, ...change },
      '2026-11-25',
    );

  it('none is opened on a day to come, nor good for longer than any is', () => {
    expect(fault('2026-11-25', '2031-03-01')).toBeNull();
    expect(fault(null, null)).toBeNull();
    expect(fault('2026-11-26', null)).toEqual({ field: 'openedOn', code: 'not-yet' });
    expect(fault(null, '2036-11-25')).toBeNull();
    expect(fault(null, '2062-11-25')).toEqual({ field: 'printedUseBy', code: 'too-far' });
    // Found cloudy, or written off: that is taken whatever its days say.
    expect(fault('2026-11-26', null, { condition: 'cloudy' })).toBeNull();
    expect(fault(null, '2062-11-25', { writtenOff: true })).toBeNull();
  });
});

describe('what makes a container better', () => {
  const opened: ContainerFacts = {
    fluid: { family: 'glycol', grade: 'DOT 4' },
    lot: 'R7',
    sizeMl: 250,
    openedOn: '2026-10-01',
    printedUseBy: null,
    monthsAfterOpening: null,
    condition: 'cloudy',
    writtenOff: true,
    wrongFluid: true,
  };

  it.each<[string, Partial<ContainerFacts>]>([
    ['taken back from the write-off', { writtenOff: false }],
    ['held the right fluid after all', { wrongFluid: false }],
    ['clear again', { condition: 'clear' }],
    ['opened later', { openedOn: '2026-11-01' }],
    ['sealed after all, with no last day', { openedOn: null }],
    ['good for longer', { monthsAfterOpening: 12 }],
    ['another grade', { fluid: { family: 'glycol', grade: 'DOT 5.1' } }],
    ['another family', { fluid: { family: 'mineral', blend: 'Selkie 10' } }],
    ['another lot', { lot: 'R8' }],
    ['another size', { sizeMl: 500 }],
  ])('%s', (_, change) => expect(easesContainer(opened, { ...opened, ...change })).toBe(true));

  it('good for longer once it is opened, though it is sealed yet', () => {
    const sealed = { ...opened, openedOn: null };
    expect(easesContainer(sealed, { ...sealed, monthsAfterOpening: 9 })).toBe(true);
    expect(easesContainer(sealed, { ...sealed, monthsAfterOpening: 2 })).toBe(false);
  });

  const sound: ContainerFacts = {
    ...opened,
    condition: 'clear',
    writtenOff: false,
    wrongFluid: false,
  };
  it.each<[string, Partial<ContainerFacts>]>([
    ['written off', { writtenOff: true }],
    ['found to hold another fluid', { wrongFluid: true }],
    ['found cloudy', { condition: 'cloudy' }],
    ['opened earlier', { openedOn: '2026-09-01' }],
    ['a printed day that is sooner', { printedUseBy: '2026-11-01' }],
    ['nothing', {}],
  ])('and not: %s', (_, change) =>
    expect(easesContainer(sound, { ...sound, ...change })).toBe(false),
  );
});

describe('fluid in a brake, by what is known of it', () => {
  it('is dry only when it is fresh, wet when nobody knows, and as the tester says where one was held in', () => {
    // Source: 49 CFR 571.116, minimum boiling points of DOT 4: 230 dry, 155 wet.
    expect(boilsInBrakeC('DOT 4', null, 0)).toBeCloseTo(230, 9);
    expect(boilsInBrakeC('DOT 4', null, 1)).toBeCloseTo(155, 9);
    expect(boilsInBrakeC('DOT 4', null, null)).toBeCloseTo(155, 9);
    const tested = boilsInBrakeC('DOT 4', 1.5, 30)!;
    expect(tested).toBeGreaterThan(155);
    expect(tested).toBeLessThan(230);
    expect(boilsInBrakeC('DOT 4', 3.8, 0)).toBeNull();
  });
});

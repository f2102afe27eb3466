import { fluidWanted } from './fluidWanted';
import { USUAL_RULES } from '../rules/shopRules';
import { answerTo, charged, priceOf, quoteLines, unansweredFor } from './quote';
import { planBike } from './planner';
import { staysFor } from './stays';
import { USUAL_BRAKE } from '../kit/traits';
import { taskOf } from './task';
import { fitsBySheet, shortOf } from '../stock/stock';
import { choicesFor, DEVIATIONS } from '../deviation/deviations';

describe('a quote', () => {
  it('has one line for each procedure at each end, by typical minutes [D]', () =>
    expect(
      quoteLines({ front: ['change-pads'], rear: ['bleed-push-up', 'change-pads'] }, {}),
    ).toEqual([
      { end: 'front', procedure: 'change-pads', minutes: 12 },
      { end: 'rear', procedure: 'bleed-push-up', minutes: 25 },
      { end: 'rear', procedure: 'change-pads', minutes: 12 },
    ]));

  it('asks again for what came in later, and the last answer stands', () => {
    const line = { end: 'rear', procedure: 'change-pads' } as const;
    const said = [
      { answer: 'postponed', lines: [line] },
      { answer: 'agreed', lines: [line] },
    ] as const;
    expect(answerTo(line, said)).toBe('agreed');
    expect(answerTo({ ...line, end: 'front' }, said)).toBeNull();
  });
});

describe('what a line of the quote comes to', () => {
  it.each([
    ['postponed', 'that of today', { minutes: 12, perHourCents: 9000, labourCents: 1800 }],
    [
      'agreed',
      'that of the day it was agreed to',
      { minutes: 12, perHourCents: 6000, labourCents: 1200 },
    ],
  ] as const)('is labour: of what was %s, %s', (answer, _, comes) => {
    const line = { end: 'front', procedure: 'change-pads' } as const;
    const laid = { version: 2, at: '2026-11-25T10:00:00.000Z' };
    const rules = { ...USUAL_RULES, labourPerHourCents: 9000 };
    const said = { answer, lines: [line], at: '2026-11-25T09:00:00.000Z' };
    const was = { version: 1, at: '2026-11-01T09:00:00.000Z', rules: USUAL_RULES };
    expect(charged(line, [said], [{ ...laid, rules }, was], rules)).toEqual({ ...line, ...comes });
    // Also on a device that was not yet told that they are in force.
    expect(charged(line, [said], [was], rules)).toEqual({ ...line, ...comes });
  });

  const kind = (part: 'pads' | 'clip' | 'barb' | 'olive', fits: string, priceCents: number) => ({
    part,
    fits,
    description: `${part} for ${fits}`,
    priceCents,
  });
  const brake = {
    pads: { shape: 'Tolve oval' },
    hose: { olive: 'T olive', barb: 'T barb', banjoSeals: '' },
  };

  it('is labour by the hour and each part by the shelf: the one the sheet names before one that fits all', () => {
    const shelf = [
      kind('pads', '', 900),
      kind('pads', 'Tolve oval', 1900),
      kind('clip', '', 40),
      kind('pads', 'Sund long', 2600),
    ];
    const line = { procedure: 'change-pads', labourCents: 1200 } as const;
    expect(priceOf(line, shelf, brake)).toEqual({
      parts: [
        { part: 'pads', cents: 1900 },
        { part: 'clip', cents: 40 },
      ],
      cents: 3140,
    });
    expect(priceOf(line, shelf, null).parts[0]).toEqual({ part: 'pads', cents: 900 });
  });

  it('is not known while one of its parts has no fitting price', () => {
    const line = { procedure: 'shorten-hose', labourCents: 3000 } as const;
    const olive = { ...kind('olive', '5 mm hose', 150), description: 'T olive' };
    expect(priceOf(line, [olive, kind('barb', '5.5 mm hose', 230)], brake)).toEqual({
      parts: [
        { part: 'barb', cents: null },
        { part: 'olive', cents: 150 },
      ],
      cents: null,
    });
  });

  it('fits by the shape or the name on the sheet, and by nothing else', () => {
    expect(fitsBySheet({ fits: 'Tolve oval', description: 'Organic' }, brake)).toBe(true);
    expect(fitsBySheet({ fits: '5 mm hose', description: 'T barb' }, brake)).toBe(true);
    expect(fitsBySheet({ fits: '', description: '' }, { pads: { shape: '' }, hose: null })).toBe(
      false,
    );
    expect(fitsBySheet({ fits: 'Tolve oval', description: '' }, null)).toBe(false);
  });

  it('belongs to the step that does it, until the customer has answered', () => {
    const procedures = { front: ['change-pads'], rear: [] } as const;
    const at = { step: 'new-pads-in', end: 'front' } as const;
    const line = { end: 'front', procedure: 'change-pads' } as const;
    expect(unansweredFor(at, procedures, [])).toEqual(line);
    expect(unansweredFor(at, procedures, [{ answer: 'agreed', lines: [line] }])).toBeNull();
    expect(unansweredFor({ ...at, end: 'rear' }, procedures, [])).toBeNull();
    expect(unansweredFor({ step: 'wheel-out', end: 'front' }, procedures, [])).toBeNull();
    expect(unansweredFor({ step: 'wash-hands', end: null }, procedures, [])).toBeNull();
    expect(unansweredFor(at, null, [])).toBeNull();
  });

  it('is asked about for a step that puts right what the work finds, and not for one that agreed work takes too', () => {
    const align = { end: 'front', procedure: 'align' } as const;
    const step = { step: 'align', end: 'front' } as const;
    expect(unansweredFor(step, { front: ['align'] }, [])).toEqual(align);
    expect(unansweredFor(step, { front: ['change-pads'] }, [])).toBeNull();
    const both = { front: ['reset-pads', 'change-pads'] } as const;
    const back = { step: 'wind-back-adjusters', end: 'front' } as const;
    const pads = { end: 'front', procedure: 'change-pads' } as const;
    expect(unansweredFor(back, both, [{ answer: 'agreed', lines: [pads] }])).toBeNull();
    expect(unansweredFor(back, both, [{ answer: 'refused', lines: [pads] }])).toEqual({
      end: 'front',
      procedure: 'reset-pads',
    });
  });
});

describe('fluid to lay out', () => {
  const fluid = { family: 'mineral', blend: 'Selkie 10' } as const;
  const bottle = {
    fluid,
    sizeMl: 500,
    remainingMl: 500,
    openedOn: null,
    printedUseBy: null,
    monthsAfterOpening: null,
    condition: 'clear',
    writtenOff: false,
  } as const;
  const asked = { fluid, alsoNamedBlends: [] };
  const steps = planBike(
    taskOf({
      procedures: { front: ['change-pads'], rear: ['bleed-push-up'] },
      bleed: { front: 'gravity-down', rear: 'push-up', third: 'push-up' },
      brakes: { front: USUAL_BRAKE, rear: USUAL_BRAKE, third: USUAL_BRAKE },
    }),
  )!.steps;
  const brakes = {
    front: { axle: 'front', fluid: asked, hose: null },
    rear: { axle: 'rear', fluid: asked, hose: { boreMm: 2.1, kitMl: 4.5 } },
  } as const;

  // 1,700 mm at 2.1 mm bore hold 5.9 mL; with 4.5 of caliper and lever 10.4, three times that: 32.
  it('is a flush of each end that is bled, from the first container that may give so much', () => {
    const low = { ...bottle, remainingMl: 20 };
    expect(fluidWanted(steps, brakes, [low, bottle], '2026-11-25')).toEqual([
      { end: 'rear', asked, ml: 32, from: bottle },
    ]);
    expect(fluidWanted(steps, brakes, [low], '2026-11-25')[0]?.from).toBeNull();
  });

  it('is none where nobody knows the brake, or it takes no fluid', () => {
    expect(fluidWanted(steps, { ...brakes, rear: null }, [bottle], '2026-11-25')).toEqual([]);
    const dry = { axle: 'rear', fluid: null, hose: null } as const;
    expect(fluidWanted(steps, { ...brakes, rear: dry }, [bottle], '2026-11-25')).toEqual([]);
  });
});

describe('the shelf', () => {
  it('is short of what the plan takes more of than it holds', () => {
    const shelf = [
      { part: 'pads' as const, count: 1 },
      { part: 'pads' as const, count: 1 },
      { part: 'olive' as const, count: -1 },
    ];
    expect(shortOf(['pads', 'pads', 'olive'], shelf)).toEqual([
      { part: 'olive', wanted: 1, onShelf: 0 },
    ]);
    expect(shortOf(['pads', 'pads', 'pads'], shelf)).toEqual([
      { part: 'pads', wanted: 3, onShelf: 2 },
    ]);
  });
});

it('a modified structural part is never left as found [D]', () => {
  for (const deviation of DEVIATIONS) expect(choicesFor(deviation)).toContain('not-ridden');
  expect(choicesFor('modified-part')).not.toContain('leave-as-found');
  expect(choicesFor('mount-by-make')).not.toContain('leave-as-found');
});

describe('what a set-up stands for', () => {
  const plan = planBike(
    taskOf({
      procedures: { rear: ['service-pistons', 'bleed-push-up', 'change-pads'] },
      bleed: { front: 'gravity-down', rear: 'push-up', third: 'push-up' },
      brakes: { front: USUAL_BRAKE, rear: USUAL_BRAKE, third: USUAL_BRAKE },
    }),
  )!;
  const stays = (step: string) =>
    staysFor(
      plan.steps,
      plan.steps.findIndex((each) => each.step === step),
    );

  it('is all the work until it is taken back: the wheel stays out for pistons, bleed and pads', () => {
    expect(stays('wheel-out')).toEqual([
      'push-pistons-out',
      'exercise-pistons',
      'push-up',
      'wind-back-adjusters',
      'new-pads-in',
    ]);
    expect(stays('bleed-kit-on')).toEqual(['push-up']);
  });

  it('is nothing for work, and for what nothing takes back', () => {
    expect(stays('push-up')).toEqual([]);
    expect(stays('hard-pull')).toEqual([]);
    expect(staysFor(plan.steps, -1)).toEqual([]);
  });
});

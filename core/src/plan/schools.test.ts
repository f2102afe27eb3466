import { answerTo, quoteLines, TYPICAL_MINUTES } from './quote';
import { planBike } from './planner';
import { alignmentFor } from './schools';
import { staysFor } from './stays';
import { taskOf } from './task';
import { shortOf } from '../stock/stock';
import { choicesFor, DEVIATIONS } from '../deviation/deviations';

type Item = Parameters<typeof alignmentFor>[0][number];
const runout = (tirMm: number) =>
  ({
    subject: 'runout',
    found: [],
    judgement: { ok: true, part: 'runout', runout: { tirMm } },
  }) as unknown as Item;
const caliper = (found: Item['found'] = []): Item => ({
  subject: 'caliper',
  found,
  judgement: null,
});

// Common practice.
describe('how a caliper is centred', () => {
  it('by eye where pistons move unevenly or the rotor waves', () => {
    expect(alignmentFor([caliper(['one-pad-moves']), runout(0.05)], 0.2).why).toBe(
      'pistons-uneven',
    );
    expect(alignmentFor([caliper(), runout(0.21)], 0.2)).toEqual({
      way: 'by-eye',
      why: 'rotor-wavy',
    });
  });
  it('squeezed where both were seen to be sound, with shims where nobody looked', () => {
    expect(alignmentFor([caliper(), runout(0.2)], 0.2).way).toBe('squeeze');
    expect(alignmentFor([runout(0.05)], 0.2)).toEqual({ way: 'shims', why: 'not-known' });
    expect(alignmentFor([], 0.2).way).toBe('shims');
  });
});

describe('a quote', () => {
  it('has one line for each procedure at each end, by typical minutes [D]', () =>
    expect(quoteLines({ front: ['change-pads'], rear: ['bleed-push-up', 'change-pads'] })).toEqual([
      { end: 'front', procedure: 'change-pads', minutes: 12 },
      { end: 'rear', procedure: 'bleed-push-up', minutes: 25 },
      { end: 'rear', procedure: 'change-pads', minutes: TYPICAL_MINUTES['change-pads'] },
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
      bleed: { front: 'gravity-down', rear: 'push-up' },
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

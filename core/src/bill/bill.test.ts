import { atEachEnd } from '../ends';
import type { Job } from '../job/job';
import { planAt } from '../plan/visit';
import { PROCEDURE_IDS, procedureRule, suitsBrake } from '../procedure/procedures';
import { USUAL_RULES } from '../rules/shopRules';
import { billOf, taxed } from './bill';

// Invented data; the sums are worked out by hand beside each.
const at = '2026-11-25T09:00:00.000Z';
const base = { id: 'x', at, by: 'Maren' };
const plan = (agreed: 'agreed' | 'not-asked') => ({
  ...base,
  seq: 1,
  procedures: { front: ['change-pads', 'align'], rear: ['bleed-gravity'] },
  bleed: { front: 'gravity-down', rear: 'gravity-down' },
  again: [],
  agreed,
  words: '',
});
const PLANNED = plan('agreed');
const step = (seq: number, name: string, end: string, outcome = 'done') => ({
  ...base,
  seq,
  step: name,
  end,
  outcome,
  reason: '',
  after: null,
});
const took = (stockId: string, description: string, pieces: number) => ({
  ...base,
  end: 'front',
  stockId,
  part: 'pads',
  description,
  pieces,
  batch: '',
});
const job = (change: object = {}): Job =>
  ({
    planned: [plan('agreed')],
    stepped: [step(2, 'new-pads-in', 'front'), step(3, 'gravity-down', 'rear')],
    taken: [took('pads', 'Ostrel T organic', 1)],
    told: [],
    filled: [
      { ...base, end: 'rear', fluid: 'Selkie 10', ml: 7.5, backMl: 0 },
      { ...base, end: 'rear', fluid: 'Selkie 10', ml: 8, backMl: 3 },
    ],
    worked: ['00', '10', '20', '30', '40', '50'].map((minute) => ({
      by: 'Maren',
      at: `2026-11-25T09:${minute}:00.000Z`,
    })),
    ringAboveCents: null,
    rules: USUAL_RULES,
    ...change,
  }) as unknown as Job;

const PRICES = new Map([['pads', 2400]]);
const RULES = { labourPerHourCents: 6000, taxPercent: 23, pricesWithTax: true };
const LAID_AT = '2026-11-20T09:00:00.000Z';
const laid = (rules: object) => [{ version: 1, at: LAID_AT, rules: { ...USUAL_RULES, ...rules } }];
const bill = (change: object = {}, rules = RULES) => billOf(job(change), PRICES, laid(rules));

describe('a bill', () => {
  it('asks for labour as quoted of what was done, and for the parts that left the shelf', () => {
    const { labour, parts, fluids, minutesQuoted, minutesTaken, totalCents } = bill();
    // Nobody aligned it: that line is on no bill.
    expect(labour.map(({ end, procedure }) => `${end} ${procedure}`)).toEqual([
      'front change-pads',
      'rear bleed-gravity',
    ]);
    expect(labour[0]).toMatchObject({ minutes: 12, cents: 1200 });
    expect(parts).toEqual([{ description: 'Ostrel T organic', pieces: 1, cents: 2400 }]);
    expect(fluids).toEqual([{ name: 'Selkie 10', ml: 12.5 }]);
    expect(totalCents).toBe(1200 + labour[1]!.cents + 2400);
    // The quote holds however long it took.
    expect([minutesTaken, minutesQuoted]).toEqual([50, 12 + labour[1]!.minutes]);
  });

  it('leaves out what the customer never agreed to, and says so', () => {
    const { labour, unagreed, totalCents } = bill({ planned: [plan('not-asked')] });
    expect(labour).toEqual([]);
    expect(unagreed).toHaveLength(2);
    expect(totalCents).toBe(2400);
  });

  it.each(PROCEDURE_IDS)('asks for %s by itself, once its plan is worked', (procedure) => {
    const actuation = suitsBrake(procedure, 'hydraulic') ? 'hydraulic' : 'cable';
    const ends = procedureRule(procedure).bothEnds ? 2 : 1;
    const procedures = { front: [procedure], rear: ends === 2 ? [procedure] : [] };
    const plan = planAt({
      chosen: {
        procedures,
        bleed: atEachEnd(() => 'push-up'),
        brakes: atEachEnd(() => ({ actuation, banjo: false })),
      },
      steps: [],
      again: [],
      parts: [],
    })!;
    const stepped = plan.steps.map(({ step: does, end }, i) => step(i + 2, does, end!));
    const planned = [{ ...PLANNED, procedures }];
    const { labour } = bill({ planned, stepped });
    expect(labour[0]).toMatchObject({ end: 'front', procedure });
    expect(labour).toHaveLength(ends);
    // Nothing was begun but the wheel taken out.
    const begun = stepped.filter((each) => each.step === 'wheel-out');
    expect(bill({ planned, stepped: begun }).labour).toEqual([]);
  });

  it('bills no step that was taken back or left out', () => {
    const stepped = [
      step(2, 'new-pads-in', 'front'),
      step(3, 'new-pads-in', 'front', 'taken-back'),
      step(4, 'gravity-down', 'rear', 'skipped'),
    ];
    expect(bill({ stepped }).labour).toEqual([]);
  });

  it('asks of a part what it cost when it left the shelf', () => {
    const before = { ...took('pads', 'Ostrel T organic', 2), priceCents: 2000 };
    const after = { ...took('pads', 'Ostrel T organic', 1), priceCents: 2500 };
    expect(bill({ taken: [before, after] }).parts).toMatchObject([{ pieces: 3, cents: 6500 }]);
  });

  describe('once the shop laid down other rules', () => {
    const before = {
      version: 1,
      at: '2026-11-20T09:00:00.000Z',
      rules: { ...USUAL_RULES, ...RULES },
    };
    const raised = {
      labourPerHourCents: 9000,
      taxPercent: 25,
      minutes: { 'change-pads': 20 } as const,
    };
    const after = (at: string) => [
      { version: 2, at, rules: { ...before.rules, ...raised } },
      before,
    ];
    /** The plan was agreed to at nine. */
    const billed = (at: string, change: object = {}) => billOf(job(change), PRICES, after(at));
    const told = (hour: string, answer: string) => [
      {
        ...base,
        kind: 'customer-answer',
        at: `2026-11-25T${hour}:00:00.000Z`,
        answer,
        lines: [{ end: 'front', procedure: 'change-pads' }],
      },
    ];

    it('asks for the labour that was agreed to, hour and minutes, and for that of the rules by which it was', () => {
      expect(billed('2026-11-25T10:00:00.000Z').labour[0]).toMatchObject({
        minutes: 12,
        cents: 1200,
      });
      expect(billed('2026-11-25T08:00:00.000Z').labour[0]).toMatchObject({
        minutes: 20,
        cents: 3000,
      });
    });

    it('goes by the last time it was agreed to', () => {
      const again = billed('2026-11-25T10:00:00.000Z', { told: told('11', 'agreed') });
      expect(again.labour.map(({ cents }) => cents)).toEqual([
        3000,
        billed('2026-11-25T10:00:00.000Z').labour[1]!.cents,
      ]);
    });

    it('adds the tax of the day that it was sealed, while it is open that of today', () => {
      const sealed = (at: string) => ({ sealed: { by: 'Maren', at, number: 1, recordId: 'r' } });
      const bills = [
        billed('2026-11-25T10:00:00.000Z', sealed('2026-11-25T09:30:00.000Z')),
        billed('2026-11-25T10:00:00.000Z', sealed('2026-11-25T10:30:00.000Z')),
        billed('2026-11-25T10:00:00.000Z'),
      ];
      expect(bills.map(({ taxPercent }) => taxPercent)).toEqual([23, 25, 25]);
      // 2400 of parts and what was done before the tax went up: 23 of 123 of it.
      const sum = bills[0]!.labour.reduce((all, { cents }) => all + cents, 2400);
      expect(bills[0]!.taxCents).toBe(Math.round((sum * 23) / 123));
    });
  });

  it('asks for no sum while a part has no price', () => {
    const { parts, totalCents } = bill({
      taken: [took('pads', 'Pads', 1), took('odd', 'Odd spring', 2), took('odd', 'Odd spring', 1)],
    });
    expect(parts[1]).toEqual({ description: 'Odd spring', pieces: 3, cents: null });
    expect(totalCents).toBeNull();
  });

  it.each([true, false])(
    'adds up to what is asked for, with the tax in its prices: %s',
    (pricesWithTax) => {
      const { labour, parts, taxOnTopCents, taxCents, totalCents } = bill(
        {},
        { ...RULES, pricesWithTax },
      );
      const lines = [...labour, ...parts].reduce((sum, { cents }) => sum + cents!, 0);
      expect(lines + taxOnTopCents).toBe(totalCents);
      expect(taxOnTopCents).toBe(pricesWithTax ? 0 : taxCents);
    },
  );

  it('says when it comes to more than the customer wanted to be rung about', () => {
    const total = bill().totalCents!;
    expect(bill({ ringAboveCents: total }).aboveRing).toBe(false);
    expect(bill({ ringAboveCents: total - 1 }).aboveRing).toBe(true);
    // With the tax that comes on top.
    expect(bill({ ringAboveCents: total }, { ...RULES, pricesWithTax: false }).aboveRing).toBe(
      true,
    );
  });
});

describe('the tax', () => {
  it.each([
    [12_300, { taxPercent: 23, pricesWithTax: true }, [10_000, 2300, 12_300]],
    [10_000, { taxPercent: 23, pricesWithTax: false }, [10_000, 2300, 12_300]],
    [0, { taxPercent: 23, pricesWithTax: true }, [0, 0, 0]],
    [999, { taxPercent: 0, pricesWithTax: false }, [999, 0, 999]],
    // 5.5 % of 1.00 is 5.5: half up.
    [100, { taxPercent: 5.5, pricesWithTax: false }, [100, 6, 106]],
  ])('of %i by %j', (cents, rule, [netCents, taxCents, totalCents]) => {
    expect(taxed(cents, rule)).toEqual({ netCents, taxCents, totalCents });
  });
});

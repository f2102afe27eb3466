import type { End } from '../ends';
import { standingSteps } from '../evidence/stepped';
import { minutesTaken } from '../job/handsOn';
import type { Job } from '../job/job';
import { answersOf } from '../job/visit';
import { answerTo, charged, quoteLines } from '../plan/quote';
import { isStepOf } from '../plan/stepOf';
import type { ProcedureId } from '../procedure/procedures';
import { rulesAt, type LaidRules } from '../rules/rulesAt';
import type { ShopRules } from '../rules/shopRules';

/** Labour of one line of the quote. */
interface LabourLine {
  end: End;
  procedure: ProcedureId;
  minutes: number;
  cents: number;
}

/** Pieces of one kind that were taken off the shelf; null where the shelf has no price for it. */
interface PartLine {
  description: string;
  pieces: number;
  cents: number | null;
}

/** What a visit comes to. Money is in hundredths. */
export interface Bill {
  labour: LabourLine[];
  /** Done, and the customer never agreed to it: on no bill until they do. */
  unagreed: { end: End; procedure: ProcedureId }[];
  parts: PartLine[];
  /** Fluid that went in, mL, less what was poured back; it is in the labour of the bleed. */
  fluids: { name: string; ml: number }[];
  minutesQuoted: number;
  /** At the bench, as the entries show. */
  minutesTaken: number;
  netCents: number;
  taxCents: number;
  /** What the tax adds to the lines; nothing where their prices hold it. The lines and this are what is asked for. */
  taxOnTopCents: number;
  /** What of a hundred the tax is. */
  taxPercent: number;
  /** What is asked for; null while a part has no price. */
  totalCents: number | null;
  /** It comes to more than the customer wanted to be rung about before. */
  aboveRing: boolean;
}

type TaxRule = Pick<ShopRules, 'taxPercent' | 'pricesWithTax'>;

/**
 * The tax in a sum, or on it, to a whole hundredth, half up: worked out once on the sum and not line by line [D].
 * @returns what goes without tax, the tax, and both
 * @example taxed(12_000, { taxPercent: 20, pricesWithTax: true }) // 10_000 and 2_000
 */
export function taxed(cents: number, { taxPercent, pricesWithTax }: TaxRule) {
  const taxCents = Math.round(
    pricesWithTax ? (cents * taxPercent) / (100 + taxPercent) : (cents * taxPercent) / 100,
  );
  const netCents = pricesWithTax ? cents - taxCents : cents;
  return { netCents, taxCents, totalCents: netCents + taxCents };
}

/**
 * What a visit comes to: labour as it was quoted and agreed, of what was done; the parts that left the shelf, by its price when they did;
 * the tax of the day that it was sealed, else of today. The quote holds however long it took; minutes truly taken stand beside it.
 * @param prices of a piece now, by the id of its line of the shelf: of what was taken before its price was kept with it
 * @param laid the rules that the shop laid down, the newest first
 */
export function billOf(
  job: Job,
  prices: ReadonlyMap<string, number>,
  laid: readonly LaidRules[],
): Bill {
  const plan = job.planned.at(-1);
  const answered = answersOf(job);
  const done = (plan ? quoteLines(plan.procedures, job.rules.minutes) : []).filter((line) =>
    wasDone(job, line),
  );
  const isAgreed = (line: { end: End; procedure: ProcedureId }) =>
    answerTo(line, answered) === 'agreed';
  const labour = done.filter(isAgreed).map(({ end, procedure }) => {
    const { minutes, labourCents } = charged(
      { end, procedure },
      answered,
      laid,
      rulesAt(laid, null),
    );
    return { end, procedure, minutes, cents: labourCents };
  });
  const parts = partsOf(job, prices);
  const sum = [...labour, ...parts].reduce((all, { cents }) => all + (cents ?? 0), 0);
  const rules = rulesAt(laid, job.sealed?.at ?? null);
  const { netCents, taxCents, totalCents } = taxed(sum, rules);
  const isWhole = parts.every(({ cents }) => cents !== null);
  return {
    labour,
    unagreed: done
      .filter((line) => !isAgreed(line))
      .map(({ end, procedure }) => ({ end, procedure })),
    parts,
    fluids: fluidsOf(job),
    minutesQuoted: labour.reduce((all, { minutes }) => all + minutes, 0),
    minutesTaken: minutesTaken(job.worked),
    netCents,
    taxCents,
    taxOnTopCents: totalCents - sum,
    taxPercent: rules.taxPercent,
    totalCents: isWhole ? totalCents : null,
    aboveRing: job.ringAboveCents !== null && totalCents > job.ringAboveCents,
  };
}

/** Whether any step of a procedure stands as done at that end. */
function wasDone(job: Job, { end, procedure }: { end: End; procedure: ProcedureId }): boolean {
  return standingSteps(job).some(
    ({ step, end: at, outcome }) =>
      at === end && outcome === 'done' && step !== 'wash-hands' && isStepOf(step, procedure),
  );
}

function partsOf({ taken }: Job, prices: ReadonlyMap<string, number>): PartLine[] {
  const kinds = [...new Set(taken.map(({ stockId }) => stockId))];
  return kinds.map((stockId) => {
    const of = taken.filter((each) => each.stockId === stockId);
    const pieces = of.reduce((all, each) => all + each.pieces, 0);
    const cents = of.reduce<number | null>((all, each) => {
      const price = each.priceCents ?? prices.get(stockId);
      return all === null || price === undefined ? null : all + price * each.pieces;
    }, 0);
    return { description: of[0]!.description, pieces, cents };
  });
}

function fluidsOf({ filled }: Job): Bill['fluids'] {
  const names = [...new Set(filled.map(({ fluid }) => fluid))];
  return names.map((name) => ({
    name,
    ml: filled
      .filter(({ fluid }) => fluid === name)
      .reduce((all, { ml, backMl }) => all + ml - backMl, 0),
  }));
}

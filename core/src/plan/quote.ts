import { ENDS, type End } from '../ends';
import type { DoneStep } from './planner';
import { procedureRule, type ProcedureId } from '../procedure/procedures';
import { stepRule } from '../procedure/steps';
import { isStepOf } from './stepOf';
import { rulesAt, type LaidRules } from '../rules/rulesAt';
import type { ShopRules } from '../rules/shopRules';
import { fitsBySheet, type FittedBrake, type NewPart, type StockLine } from '../stock/stock';

/** What a customer says to one line of work. */
export const ANSWERS = ['agreed', 'refused', 'postponed'] as const;
export type Answer = (typeof ANSWERS)[number];

/** One line of a quote: one procedure at one end. */
interface QuoteLine {
  end: End;
  procedure: ProcedureId;
  /** The shop's, else what it usually takes. */
  minutes: number;
}

/** What a line of the quote comes to; a part that the shelf has no price for is null, and so is the sum. */
interface LinePrice {
  parts: { part: NewPart; cents: number | null }[];
  cents: number | null;
}

/**
 * Its labour, and each part the procedure takes by the shelf's price: the kind that the brake's sheet names,
 * else one that fits all.
 */
export function priceOf(
  { procedure, labourCents }: { procedure: ProcedureId; labourCents: number },
  shelf: readonly (Pick<StockLine, 'part' | 'fits'> & {
    description: string;
    priceCents: number;
  })[],
  brake: FittedBrake | null,
): LinePrice {
  const parts = procedureRule(procedure)
    .steps.flatMap((step) => stepRule(step).parts)
    .map((part) => {
      const kinds = shelf.filter((line) => line.part === part);
      const kind =
        kinds.find((line) => fitsBySheet(line, brake)) ?? kinds.find(({ fits }) => fits === '');
      return { part, cents: kind?.priceCents ?? null };
    });
  const cents = parts.reduce<number | null>(
    (sum, part) => (sum === null || part.cents === null ? null : sum + part.cents),
    labourCents,
  );
  return { parts, cents };
}

/** Something a customer said to some lines. */
export interface Answered {
  answer: Answer;
  lines: readonly { end: End; procedure: ProcedureId }[];
}

/** What the shop charges for a procedure by itself: its own minutes, else those it usually takes. */
const minutesOf = (procedure: ProcedureId, minutes: ShopRules['minutes']): number =>
  minutes[procedure] ?? procedureRule(procedure).minutes;

/** The lines of what was chosen, end by end. */
export function quoteLines(
  procedures: Readonly<Partial<Record<End, readonly ProcedureId[]>>>,
  minutes: ShopRules['minutes'],
): QuoteLine[] {
  return ENDS.flatMap((end) =>
    (procedures[end] ?? []).map((procedure) => ({
      end,
      procedure,
      minutes: minutesOf(procedure, minutes),
    })),
  );
}

/** One procedure at one end. */
type Work = Pick<QuoteLine, 'end' | 'procedure'>;

const lastSaidTo = <A extends Answered>(line: Work, answered: readonly A[]): A | undefined =>
  answered.findLast(({ lines }) =>
    lines.some(({ end, procedure }) => end === line.end && procedure === line.procedure),
  );

/** What was last said to a line, or null while nobody asked: work that came in later is asked for again. */
export const answerTo = (line: Work, answered: readonly Answered[]): Answer | null =>
  lastSaidTo(line, answered)?.answer ?? null;

/**
 * A line with the minutes, the hour and the labour, in hundredths, that it is charged by: where the customer agreed to it, those of the day they
 * did, so that what the shop lays down afterwards is asked of nobody; else today's.
 * @param laid what the shop laid down, the newest first
 * @param today what is in force: a device may know it before it is told of all that was laid down
 */
export function charged(
  line: Work,
  answered: readonly (Answered & { at: string })[],
  laid: readonly LaidRules[],
  today: Pick<ShopRules, 'minutes' | 'labourPerHourCents'>,
): QuoteLine & { perHourCents: number; labourCents: number } {
  const said = lastSaidTo(line, answered);
  const rules = said?.answer === 'agreed' ? rulesAt(laid, said.at) : today;
  const minutes = minutesOf(line.procedure, rules.minutes);
  const perHourCents = rules.labourPerHourCents;
  return { ...line, minutes, perHourCents, labourCents: Math.round((perHourCents * minutes) / 60) };
}

/** The line of the quote that a step is done for, when the customer has answered to none that it belongs to; null when there is none. */
export function unansweredFor(
  { step, end }: DoneStep,
  procedures: Readonly<Partial<Record<End, readonly ProcedureId[]>>> | null,
  answered: readonly Answered[],
): { end: End; procedure: ProcedureId } | null {
  if (!procedures || end === null || step === 'wash-hands') return null;
  const lines = (procedures[end] ?? [])
    .filter((procedure) => isStepOf(step, procedure))
    .map((procedure) => ({ end, procedure }));
  const agreed = lines.some((line) => answerTo(line, answered) === 'agreed');
  return agreed ? null : (lines.find((line) => answerTo(line, answered) === null) ?? null);
}

import { ENDS, type End } from '../ends';
import type { DoneStep } from './planner';
import { procedureRule, type ProcedureId } from '../procedure/procedures';
import { stepRule } from '../procedure/steps';
import { isStepOf } from './stepOf';
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
  labourCents: number;
  parts: { part: NewPart; cents: number | null }[];
  cents: number | null;
}

/**
 * Labour by the shop's hour, and each part the procedure takes by the shelf's price: the kind that the brake's sheet names,
 * else one that fits all.
 */
export function priceOf(
  { procedure, minutes }: Pick<QuoteLine, 'procedure' | 'minutes'>,
  labourPerHourCents: number,
  shelf: readonly (Pick<StockLine, 'part' | 'fits'> & {
    description: string;
    priceCents: number;
  })[],
  brake: FittedBrake | null,
): LinePrice {
  const labourCents = Math.round((labourPerHourCents * minutes) / 60);
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
  return { labourCents, parts, cents };
}

/** Something a customer said to some lines. */
export interface Answered {
  answer: Answer;
  lines: readonly { end: End; procedure: ProcedureId }[];
}

/** The lines of what was chosen, end by end. */
export function quoteLines(
  procedures: Readonly<Partial<Record<End, readonly ProcedureId[]>>>,
  minutes: ShopRules['minutes'],
): QuoteLine[] {
  return ENDS.flatMap((end) =>
    (procedures[end] ?? []).map((procedure) => ({
      end,
      procedure,
      minutes: minutes[procedure] ?? procedureRule(procedure).minutes,
    })),
  );
}

/** What was last said to a line, or null while nobody asked: work that came in later is asked for again. */
export function answerTo(
  line: { end: End; procedure: ProcedureId },
  answered: readonly Answered[],
): Answer | null {
  return (
    answered
      .filter(({ lines }) =>
        lines.some(({ end, procedure }) => end === line.end && procedure === line.procedure),
      )
      .at(-1)?.answer ?? null
  );
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

import { InputError } from '../inputError';
import type { Measurand } from '../measurand/measurand';
import { measurandRule, type VerdictOf } from '../measurand/measurands';
import type { CommonVerdict } from '../measurand/rule';
import type { MeasuringSession } from './session';
import type { Standard } from './standard';
import type { Work } from './work';

/** A verdict on what was measured. */
export type Judged = {
  [M in Measurand]: { ok: true; measurand: M; verdict: VerdictOf[M] & CommonVerdict };
}[Measurand];

export type Judgement =
  | Judged
  /** The numbers contradict the sheet or each other: nothing can be said, and nothing passed. */
  | { ok: false; code: InputError['code']; field: string; numbers: InputError['numbers'] };

/**
 * Judges one sitting. This is the one computation with two callers: the app at once, and the server again from what
 * it stored.
 */
export function judge(
  measurand: Measurand,
  session: MeasuringSession,
  standard: Standard,
): Judgement {
  try {
    const verdict = measurandRule(measurand).judge(session, standard);
    return { ok: true, measurand, verdict } as Judgement;
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, code: error.code, field: error.field, numbers: error.numbers };
  }
}

/** The work a judgement calls for; none when nothing is wrong or nothing is known. */
export const recommendedBy = (judgement: Judgement | null): readonly Work[] =>
  judgement?.ok ? measurandRule(judgement.measurand).work(judgement.verdict) : [];

/** What of a judgement says that a reading cannot be what it is taken for, with its numbers; null where nothing does. */
export function contradictionAt(
  judgement: Judgement,
  place: string,
): { code: string; numbers: Readonly<Record<string, number>> } | null {
  if (!judgement.ok)
    return judgement.field === place ? { code: judgement.code, numbers: judgement.numbers } : null;
  const found = judgement.verdict.contradicts?.find(
    (reason) => 'place' in reason && reason.place === place,
  );
  if (!found) return null;
  const numbers = Object.entries(found).filter(([, value]) => typeof value === 'number');
  return { code: found.code, numbers: Object.fromEntries(numbers) as Record<string, number> };
}

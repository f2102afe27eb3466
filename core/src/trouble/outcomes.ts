import { ENDS, type End } from '../ends';
import { foldAll } from '../job/fold';
import type { JobBase } from '../job/job';
import type { Logged } from '../job/kinds';
import { toldOf } from '../job/told';
import type { Cause } from './causes';
import { evidenceAt } from './evidence';
import { SIGNS, type Sign } from './signs';
import { SYMPTOMS, type Symptom } from './symptoms';

/** A cause that was found at a visit, and a sign that was looked for before it was found. */
export interface Outcome {
  end: End;
  cause: Cause;
  sign: Sign;
  seen: boolean;
}

/**
 * What a visit teaches: for each cause that was found and not taken back, every sign that was looked for until then. What was found
 * after, or cured, says nothing of how it showed. A rider who named one symptom was asked for all of them [D].
 */
export function outcomesOf(base: JobBase, entries: readonly Logged[]): Outcome[] {
  const { job } = foldAll(base, entries);
  return ENDS.flatMap((end) => {
    const causes = toldOf(job, 'cause', end);
    return causes.flatMap(({ cause, seq }, i): Outcome[] => {
      if (causes.findIndex((each) => each.cause === cause) !== i) return [];
      const until = entries.filter((entry) => entry.seq < seq);
      const evidence = evidenceAt(foldAll(base, until).job, end);
      const asked = SYMPTOMS.some((symptom) => evidence[symptom]);
      return SIGNS.flatMap((sign): Outcome[] => {
        const isSymptom = (SYMPTOMS as readonly Sign[]).includes(sign as Symptom);
        const seen = evidence[sign] ?? (isSymptom && asked ? false : undefined);
        return seen === undefined ? [] : [{ end, cause, sign, seen }];
      });
    });
  });
}

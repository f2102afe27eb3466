import type { EntryOf } from '@hold-fast/core/job/kinds';
import type { Job, Measured } from '@hold-fast/core/job/job';
import { InputError } from '@hold-fast/core/inputError';
import { faultOf } from '@hold-fast/core/job/kinds';
import { standingReadings } from '@hold-fast/core/inspection/session';
import { append, entryOf } from '../../../data/jobWrites';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { judgementOf } from '../JobFrame';

interface Taking {
  job: Job;
  measured: Measured;
  place: string;
  valueMm: number;
  /** What was keyed, or what the gauge showed. */
  typed: string;
  via: 'keys' | 'feed';
  /** A repeat stands beside the earlier reading at this place; otherwise it corrects it. */
  again: boolean;
  /** Why the one it corrects was wrong. */
  why?: string;
}

/** What is wrong with a reading, in words, and whether it wants words why the one it corrects was wrong. */
interface Wrong {
  says: string;
  wantsWhy: boolean;
}

/**
 * Takes a reading, judged at once.
 * @returns what is wrong with it; null when it was taken
 */
export function takeReading(taking: Taking): Wrong | null {
  const { job, measured, place, valueMm, typed, via, again, why = '' } = taking;
  const wrong = (says: string, wantsWhy = false): Wrong => ({ says, wantsWhy });
  const earlier = standingReadings(measured.readings).filter((reading) => reading.place === place);
  const entry = entryOf<'reading'>({
    kind: 'reading',
    measurementId: measured.id,
    place: place as EntryOf<'reading'>['place'],
    valueMm,
    typed,
    via,
    replaces: again ? null : (earlier.at(-1)?.id ?? null),
    words: why.trim(),
  });
  const fault = faultOf<'reading'>(job, entry, null);
  if (fault?.code === 'say-why') return wrong(words.sayWhy, true);
  if (fault) {
    const { code, numbers } = new InputError(
      fault.code as InputError['code'],
      place,
      fault.facts as InputError['numbers'],
    );
    return wrong(verdictWords.inputError(code, numbers));
  }
  const judged = judgementOf(job, { ...measured, readings: [...measured.readings, entry] });
  const kept = append(job.id, entry, { appWord: judged?.ok ? judged.verdict.word : null });
  return kept ? null : wrong(words.notKept);
}

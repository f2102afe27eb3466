import type { EntryOf } from '@hold-fast/contract/entries';
import type { Job, Measured } from '@hold-fast/contract/jobs';
import { plausibleReading } from '@hold-fast/core/inspection/plausible';
import { standingReadings } from '@hold-fast/core/inspection/session';
import { append, entryOf } from '../../../data/writes';
import { words } from '../../../words/words';
import { judgementOf } from '../JobFrame';
import { faultWords } from './useKeyed';

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
}

/**
 * Takes a reading, judged at once.
 * @returns what is wrong with it, in words; null when it was taken
 */
export function takeReading(taking: Taking): string | null {
  const { job, measured, place, valueMm, typed, via, again } = taking;
  const earlier = standingReadings(measured.readings).filter((reading) => reading.place === place);
  const entry = entryOf<'reading'>({
    kind: 'reading',
    measurementId: measured.id,
    place: place as EntryOf<'reading'>['place'],
    valueMm,
    typed,
    via,
    replaces: again ? null : (earlier.at(-1)?.id ?? null),
  });
  try {
    plausibleReading(measured.part, place, valueMm);
  } catch (error) {
    return faultWords(error);
  }
  const judged = judgementOf(job, { ...measured, readings: [...measured.readings, entry] });
  if (judged && !judged.ok && judged.field === place)
    return words.inputError(judged.code, judged.numbers);
  const kept = append(job.id, entry, { appWord: judged?.ok ? judged.word : null });
  return kept ? null : words.notKept;
}

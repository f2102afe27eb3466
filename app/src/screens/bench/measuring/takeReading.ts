import type { EntryOf } from '@hold-fast/contract/entries';
import type { Identified, Job, Measured } from '@hold-fast/contract/jobs';
import { plausiblePadReading } from '@hold-fast/core/wear/pads';
import { plausibleRotorReading } from '@hold-fast/core/wear/rotor';
import { standingReadings } from '@hold-fast/core/wear/session';
import { append, entryOf } from '../../../data/writes';
import { words } from '../../../words/words';
import { judgementOf } from '../JobFrame';
import { faultWords, type useKeyed } from './useKeyed';

interface Taking {
  job: Job;
  identified: Identified;
  measured: Measured;
  place: string;
  /** A repeat stands beside the earlier reading at this place; otherwise it corrects it. */
  again: boolean;
  keyed: ReturnType<typeof useKeyed>;
}

/**
 * Takes what is keyed as a reading, judged at once.
 * @returns whether it was taken; if not, what is wrong stands at the number and the digits stay
 */
export function takeReading({ job, identified, measured, place, again, keyed }: Taking): boolean {
  const valueMm = keyed.read();
  if (valueMm === null) return false;
  const earlier = standingReadings(measured.readings).filter((reading) => reading.place === place);
  const entry = entryOf<'reading'>({
    kind: 'reading',
    measurementId: measured.id,
    place: place as EntryOf<'reading'>['place'],
    valueMm,
    typed: keyed.text,
    replaces: again ? null : (earlier.at(-1)?.id ?? null),
  });
  try {
    if (measured.part === 'rotor') plausibleRotorReading(valueMm);
    else plausiblePadReading(valueMm);
  } catch (error) {
    keyed.setFault(faultWords(error));
    return false;
  }
  const judged = judgementOf({ ...measured, readings: [...measured.readings, entry] }, identified);
  if (judged && !judged.ok && judged.field === place) {
    keyed.setFault(words.inputError(judged.code, judged.numbers));
    return false;
  }
  append(job.id, entry, { appWord: judged?.ok ? judged.word : null });
  return true;
}

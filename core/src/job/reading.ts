import type { Sitting } from '../inspection/inspected';
import { placesOf, plausibleReading } from '../measurand/measurands';
import { InputError } from '../inputError';
import { judgeSitting } from '../inspection/inspectEnd';
import { contradictionAt } from '../inspection/judge';
import { WORDS } from '../wear/verdict';
import { dayIn } from './day';
import type { Job, Measured } from './job';
import { fault, type EntryBase, type Kind } from './entry';
import { changeSitting } from './sitting';

/** A reading as taken, mm. A correction is a new reading that names the one it replaces. */
export interface ReadingEntry extends EntryBase {
  kind: 'reading';
  measurementId: string;
  place: string;
  valueMm: number;
  /** What was keyed, or what the gauge sent, to the letter. */
  typed: string;
  via: 'keys' | 'feed';
  replaces: string | null;
  /** Why the one it replaces was wrong: a correction that betters a word needs them. */
  words: string;
}

/** Whether a sitting stands better with a correction than before it. */
function betters(job: Job, before: Measured, after: Sitting): boolean {
  const rank = (sitting: Sitting) => {
    const judgement = judgeSitting(job, sitting);
    return judgement === null
      ? -1
      : WORDS.indexOf(judgement.ok ? judgement.verdict.word : 'unproven');
  };
  return rank(after) < rank(before);
}

const taken = ({ id, at, place, valueMm, replaces, words = '' }: ReadingEntry, by: string) => ({
  id,
  place,
  valueMm,
  replaces,
  words,
  at,
  by,
});

export const reading: Kind<ReadingEntry> = {
  kind: 'reading',
  whose: 'bench',
  registers: [],
  fault: (job, entry) => {
    const { place, replaces, measurementId } = entry;
    const sitting = job.measured.find(({ id }) => id === measurementId);
    if (!sitting) return fault('invalid-input', 'measurementId', 'unknown');
    if (!placesOf(sitting.part, sitting.pointCount).includes(place))
      return fault('reading-refused', 'place', 'no-such-point', { place });
    const corrected = sitting.readings.find(({ id }) => id === replaces);
    if (replaces !== null && corrected?.place !== place)
      return fault('reading-refused', 'replaces', 'unknown');
    try {
      plausibleReading(sitting.part, place, entry.valueMm);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return fault('reading-refused', 'valueMm', error.code, error.numbers);
    }
    if (place === 'zero') return null;
    // A reading that contradicts the sheet is a slip, and taken as none.
    const after = { ...sitting, readings: [...sitting.readings, taken(entry, '')] };
    const judgement = judgeSitting(job, after);
    const contradicts = judgement && contradictionAt(judgement, place);
    if (contradicts)
      return fault('reading-refused', 'valueMm', contradicts.code, contradicts.numbers);
    return replaces !== null && entry.words === '' && betters(job, sitting, after)
      ? fault('reading-refused', 'words', 'say-why')
      : null;
  },
  add: (facts, entry, _known, { by }) =>
    changeSitting(facts, entry.measurementId, (sitting) => ({
      ...sitting,
      // A sitting may go on for days: its gauge is in calibration at its last reading, or proves nothing.
      measuredOn: [sitting.measuredOn, dayIn(facts.rules.timeZone, entry.at)].sort().at(-1)!,
      readings: [...sitting.readings, taken(entry, by)],
    })),
};

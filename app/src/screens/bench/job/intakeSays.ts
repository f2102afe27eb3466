import type { Intake, Job } from '@hold-fast/core/job/job';
import { benchTime, exactTime } from '../../../words/days';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';

const yesNo = (is: boolean) => (is ? jobWords.yesNo.yes : jobWords.yesNo.no);

const SAYS: { [F in keyof Intake]: (value: NonNullable<Intake[F]>, job: Job) => string } = {
  complaint: words.quoted,
  symptoms: (those) =>
    words.format.list(those.map((each) => words.inSentence(words.symptom[each]))),
  frontLever: (side) => words.side[side],
  odometerKm: words.format.distance,
  promisedAt: exactTime,
  minutes: benchTime,
  cameAlong: (those) => words.format.list(those.map((each) => words.cameAlong[each])),
  damage: words.quoted,
  ringAboveCents: words.format.money,
  mayRide: yesNo,
  oldPartsBack: yesNo,
  // Of the visits before, a job knows the tag of the one that it says it comes back from.
  comebackOf: (jobId, { comeback }) =>
    comeback?.jobId === jobId ? words.tagNumber(comeback.tag) : jobWords.trail.anotherVisit,
};

/** What was taken down at check-in, a field at a time, as people say it. */
export function intakeSays<F extends keyof Intake>(field: F, value: Intake[F], job: Job): string {
  return value === null || value.toString() === ''
    ? jobWords.trail.nothingSaid
    : SAYS[field](value, job);
}

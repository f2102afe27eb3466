import type { Job } from '@hold-fast/core/job/job';
import { noticesOfLots } from '@hold-fast/core/notice/notice';
import type { Word } from '@hold-fast/core/wear/verdict';
import { Note } from '../../../ui/Note';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';

const says = jobWords.notices;

/** The mark of something of these lots, which is no good one while a maker's notice names one of them. */
export const markOf = (job: Job, lots: readonly string[] = [], word: Word): Word =>
  word !== 'replace' && noticesOfLots(job, lots).length > 0 ? 'unproven' : word;

/** What makers say of the lots that something is of, before it goes in; nothing where they say nothing. */
export function Recalled({ job, lots = [] }: { job: Job; lots: readonly string[] }) {
  return noticesOfLots(job, lots).map(({ id, title, lot, source, words, doNotRide }) => (
    <Note key={id} kind="caution" title={says.ofLot(lot)}>
      <Words>{says.says(`${title}, ${source}`, words)}</Words>
      {doNotRide ? <Words kind="strong">{says.stops}</Words> : null}
    </Note>
  ));
}

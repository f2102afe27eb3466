import { noticesMet } from '../notice/notice';
import { fault, type EntryBase } from './entry';
import { tells, never } from './told';

/** What was done about a maker's notice that meets this bike. One that says not to ride takes a lead. */
export interface NoticeAnswerEntry extends EntryBase {
  kind: 'notice-answer';
  noticeId: string;
  /** The notice as it was read: one that was rewritten since is read again. */
  noticeVersion: number;
  words: string;
}

declare module './told' {
  interface ToldEntries {
    'notice-answer': NoticeAnswerEntry;
  }
}

type Known = { byLead: boolean };

export const noticeAnswer = tells<NoticeAnswerEntry, Known>('notice-answer', {
  whose: 'bench',
  registers: [],
  fault: (job, { noticeId, noticeVersion }, { byLead }) => {
    const notice = noticesMet(job).find(({ id }) => id === noticeId);
    if (!notice) return fault('invalid-input', 'noticeId', 'unknown');
    if (notice.version !== noticeVersion)
      return fault('invalid-input', 'noticeVersion', 'notice-rewritten');
    return notice.doNotRide && !byLead ? fault('invalid-input', 'words', 'lead-only') : null;
  },
  stays: never,
});

import type { NoticeAtJob } from '@hold-fast/core/notice/notice';
import { Note } from '../../../ui/Note';
import { Words } from '../../../ui/Words';
import { checkInWords } from '../../../words/checkIn';

/** Makers' notices that meet a bike, as it is checked in or looked up. */
export function NoticeNotes({ notices }: { notices: readonly NoticeAtJob[] }) {
  return notices.map(({ id, title, source, words, doNotRide }) => (
    <Note
      key={id}
      kind={doNotRide ? 'refusal' : 'caution'}
      title={checkInWords.checkIn.noticesMeet}
    >
      <Words kind="strong">{title}</Words>
      <Words>{checkInWords.checkIn.noticeSays(source, words)}</Words>
    </Note>
  ));
}

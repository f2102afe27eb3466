import type { NoticeAtJob } from '@hold-fast/core/notice/notice';
import { Note } from '../../../ui/Note';
import { Words } from '../../../ui/Words';
import { checkInWords } from '../../../words/checkIn';
import { WhyMet } from './WhyMet';

/** Makers' notices that meet a bike, as it is checked in or looked up. */
export function NoticeNotes({
  notices,
  bike,
}: {
  notices: readonly NoticeAtJob[];
  bike: { serial: string };
}) {
  return notices.map((notice) => (
    <Note
      key={notice.id}
      kind={notice.doNotRide ? 'refusal' : 'caution'}
      title={checkInWords.checkIn.noticesMeet}
    >
      <Words kind="strong">{notice.title}</Words>
      <Words>{checkInWords.checkIn.noticeSays(notice.source, notice.words)}</Words>
      <WhyMet notice={notice} bike={bike} />
    </Note>
  ));
}

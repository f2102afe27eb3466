import type { FeedNotice } from '../../../data/feed';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { measuringWords } from '../../../words/measuring';

/** What the feed has to say to an open step: a reading that was not used, a line that dropped. */
export function FeedNote({ notice }: { notice: FeedNotice | null }) {
  if (notice === null) return null;
  return (
    <Words kind="small" ink="fogText" role="status">
      {noticeSays(notice)}
    </Words>
  );
}

function noticeSays(notice: FeedNotice): string {
  switch (notice.code) {
    case 'unused':
      return measuringWords.feedNote.sentNotUsed(
        notice.serial,
        notice.shown,
        words.unused[notice.why],
      );
    case 'line-dropped':
      return measuringWords.feedNote.theLineToDroppedWhat(notice.serial);
    case 'line-back':
      return measuringWords.feedNote.theLineToDroppedAnd(notice.serial);
    case 'elsewhere':
      return measuringWords.feedNote.anotherPageOfThisBrowser;
    case 'taken-over':
      return measuringWords.feedNote.hasOpenedAStepWith(notice.by);
  }
}

import type { FeedNotice } from '../../../data/feed';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';

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
      return `${notice.serial} sent ${notice.shown}, not used: ${words.unused[notice.why]}.`;
    case 'line-dropped':
      return `The line to ${notice.serial} dropped. What was read is kept; it goes on by itself, or key it.`;
    case 'line-back':
      return `The line to ${notice.serial} dropped and is back. What was read is kept, and counts once.`;
    case 'elsewhere':
      return 'Another page of this browser has the gauges now; they come back when you touch this one.';
    case 'taken-over':
      return `${notice.by} has opened a step with this gauge: its readings go there now.`;
  }
}

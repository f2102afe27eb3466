import type { CalendarFeed, CalendarWords } from '@hold-fast/contract/calendar';
import { addressesIn } from '../platform/addresses';
import { insert, selectOne, type Queryable, type Transaction } from '../platform/database';

/** The feeds of the shop, the newest first. */
export const feeds = (on: Queryable): Promise<CalendarFeed[]> => addressesIn(on, 'calendar_feed');

/** What an address feeds in, and whether it was withdrawn; null where there is no such address. */
export async function feedOf(
  on: Queryable,
  token: string,
): Promise<{ words: CalendarWords; withdrawn: boolean } | null> {
  const row = await selectOne<{ words: unknown; withdrawn: number }>(
    on,
    'SELECT words, withdrawn_at IS NOT NULL AS withdrawn FROM calendar_feed WHERE token = ?',
    [token],
  );
  if (!row) return null;
  const words = typeof row.words === 'string' ? (JSON.parse(row.words) as unknown) : row.words;
  return { words: words as CalendarWords, withdrawn: row.withdrawn === 1 };
}

export async function addFeed(
  on: Transaction,
  feed: { id: string; token: string; words: CalendarWords; at: Date; personId: string },
): Promise<void> {
  await insert(on, 'calendar_feed', {
    id: feed.id,
    token: feed.token,
    words: JSON.stringify(feed.words),
    made_at: feed.at,
    made_by: feed.personId,
  });
}

import type { CalendarFeed, CalendarWords } from '@hold-fast/contract/calendar';
import {
  insert,
  run,
  select,
  selectOne,
  type Queryable,
  type Transaction,
} from '../platform/database';

/** The feeds of the shop, the newest first. */
export async function feeds(on: Queryable): Promise<CalendarFeed[]> {
  const rows = await select<{
    id: string;
    token: string;
    madeAt: Date;
    madeBy: string;
    withdrawnAt: Date | null;
    withdrawnBy: string | null;
  }>(
    on,
    `SELECT f.id, f.token, f.made_at AS madeAt, m.name AS madeBy, f.withdrawn_at AS withdrawnAt, w.name AS withdrawnBy
       FROM calendar_feed f JOIN person m ON m.id = f.made_by LEFT JOIN person w ON w.id = f.withdrawn_by
      ORDER BY f.made_at DESC, f.id DESC LIMIT 50`,
  );
  return rows.map(({ withdrawnAt, withdrawnBy, madeAt, ...row }) => ({
    ...row,
    madeAt: madeAt.toISOString(),
    withdrawn: withdrawnAt && { at: withdrawnAt.toISOString(), by: withdrawnBy! },
  }));
}

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

/** Withdraws a feed; one that was withdrawn before stays as it was. @returns whether there is such a feed */
export async function withdrawFeed(
  on: Transaction,
  id: string,
  at: Date,
  personId: string,
): Promise<boolean> {
  if (!(await selectOne(on, 'SELECT id FROM calendar_feed WHERE id = ? FOR UPDATE', [id])))
    return false;
  await run(
    on,
    'UPDATE calendar_feed SET withdrawn_at = ?, withdrawn_by = ? WHERE id = ? AND withdrawn_at IS NULL',
    [at, personId, id],
  );
  return true;
}

import type { Tablet, TabletPerson } from '@hold-fast/contract/tablet';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';

/** A tablet by its cookie's hash, while it is not ended. */
export function tabletBy(
  on: Queryable,
  tokenHash: Buffer,
): Promise<{ id: string; name: string } | null> {
  return selectOne(on, 'SELECT id, name FROM tablet WHERE token_hash = ? AND ended_at IS NULL', [
    tokenHash,
  ]);
}

/** Whoever comes in at a tablet by their PIN: who has one and is not locked, by name. */
export function peopleAtTablet(on: Queryable): Promise<TabletPerson[]> {
  return select(
    on,
    `SELECT id, name, pin_length AS pinLength FROM person
      WHERE NOT locked AND NOT choosing AND pin_hash IS NOT NULL ORDER BY name LIMIT 200`,
  );
}

export async function addTablet(
  on: Queryable,
  tablet: { id: string; name: string; tokenHash: Buffer; at: Date; by: string },
): Promise<void> {
  await insert(on, 'tablet', {
    id: tablet.id,
    token_hash: tablet.tokenHash,
    name: tablet.name,
    made_at: tablet.at,
    made_by: tablet.by,
  });
}

/** The shop's tablets, those in use first, the newest first. */
export async function tablets(on: Queryable): Promise<Tablet[]> {
  const rows = await select<{
    id: string;
    name: string;
    madeAt: Date;
    madeBy: string;
    endedAt: Date | null;
    endedBy: string | null;
  }>(
    on,
    `SELECT t.id, t.name, t.made_at AS madeAt, m.name AS madeBy, t.ended_at AS endedAt, e.name AS endedBy
       FROM tablet t JOIN person m ON m.id = t.made_by LEFT JOIN person e ON e.id = t.ended_by
      ORDER BY t.ended_at IS NOT NULL, t.made_at DESC LIMIT 50`,
  );
  return rows.map(({ madeAt, endedAt, endedBy, ...row }) => ({
    ...row,
    madeAt: madeAt.toISOString(),
    ended: endedAt && { at: endedAt.toISOString(), by: endedBy! },
  }));
}

/** Ends a tablet and what anybody is signed in at there. @returns whether there is such a one */
export async function endTablet(
  on: Queryable,
  { id, at, by }: { id: string; at: Date; by: string },
): Promise<boolean> {
  await run(on, 'UPDATE tablet SET ended_at = ?, ended_by = ? WHERE id = ? AND ended_at IS NULL', [
    at,
    by,
    id,
  ]);
  await run(on, 'DELETE FROM session WHERE tablet_id = ?', [id]);
  return (await selectOne(on, 'SELECT id FROM tablet WHERE id = ?', [id])) !== null;
}

import type { TroubleCounts } from '@hold-fast/contract/trouble';
import type { Outcome } from '@hold-fast/core/trouble/outcomes';
import { run, select, type Queryable, type Transaction } from '../platform/database';

/** The shop's own outcomes since they were begun anew so often. */
export async function troubleCounts(on: Queryable, counting: number): Promise<TroubleCounts> {
  const rows = await select<{ cause: string; sign: string; looked: number; seen: number }>(
    on,
    'SELECT cause, sign, looked, seen FROM trouble_count WHERE counting = ?',
    [counting],
  );
  const counts: Record<string, Record<string, { seen: number; looked: number }>> = {};
  for (const { cause, sign, looked, seen } of rows) (counts[cause] ??= {})[sign] = { seen, looked };
  return { counting, counts };
}

/** Counts what a signed visit teaches. */
export async function countOutcomes(
  transaction: Transaction,
  counting: number,
  outcomes: readonly Outcome[],
): Promise<void> {
  for (const { cause, sign, seen } of outcomes)
    await run(
      transaction,
      `INSERT INTO trouble_count (counting, cause, sign, looked, seen) VALUES (?, ?, ?, 1, ?)
        ON DUPLICATE KEY UPDATE looked = looked + 1, seen = seen + VALUES(seen)`,
      [counting, cause, sign, seen ? 1 : 0],
    );
}

import type { NoticeImport } from '@hold-fast/contract/noticeTable';
import type { Person } from '@hold-fast/contract/people';
import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import { v7 as uuid } from 'uuid';
import { inTransaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import type { Shop } from '../platform/shop';
import { addNotice, isWritten } from './store';

/**
 * Takes makers' notices in from a table, or says what would become of the rows. One that is written already, withdrawn or not, is left as
 * it is: the same table can be taken in again, and brings back none that was withdrawn.
 */
export async function importNotices(
  { pool, now }: Shop,
  person: Person,
  asked: NoticeImport,
): Promise<RowOutcome[]> {
  return inTransaction(pool, async (transaction) => {
    const at = now();
    const writes = asked.mode === 'take';
    if (writes) await takeOnce(transaction, { id: asked.id, body: asked, personId: person.id, at });
    const outcomes: RowOutcome[] = [];
    for (const { line, ...written } of asked.rows) {
      const there = await isWritten(transaction, written);
      outcomes.push({ line, does: there ? 'there' : 'add', fault: null });
      if (there || !writes) continue;
      const notice = { ...written, sheetId: null, withdrawn: false, withdrawnBecause: '' };
      await addNotice(transaction, { id: uuid(), ...notice }, at, person.id);
    }
    return outcomes;
  });
}

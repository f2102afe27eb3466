import { GENERIC_SHEETS } from '@hold-fast/contract/genericSheets';
import { SpecSheetBody } from '@hold-fast/contract/sheets';
import { inTransaction, type Pool } from '@hold-fast/server/platform/database';
import { addSheet, sheetsPage } from '@hold-fast/server/sheets/store';
import { v7 as uuid } from 'uuid';

/** Lays the generic sheets into a library that has none: what a shop judges by until it has its makers' own. */
export async function addGenericSheets(pool: Pool, at: Date): Promise<void> {
  await inTransaction(pool, async (transaction) => {
    if ((await sheetsPage(transaction, null)).items.length > 0) return;
    for (const sheet of Object.values(GENERIC_SHEETS))
      await addSheet(transaction, {
        id: uuid(),
        sheetId: uuid(),
        revision: 1,
        body: SpecSheetBody.parse(sheet),
        at,
      });
  });
}

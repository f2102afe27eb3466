import type { NoticeRow } from '@hold-fast/contract/noticeTable';
import { v7 as uuid } from 'uuid';
import type { TakeRow } from '../platform/rowsIn';
import { addNotice, isWritten } from './store';

/**
 * A maker's notice from a table. One that is written already, withdrawn or not, is left as it is: the same table can be taken in
 * again, and brings back none that was withdrawn.
 */
export const takeNotice: TakeRow<NoticeRow> = async (
  on,
  { line: _, ...written },
  { writes, at, personId },
) => {
  if (await isWritten(on, written)) return { does: 'there' };
  if (writes) {
    const notice = { ...written, sheetId: null, withdrawn: false, withdrawnBecause: '' };
    await addNotice(on, { id: uuid(), ...notice }, at, personId);
  }
  return { does: 'add' };
};

import { ENDS, type End } from '../ends';
import type { SheetRevision } from './sheet';

/** Why a brake may be of a sheet: it was when it was here last, or another of the bike's brakes is. */
export type Likely = { code: 'last-visit'; tag: number } | { code: 'other-end'; end: End };

/** What is known of a bike's brakes, before and now. */
interface Known {
  identified: Readonly<Record<End, { sheet: Pick<SheetRevision, 'sheetId'> } | null>>;
  identifiedBefore: Readonly<Partial<Record<End, { sheetId: string; tag: number }>>>;
}

/**
 * The shop's sheets for the brake of an end, those it may well be of first [D]: the one it was told to be of at its last visit,
 * then those of the bike's other brakes as they were told today; the rest stay in their order. It proves nothing of the brake, which may
 * be another by now: who stands at it says which it is.
 */
export function likelyFirst(
  sheets: readonly SheetRevision[],
  { identified, identifiedBefore }: Known,
  end: End,
): { sheet: SheetRevision; likely: Likely | null }[] {
  const before = identifiedBefore[end];
  const why = ({ sheetId }: SheetRevision): Likely | null => {
    if (before?.sheetId === sheetId) return { code: 'last-visit', tag: before.tag };
    const other = ENDS.find((each) => each !== end && identified[each]?.sheet.sheetId === sheetId);
    return other ? { code: 'other-end', end: other } : null;
  };
  const told = sheets.map((sheet) => ({ sheet, likely: why(sheet) }));
  const of = (code: Likely['code'] | undefined) =>
    told.filter(({ likely }) => likely?.code === code);
  return [...of('last-visit'), ...of('other-end'), ...of(undefined)];
}

import type { End } from '../ends';
import type { NewPart } from '../stock/stock';
import type { EntryBase } from './entry';
import { tells } from './told';

/** A new part that is not from the shelf: it came with the bike, or with something that was taken. */
export interface PartBroughtEntry extends EntryBase {
  kind: 'part-brought';
  end: End;
  part: NewPart;
  pieces: number;
  from: string;
}

export const partBrought = tells<PartBroughtEntry>('part-brought', 'anybody');

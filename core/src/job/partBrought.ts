import type { End } from '../ends';
import type { NewPart } from '../stock/stock';
import type { EntryBase } from './entry';
import { fitsBySheet } from '../stock/stock';
import { fault } from './entry';
import { tells } from './told';

/** A new part that is not from the shelf: it came with the bike, or with something that was taken. */
export interface PartBroughtEntry extends EntryBase {
  kind: 'part-brought';
  end: End;
  part: NewPart;
  pieces: number;
  from: string;
  /** What its packet or print says that it fits; empty where it says nothing. */
  fits: string;
  /** How it was seen to fit, where its packet does not say so. */
  checked: string;
  /** What its packet says it is of; empty where it says nothing. */
  batch?: string;
}

declare module './told' {
  interface ToldEntries {
    'part-brought': PartBroughtEntry;
  }
}

/** Parts whose shape the sheet can name: one that does not say that it fits is held against the old one, in words [P]. */
const SHAPED: readonly NewPart[] = ['pads', 'rotor'];

export const partBrought = tells<PartBroughtEntry>('part-brought', {
  whose: 'anybody',
  registers: [],
  // A notice may be about it.
  stays: ({ batch = '' }) => batch !== '',
  fault: (job, { end, part, fits, checked }) => {
    const sheet = job.identified[end]?.sheet.body;
    if (!sheet || !SHAPED.includes(part) || checked !== '') return null;
    const { sizeMm } = sheet.rotor;
    const named = part === 'rotor' ? sizeMm !== null : sheet.pads.shape !== '';
    const says =
      part === 'rotor' ? fits === String(sizeMm) : fitsBySheet({ fits, description: '' }, sheet);
    return named && !says ? fault('invalid-input', 'checked', 'say-how-it-fits') : null;
  },
});

import type { End } from '../ends';
import type { NewPart } from '../stock/stock';
import { fault, type EntryBase, type Kept, type Kind } from './entry';

/** A part taken from the shelf for one end. */
export interface PartTakenEntry extends EntryBase {
  kind: 'part-taken';
  end: End;
  stockId: string;
  pieces: number;
  batch: string;
}

/** The line of the shelf it came from. */
interface KnownLine {
  part: NewPart;
  description: string;
  lastBatch: string;
  /** How many it held. */
  count: number;
}

/** What of a line of the shelf a part rests on. */
export const lineAsKnown = ({ part, description, lastBatch, count }: KnownLine): KnownLine => ({
  part,
  description,
  lastBatch,
  count,
});

declare module './job' {
  interface Facts {
    /** Parts taken from the shelf. */
    taken: (Kept<PartTakenEntry> & Pick<KnownLine, 'part' | 'description'> & { seq: number })[];
  }
}

export const partTaken: Kind<PartTakenEntry, KnownLine> = {
  kind: 'part-taken',
  whose: 'bench',
  registers: ['stock', 'notices'],
  fault: (_job, { pieces }, { count, description }) =>
    count < pieces ? fault('stock-refused', 'pieces', 'not-enough', { count, description }) : null,
  add: (facts, { id, at, end, stockId, pieces, batch }, known, { seq, by }) => ({
    ...facts,
    taken: [
      ...facts.taken,
      {
        id,
        seq,
        end,
        stockId,
        part: known.part,
        description: known.description,
        pieces,
        batch: batch || known.lastBatch,
        at,
        by,
      },
    ],
  }),
};

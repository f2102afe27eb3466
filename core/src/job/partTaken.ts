import type { End } from '../ends';
import type { NewPart } from '../stock/stock';
import { fault, type EntryBase, type Kept, type Kind } from './entry';

/** A part taken from the shelf for one end. */
export interface PartTakenEntry extends EntryBase {
  kind: 'part-taken';
  end: End;
  stockId: string;
  pieces: number;
  /** What its packet says; empty where it says nothing: it may be of any that lies there. */
  batch: string;
}

/** The line of the shelf it came from. */
interface KnownLine {
  part: NewPart;
  description: string;
  /** The batches that lie there, the newest first; where some came without, an empty one. */
  batches: readonly string[];
  /** How many it held. */
  count: number;
  /** To the customer, in the shop's money, hundredths; left out of what was taken before prices were kept with it. */
  priceCents?: number;
}

/** What of a line of the shelf a part rests on; a device may show one that it kept from before batches were told. */
export const lineAsKnown = ({
  part,
  description,
  batches = [],
  count,
  priceCents,
}: KnownLine): KnownLine => ({
  part,
  description,
  batches,
  count,
  ...(priceCents === undefined ? {} : { priceCents }),
});

declare module './job' {
  interface Facts {
    /** Parts taken from the shelf. */
    taken: (Kept<PartTakenEntry> &
      Pick<KnownLine, 'part' | 'description' | 'batches' | 'priceCents'> & { seq: number })[];
  }
}

/** The batches that what is taken may be of: what its packet says, or all that lay there [D]. */
export const batchesTaken = (
  { batch }: Pick<PartTakenEntry, 'batch'>,
  { batches = [] }: Pick<KnownLine, 'batches'>,
): string[] => (batch === '' ? batches.filter(Boolean) : [batch]);

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
        ...(known.priceCents === undefined ? {} : { priceCents: known.priceCents }),
        pieces,
        batch,
        batches: batchesTaken({ batch }, known),
        at,
        by,
      },
    ],
  }),
};

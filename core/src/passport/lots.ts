import { ENDS, type End } from '../ends';
import { LONGEST_LOT } from '../notice/notice';
import { itemsOf, recordsOf, type Item, type Passport } from './passport';

/** A maker's lot that another workshop wrote of what it put in. */
export interface LotBrought {
  end: End;
  /** What it is of, as that workshop names it: it may have parts that are not known here. */
  part: string;
  lot: string;
}

/** The longest name of a part that is kept, letters. */
const LONGEST_PART = 20;

/**
 * The lots of parts and fluid that a passport says were put in, each once, whichever of its visits and lists says it. That something else
 * came on since is said by the same hand, and proves no more than the rest of it: rather one too many, which somebody looks at [D].
 */
export function lotsBrought(passport: Passport): LotBrought[] {
  const all = recordsOf(passport).flatMap((record) =>
    Object.values(record).flatMap(itemsOf).flatMap(lotsOf),
  );
  return [...new Map(all.map((each) => [JSON.stringify(each).toLowerCase(), each])).values()];
}

function lotsOf({ end, part = 'fluid', lot, batch, batches }: Item): LotBrought[] {
  const at = ENDS.find((each) => each === end);
  if (!at) return [];
  return [lot, batch, ...(Array.isArray(batches) ? (batches as unknown[]) : [])]
    .filter((each) => typeof each === 'string')
    .map((each) => ({ end: at, part: String(part).slice(0, LONGEST_PART), lot: each.trim() }))
    .filter((each) => each.lot !== '' && each.lot.length <= LONGEST_LOT);
}

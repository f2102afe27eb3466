import type { Part } from '../ends';
import type { Word } from '../wear/verdict';
import type { FittedPart } from './kit';

/** Where a part goes that comes off: to the shelf as used, back to its customer, or away. */
export const GOES = ['shelf', 'customer', 'scrap'] as const;
export type Goes = (typeof GOES)[number];

/** A part that came off alive, as it lies on the shelf: what is known of it, and what it last read. */
export interface UsedPart extends Pick<
  FittedPart,
  'description' | 'compound' | 'organicOnly' | 'construction' | 'newMm' | 'stampedLimit'
> {
  id: string;
  part: Part;
  /** Its thinnest place when it came off, and the doubt of that, mm. */
  leastMm: number;
  doubtMm: number;
  /** How it stood then. */
  word: Exclude<Word, 'replace'>;
  /** The makers' batches it may be of; none where none was told. */
  batches: readonly string[];
  /** The visit it came off at. */
  tag: number;
  bikeName: string;
  at: string;
  by: string;
  /** It is on a bike again, or was thrown away. */
  gone: boolean;
}

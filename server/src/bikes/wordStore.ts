import { bare } from '@hold-fast/core/notice/label';
import { select, type Queryable, type Value } from '../platform/database';

// Words a bike is found by. The database keeps them as bikes and customers change: bike_word, migrations 0027 and 0039.

/** Letters of a word that are kept, and looked for. */
const KEPT = 40;
/** So many bikes of a word, and more: it is common. */
const COMMON = 200;

/** The words of what was keyed. */
export const wordsOf = (keyed: string): string[] => keyed.match(/[\p{L}\p{N}]+/gu) ?? [];

/** The one word that a serial is kept as, beside its parts. */
export const wordOf = (serial: string): string => bare(serial).slice(0, KEPT);

/** How a word that is looked for begins, for LIKE: letters and digits alone. */
export const startOf = (word: string): string => `${word.slice(0, KEPT)}%`;

/**
 * Whether a bike has a word, of a row at hand: looked up, never joined, so that a list that is shown only in part is walked
 * only in part.
 */
export const hasWord = (bikeId: string): string =>
  `(SELECT o.word FROM bike_word o WHERE o.bike_id = ${bikeId} AND o.word LIKE ? LIMIT 1) IS NOT NULL`;

/** Whether a word is of so many bikes that it is better looked for at each than all of them listed. */
export async function isCommon(on: Queryable, word: string): Promise<boolean> {
  const rows = await select(
    on,
    `SELECT bike_id FROM bike_word WHERE word LIKE ? LIMIT ${COMMON + 1}`,
    [startOf(word)],
  );
  return rows.length > COMMON;
}

/** A word that is a number may be a visit’s tag. */
export const tagOf = (word: string): Value => (/^\d{1,9}$/.test(word) ? Number(word) : 0);

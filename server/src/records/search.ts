import { hasWord, isCommon, startOf, tagOf } from '../bikes/wordStore';
import type { Word } from '@hold-fast/core/wear/verdict';
import { placesFor, type Queryable, select, type Value } from '../platform/database';

// What of the records matches what was keyed. Few things lead to their records; of many, records are looked through from the
// newest until a page is full. Which of the two is asked first, so that neither costs more than what is shown.

/** So many visits, and more, are many. */
const MANY = 400;

interface Where {
  sql: string;
  values: Value[];
  /** It names the few visits it can be; else records have to be looked at one by one. */
  few: boolean;
}

const inList = (column: string, ids: readonly string[]): Where =>
  ids.length === 0
    ? { sql: 'FALSE', values: [], few: true }
    : { sql: `${column} IN ${placesFor(ids)}`, values: [...ids], few: true };
const either = (...wheres: readonly Where[]): Where => ({
  sql: `(${wheres.map(({ sql }) => sql).join(' OR ')})`,
  values: wheres.flatMap(({ values }) => values),
  few: wheres.every(({ few }) => few),
});
const ids = (rows: readonly { id: string }[]) => rows.map(({ id }) => id);

/** A word of customer, bike or mechanic by its start, or a visit’s tag. */
async function ofWord(on: Queryable, word: string): Promise<Where> {
  const mechanics = ids(await select(on, 'SELECT id FROM person WHERE name LIKE ?', [`%${word}%`]));
  if (mechanics.length > 0 || (await isCommon(on, word)))
    return either(
      { sql: hasWord('j.bike_id'), values: [startOf(word)], few: false },
      inList('s.sealed_by', mechanics),
      { sql: 'j.tag = ?', values: [tagOf(word)], few: false },
    );
  const visits = ids(
    await select(
      on,
      `SELECT j.id FROM bike_word w JOIN job j ON j.bike_id = w.bike_id WHERE w.word LIKE ?
        UNION SELECT j.id FROM job j WHERE j.tag = ?`,
      [startOf(word), tagOf(word)],
    ),
  );
  return inList('s.job_id', visits);
}

/** A lot, a part or a batch by how all of it begins: the whole of what was keyed, for a lot is no word. */
async function ofPart(on: Queryable, phrase: string): Promise<Where> {
  const start = `${phrase.replace(/[\\%_]/g, '\\$&')}%`;
  const visits = ids(
    await select(
      on,
      `(SELECT f.job_id AS id FROM container x JOIN fill f ON f.container_id = x.id WHERE x.lot LIKE ? LIMIT ${MANY + 1})
        UNION (SELECT t.job_id FROM stock_line l JOIN part_taken t ON t.stock_id = l.id WHERE l.description LIKE ? LIMIT ${MANY + 1})
        UNION (SELECT p.job_id FROM batch_put_in p WHERE p.batch LIKE ? LIMIT ${MANY + 1})
        UNION (SELECT b.job_id FROM lot_brought b WHERE b.lot LIKE ? LIMIT ${MANY + 1})`,
      [start, start, start, start],
    ),
  );
  if (visits.length <= MANY) return inList('s.job_id', visits);
  return {
    sql: `((SELECT f.id FROM fill f JOIN container x ON x.id = f.container_id WHERE f.job_id = s.job_id AND x.lot LIKE ? LIMIT 1) IS NOT NULL
      OR (SELECT t.id FROM part_taken t JOIN stock_line l ON l.id = t.stock_id
           WHERE t.job_id = s.job_id AND l.description LIKE ? LIMIT 1) IS NOT NULL
      OR (SELECT p.entry_id FROM batch_put_in p WHERE p.job_id = s.job_id AND p.batch LIKE ? LIMIT 1) IS NOT NULL
      OR (SELECT b.seq FROM job v JOIN lot_brought b ON b.bike_id = v.bike_id AND b.job_id = v.id
           WHERE v.id = s.job_id AND b.lot LIKE ? LIMIT 1) IS NOT NULL)`,
    values: [start, start, start, start],
    few: false,
  };
}

/** Visits at which an end was left with a word. */
export async function leftAt(on: Queryable, word: Word): Promise<Where> {
  const visits = ids(
    await select(
      on,
      `SELECT DISTINCT e.job_id AS id FROM job_end e WHERE e.word = ? LIMIT ${MANY + 1}`,
      [word],
    ),
  );
  if (visits.length <= MANY) return inList('s.job_id', visits);
  return {
    sql: '(SELECT e.word FROM job_end e WHERE e.job_id = s.job_id AND e.word = ? LIMIT 1) IS NOT NULL',
    values: [word],
    few: false,
  };
}

/** What matches a search: every word of it, or a part by all of it; null where nothing was keyed. */
export async function matching(
  on: Queryable,
  words: readonly string[],
  phrase: string,
): Promise<Where | null> {
  if (words.length === 0) return null;
  const every: Where[] = [];
  for (const word of words) every.push(await ofWord(on, word));
  return either(
    {
      sql: `(${every.map(({ sql }) => sql).join(' AND ')})`,
      values: every.flatMap(({ values }) => values),
      few: every.some(({ few }) => few),
    },
    await ofPart(on, phrase),
  );
}

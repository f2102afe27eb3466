import type { Job } from '@hold-fast/core/job/job';
import type { SealedRecord, SealedRow } from '@hold-fast/contract/jobs';
import type { Word } from '@hold-fast/core/wear/verdict';
import type { SealedLink } from '@hold-fast/core/seal/chain';
import { disclose, type Withheld } from '@hold-fast/core/job/withheld';
import type { Json } from '@hold-fast/core/seal/canonical';
import { leftAt, matching } from './search';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';

/** What is kept beside a record, of a statement that joins it. */
export const WITHHELD = 'w.salt, w.said';
export const BESIDE = 'LEFT JOIN sealed_words w ON w.record_id = s.id';

/** JSON as the database gives it: read already, or its text. */
const jsonOf = (held: unknown): Json =>
  (typeof held === 'string' ? JSON.parse(held) : held) as Json;

/** The words beside a record; null where there are none, or they were erased. */
export const withheldOf = ({
  salt,
  said,
}: {
  salt: string | null;
  said: unknown;
}): Withheld | null => (salt === null ? null : { salt, said: jsonOf(said) as string[] });

export async function addWithheld(
  on: Queryable,
  recordId: string,
  { salt, said }: Withheld,
): Promise<void> {
  await insert(on, 'sealed_words', { record_id: recordId, salt, said: JSON.stringify(said) });
}

export async function sealOfJob(on: Queryable, jobId: string): Promise<Job['sealed']> {
  const row = await selectOne<{
    recordId: string;
    seal: string;
    prev: string | null;
    number: number;
    at: Date;
    by: string;
    notRepaired: unknown;
    salt: string | null;
    said: unknown;
  }>(
    on,
    `SELECT s.id AS recordId, s.seal, s.prev, s.number, s.sealed_at AS at, p.name AS \`by\`,
            JSON_EXTRACT(s.canonical, '$.record.notRepaired') AS notRepaired, ${WITHHELD}
       FROM sealed_record s JOIN person p ON p.id = s.sealed_by ${BESIDE} WHERE s.job_id = ? AND s.nth = 0`,
    [jobId],
  );
  if (!row) return null;
  const { notRepaired, salt, said, at, ...sealed } = row;
  const { notRepaired: left } = disclose(
    { notRepaired: jsonOf(notRepaired) },
    withheldOf({ salt, said }),
  ) as unknown as Pick<NonNullable<Job['sealed']>, 'notRepaired'>;
  return {
    ...sealed,
    at: at.toISOString(),
    notRepaired: left && { words: left.words, takenBy: left.takenBy },
  };
}

const ROW = `s.id, s.number, s.job_id AS jobId, j.bike_id AS bikeId, j.tag, b.name AS bikeName,
  c.name AS customerName, s.seal, s.prev, s.nth, s.sealed_at AS sealedAt, p.name AS sealedBy,
  JSON_VALUE(s.canonical, '$.record.notRepaired.words') IS NOT NULL AS notRepaired`;
const JOINED = `sealed_record s JOIN job j ON j.id = s.job_id JOIN bike b ON b.id = j.bike_id
  JOIN customer c ON c.id = b.customer_id JOIN person p ON p.id = s.sealed_by`;

type Kept<T> = Omit<T, 'sealedAt' | 'notRepaired'> & { sealedAt: Date; notRepaired: number };
const rowOf = <T extends { sealedAt: Date; notRepaired: number }>(
  row: T,
): Omit<T, 'sealedAt' | 'notRepaired'> & { sealedAt: string; notRepaired: boolean } => ({
  ...row,
  sealedAt: row.sealedAt.toISOString(),
  notRepaired: row.notRepaired === 1,
});
const PAGE = 50;

/** What of the records is asked for: words of customer, bike or mechanic, or a tag; and the days they were sealed on. */
interface RecordsAsked {
  /** Records below this number. */
  before: number | null;
  words: readonly string[];
  /** The same as it was keyed. */
  phrase: string;
  /** The worst word of an end, as its visit left it. */
  word: Word | null;
  from: Date | null;
  /** Before this time. */
  until: Date | null;
}

/** Sealed records, newest first: the page is cut before anything is joined to it, and walked no further than it is long. */
export async function recordsPage(
  on: Queryable,
  { before, words, phrase, word, from, until }: RecordsAsked,
): Promise<{ items: SealedRow[]; after: string | null }> {
  const sought = await matching(on, words, phrase);
  const left = word && (await leftAt(on, word));
  // The days asked for lie together; without them records are walked by their number.
  const walk =
    (from || until) && !sought?.few && !left?.few
      ? { by: 'FORCE INDEX (record_by_day)', order: 's.sealed_at DESC, s.number DESC' }
      : { by: '', order: 's.number DESC' };
  const wheres = [
    before === null ? null : { sql: 's.number < ?', values: [before] },
    from && { sql: 's.sealed_at >= ?', values: [from] },
    until && { sql: 's.sealed_at < ?', values: [until] },
    left,
    sought,
  ].filter((each) => each !== null);
  const where = wheres.length > 0 ? `WHERE ${wheres.map(({ sql }) => sql).join(' AND ')}` : '';
  const rows = await select<Kept<SealedRow>>(
    on,
    `SELECT ${ROW} FROM
       (SELECT s.number AS cut FROM sealed_record s ${walk.by} JOIN job j ON j.id = s.job_id ${where}
         ORDER BY ${walk.order} LIMIT ${PAGE}) page
       STRAIGHT_JOIN ${JOINED} WHERE s.number = page.cut ORDER BY page.cut DESC`,
    wheres.flatMap(({ values }) => values),
  );
  return {
    items: rows.map(rowOf),
    after: rows.length === PAGE ? String(rows.at(-1)!.number) : null,
  };
}

const takesBackOf = (held: unknown): SealedRecord['beside'][number]['takesBack'] =>
  (jsonOf(held) as unknown as SealedRecord['beside'][number]['takesBack'] | null) ?? [];

export async function recordById(on: Queryable, id: string): Promise<SealedRecord | null> {
  const row = await selectOne<
    Kept<Omit<SealedRecord, 'beside' | 'withheld'>> & { salt: string | null; said: unknown }
  >(on, `SELECT ${ROW}, s.canonical, ${WITHHELD} FROM ${JOINED} ${BESIDE} WHERE s.id = ?`, [id]);
  if (!row) return null;
  const { salt, said, ...kept } = row;
  const record = rowOf(kept);
  const others = await select<
    Omit<SealedRecord['beside'][number], 'sealedAt' | 'takesBack'> & {
      sealedAt: Date;
      takesBack: unknown;
    }
  >(
    on,
    `SELECT s.id, s.number, s.nth, JSON_VALUE(s.canonical, '$.record.words') AS words,
            JSON_EXTRACT(s.canonical, '$.record.takesBack') AS takesBack,
            s.sealed_at AS sealedAt, p.name AS sealedBy
       FROM sealed_record s JOIN person p ON p.id = s.sealed_by
      WHERE s.job_id = ? AND s.id <> ? AND ${record.nth === 0 ? 's.nth > 0' : 's.nth = 0'} ORDER BY s.nth`,
    [record.jobId, id],
  );
  return {
    ...record,
    withheld: withheldOf({ salt, said }),
    beside: others.map(({ takesBack, ...each }) => ({
      ...each,
      takesBack: takesBackOf(takesBack),
      sealedAt: each.sealedAt.toISOString(),
    })),
  };
}

/** So many links of the chain after one, in order. */
export function chainAfter(
  on: Queryable,
  number: number,
  most: number,
): Promise<(SealedLink & { number: number })[]> {
  return select(
    on,
    `SELECT number, canonical, seal FROM sealed_record WHERE number > ? ORDER BY number LIMIT ${most}`,
    [number],
  );
}

/** The number of the last link. */
export async function chainLength(on: Queryable): Promise<number> {
  return (await selectOne<{ number: number }>(
    on,
    'SELECT last_record AS number FROM counter WHERE one = 1',
  ))!.number;
}

/** The chain's last seal and number, held until the transaction ends: seals are given one at a time. */
export async function holdHead(on: Queryable): Promise<{ head: string | null; number: number }> {
  const row = await selectOne<{ head: string | null; number: number }>(
    on,
    'SELECT head, last_record AS number FROM counter WHERE one = 1 FOR UPDATE',
  );
  return row!;
}

export async function addRecord(
  on: Queryable,
  record: {
    id: string;
    number: number;
    jobId: string;
    link: SealedLink;
    prev: string | null;
    at: Date;
    personId: string;
    /** 0 for the job's own record; an amendment seals nothing anew. */
    nth: number;
  },
): Promise<void> {
  await insert(on, 'sealed_record', {
    id: record.id,
    number: record.number,
    job_id: record.jobId,
    canonical: record.link.canonical,
    seal: record.link.seal,
    prev: record.prev,
    sealed_at: record.at,
    sealed_by: record.personId,
    nth: record.nth,
  });
  await run(on, 'UPDATE counter SET head = ?, last_record = ? WHERE one = 1', [
    record.link.seal,
    record.number,
  ]);
  if (record.nth > 0) return;
  await run(on, "UPDATE job SET status = 'sealed' WHERE id = ?", [record.jobId]);
}

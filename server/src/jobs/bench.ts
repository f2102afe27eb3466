import type { BenchJob, BenchPage, JobStatus } from '@hold-fast/contract/jobs';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import { waitIn } from '@hold-fast/core/job/waits';
import { nextStep } from '@hold-fast/core/procedure/nextStep';
import { ENDS, type End } from '@hold-fast/core/ends';
import type { Bike } from '@hold-fast/core/kit/bike';
import { hasDisc } from '@hold-fast/core/kit/brakes';
import type { Word } from '@hold-fast/core/wear/verdict';
import { select, selectOne, type Queryable } from '../platform/database';

const FLAGS = [
  'identified',
  'check_open',
  'rotor',
  'pads',
  'bolts_open',
  'plan_open',
  'do_not_ride',
] as const;
type Flag = (typeof FLAGS)[number];

const columnsOf = (end: End) =>
  [
    `${end}_end.word AS ${end}_word`,
    ...FLAGS.map((flag) => `COALESCE(${end}_end.${flag}, FALSE) AS ${end}_${flag}`),
  ].join(', ');
const joinOf = (end: End) =>
  `LEFT JOIN job_end ${end}_end ON ${end}_end.job_id = j.id AND ${end}_end.brake_end = '${end}'`;

const BENCH_PAGE = 50;

/** The statement of the Bench's list; `after` is a promised time and an id, or null for the first page. */
export function benchQuery(after: { promisedAt: Date; id: string } | null): {
  sql: string;
  values: (string | Date)[];
} {
  return {
    sql: `SELECT j.id, j.tag, j.status, b.name AS bikeName, c.name AS customerName, j.complaint,
                 j.promised_at AS promisedAt, j.minutes,
                 b.front_brake AS frontBrake, b.rear_brake AS rearBrake, b.third_brake AS thirdBrake,
                 EXISTS (SELECT 1 FROM bike_tag t WHERE t.bike_id = b.id AND t.lifted_at IS NULL AND t.sort = 'do-not-ride') AS tagged,
                 EXISTS (SELECT 1 FROM bike_tag t WHERE t.bike_id = b.id AND t.lifted_at IS NULL AND t.sort = 'against-advice') AS advised,
                 (SELECT e.body FROM entry e WHERE e.job_id = j.id AND e.kind = 'waits' ORDER BY e.seq DESC LIMIT 1) AS waits,
                 ${ENDS.map(columnsOf).join(', ')}
            FROM job j JOIN bike b ON b.id = j.bike_id JOIN customer c ON c.id = b.customer_id
                 ${ENDS.map(joinOf).join(' ')}
           WHERE j.status = 'open' ${after ? 'AND (j.promised_at, j.id) > (?, ?)' : ''}
           ORDER BY j.promised_at, j.id LIMIT ${BENCH_PAGE}`,
    values: after ? [after.promisedAt, after.id] : [],
  };
}

type BenchRow = {
  id: string;
  tag: number;
  status: JobStatus;
  bikeName: string;
  customerName: string;
  complaint: string;
  promisedAt: Date;
  minutes: number | null;
  /** A do-not-ride hangs on the bike, from this visit or an earlier one. */
  tagged: number;
  /** It is ridden against advice. */
  advised: number;
  /** The last word on what it waits for; null while there was none. */
  waits: Omit<EntryOf<'waits'>, 'kind' | 'id' | 'at'> | null;
} & Pick<Bike, 'frontBrake' | 'rearBrake' | 'thirdBrake'> &
  Record<`${End}_word`, Word | null> &
  Record<`${End}_${Flag}`, number>;

export async function benchPage(
  on: Queryable,
  after: { promisedAt: Date; id: string } | null,
): Promise<BenchPage> {
  const { sql, values } = benchQuery(after);
  const rows = await select<BenchRow>(on, sql, values);
  const last = rows.length === BENCH_PAGE ? rows.at(-1) : undefined;
  const all = await selectOne<{ bikes: number; minutes: string | null }>(
    on,
    "SELECT COUNT(*) AS bikes, SUM(minutes) AS minutes FROM job WHERE status = 'open'",
    [],
  );
  return {
    bikes: all!.bikes,
    minutes: Number(all!.minutes ?? 0),
    items: rows.map(benchJobOf),
    after: last ? `${last.promisedAt.toISOString()} ${last.id}` : null,
  };
}

function benchJobOf(row: BenchRow): BenchJob {
  const progress = (end: End) => ({
    end,
    identified: row[`${end}_identified`] === 1,
    checkOpen: row[`${end}_check_open`] === 1,
    rotor: row[`${end}_rotor`] === 1,
    pads: row[`${end}_pads`] === 1,
    boltsOpen: row[`${end}_bolts_open`] === 1,
    planOpen: row[`${end}_plan_open`] === 1,
  });
  return {
    id: row.id,
    tag: row.tag,
    status: row.status,
    bikeName: row.bikeName,
    customerName: row.customerName,
    complaint: row.complaint,
    promisedAt: row.promisedAt.toISOString(),
    minutes: row.minutes,
    next: nextStep(ENDS.filter((end) => hasDisc(row, end)).map(progress)),
    front: row.front_word,
    rear: row.rear_word,
    ...(hasDisc(row, 'third') ? { third: row.third_word } : {}),
    againstAdvice: row.advised === 1,
    waits: waitIn(row.waits),
    doNotRide: row.tagged === 1 || ENDS.some((end) => row[`${end}_do_not_ride`] === 1),
  };
}

import type { End } from '@hold-fast/core/ends';
import type { Finding } from '@hold-fast/core/inspection/findings';
import type { Advice, BikeTag, Fitted } from '@hold-fast/core/job/job';
import type { Reckoned } from '@hold-fast/core/job/reckoned';
import { select, type Queryable } from '../platform/database';
import { NOT_TAKEN_BACK } from '../platform/takenBack';

// What the visits of a bike left with it: what hangs on it, what was fitted and what was reckoned.

/** Whether a tag still hangs; or, of a visit, whether that lifted it. */
const HANGS = 'IF(? IS NULL, t.lifted_at IS NULL, t.lifted_by_job = ?)';

/** The do-not-rides that still hang on a bike, or that a visit lifted. */
export function tagsOfBike(
  on: Queryable,
  bikeId: string,
  liftedBy: string | null = null,
): Promise<(BikeTag & { id: string })[]> {
  return select(
    on,
    `SELECT t.id, t.brake_end AS end, t.subject, t.found, t.job_id AS jobId, j.tag,
            IF(t.container_id IS NULL AND t.passport_id IS NULL, NULL, t.raised_seq) AS foundAfter
       FROM bike_tag t JOIN job j ON j.id = t.job_id
      WHERE t.bike_id = ? AND ${HANGS} AND t.sort = 'do-not-ride' ORDER BY t.raised_at, t.id`,
    [bikeId, liftedBy, liftedBy],
  );
}

/** What the customers of a bike would not have replaced, and nothing has mended since; or what a visit did. */
export async function adviceOfBike(
  on: Queryable,
  bikeId: string,
  liftedBy: string | null = null,
): Promise<(Advice & { id: string; found: Finding[] })[]> {
  const rows = await select<Omit<Advice, 'at'> & { id: string; found: Finding[]; at: Date }>(
    on,
    `SELECT t.id, t.brake_end AS end, t.subject, t.found, t.words, t.job_id AS jobId, j.tag, t.raised_at AS at
       FROM bike_tag t JOIN job j ON j.id = t.job_id
      WHERE t.bike_id = ? AND ${HANGS} AND t.sort = 'against-advice' ORDER BY t.raised_at, t.id`,
    [bikeId, liftedBy, liftedBy],
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}

/** What calculators said at a bike's visits and nobody took back, the newest of each kind and end. */
export async function reckonedOfBike(
  on: Queryable,
  bikeId: string,
): Promise<{ end: End; tag: number; what: Reckoned }[]> {
  const rows = await select<{ tag: number; body: { end: End; what: Reckoned } }>(
    on,
    `SELECT j.tag, e.body FROM entry e JOIN job j ON j.id = e.job_id
      WHERE j.bike_id = ? AND e.kind = 'reckoned' AND ${NOT_TAKEN_BACK} ORDER BY e.seq DESC`,
    [bikeId],
  );
  const newest = new Map(
    rows
      .reverse()
      .map(({ tag, body: { end, what } }) => [`${end} ${what.of}`, { end, tag, what }] as const),
  );
  return [...newest.values()];
}

interface FittingRow {
  id: string;
  seq: number;
  jobId: string;
  body: Record<string, unknown>;
  at: Date;
  by: string;
}

/** Everything fitted to a bike and not taken back, oldest first: ever, or at the visits before one. */
export async function fittingsOfBike(
  on: Queryable,
  bikeId: string,
  beforeTag: number | null,
): Promise<Fitted[]> {
  const rows = await select<FittingRow>(
    on,
    `SELECT e.id, e.seq, e.job_id AS jobId, e.body, e.at, p.name AS \`by\`
       FROM entry e JOIN job j ON j.id = e.job_id JOIN person p ON p.id = e.by_person
      WHERE j.bike_id = ? AND e.kind = 'fitting' AND ${NOT_TAKEN_BACK} ${beforeTag === null ? '' : 'AND j.tag < ?'} ORDER BY e.seq`,
    beforeTag === null ? [bikeId] : [bikeId, beforeTag],
  );
  return rows.map(
    ({ body, at, ...row }) => ({ ...body, ...row, at: at.toISOString() }) as unknown as Fitted,
  );
}

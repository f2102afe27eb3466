import type { TraceRow } from '@hold-fast/contract/trace';
import type { Traced } from '@hold-fast/contract/traced';
import type { End } from '@hold-fast/core/ends';
import { lotsCopied } from '../platform/copied';
import { placesFor, select, selectOne, type Queryable, type Value } from '../platform/database';

/** What leaves its own mark at a job; a sheet is traced by what was judged by it. */
type Used = Exclude<Traced, 'sheet'>;

interface Source {
  /** The thing, x, and what it did, f, by the index that has a thing’s jobs in their order. */
  of: string;
  /** The same, by the index that has what it did in the order of time. */
  inDays: string;
  /** The column of its name. */
  name: string;
  /** Which of a job’s facts it goes through. */
  code: string;
  ml?: true;
  /** Of what a passport may say too that another workshop put in: which of the lots, b, those are, and of which of a job’s facts. */
  brought?: Record<'those' | 'code', string>;
}

const FILLED = 'container x JOIN fill f ON f.container_id = x.id';
const FILLED_ON = 'container x JOIN fill f FORCE INDEX (filled_on) ON f.container_id = x.id';
const PUT_IN = 'batch_put_in f';

/** Where each trace begins: with what is named, so that its index is used. */
const FROM: Readonly<Record<Used, Source>> = {
  lot: {
    of: FILLED,
    inDays: FILLED_ON,
    name: 'x.lot',
    code: "''",
    ml: true,
    brought: { those: "b.part = 'fluid'", code: "''" },
  },
  container: { of: FILLED, inDays: FILLED_ON, name: 'x.label', code: "''", ml: true },
  wrench: {
    of: 'wrench x JOIN tightening f ON f.wrench_id = x.id',
    inDays: 'wrench x JOIN tightening f FORCE INDEX (tightened_on) ON f.wrench_id = x.id',
    name: 'x.name',
    code: 'f.fastener',
  },
  gauge: {
    of: 'gauge x JOIN measurement f ON f.gauge_id = x.id',
    inDays: 'gauge x JOIN measurement f FORCE INDEX (measured_on) ON f.gauge_id = x.id',
    name: 'x.name',
    code: 'f.part',
  },
  batch: {
    of: PUT_IN,
    inDays: PUT_IN,
    name: 'f.batch',
    code: 'f.part',
    brought: { those: "b.part <> 'fluid'", code: 'b.part' },
  },
  mechanic: {
    of: 'person x JOIN entry f FORCE INDEX (entered_by) ON f.by_person = x.id',
    inDays: 'person x JOIN entry f FORCE INDEX (entered_on) ON f.by_person = x.id',
    name: 'x.name',
    code: 'f.kind',
  },
};

const PAGE = 50;

interface Asked {
  by: Used;
  /** By each of these. */
  names: readonly string[];
  from: Date | null;
  /** Before this time. */
  until: Date | null;
  after: string | null;
}

type Row = Omit<TraceRow, 'ends' | 'codes' | 'changes' | 'at' | 'ml' | 'brought'> & {
  ends: string | null;
  codes: string | null;
  ml: string | null;
  brought: number;
  at: Date;
};

/** A part of a statement, with what stands for its question marks. */
interface Sql {
  sql: string;
  values: Value[];
}

/** Of what was done, f, that it was in the days asked for. */
function inTime({ from, until }: Pick<Asked, 'from' | 'until'>): Sql {
  return {
    sql: `${from ? ' AND f.at >= ?' : ''}${until ? ' AND f.at < ?' : ''}`,
    values: [...(from ? [from] : []), ...(until ? [until] : [])],
  };
}

/** What was done here: the page first, by its jobs alone; then what was done at those. */
function doneHere({ by, names, after, ...days }: Asked): Sql {
  const { of, inDays, name, code, ml } = FROM[by];
  const named = `${name} IN ${placesFor(names)}`;
  const end = by === 'mechanic' ? "JSON_VALUE(f.body, '$.end')" : 'f.brake_end';
  const where = inTime(days);
  const values = [...names, ...where.values];
  return {
    sql: `SELECT p.jobId, f.at, ${end} AS end, ${code} AS code, ${ml ? 'f.ml' : 'NULL'} AS ml, 0 AS brought
            FROM (SELECT DISTINCT f.job_id AS jobId FROM ${days.from || days.until ? inDays : of}
                   WHERE ${named}${where.sql} ${after ? 'AND f.job_id < ?' : ''} ORDER BY f.job_id DESC LIMIT ${PAGE}) p
            STRAIGHT_JOIN ${of} WHERE ${named}${where.sql} AND f.job_id = p.jobId`,
    values: [...values, ...(after ? [after] : []), ...values],
  };
}

/** What other workshops did by the passports of a bike: at the visit that each was taken in at, on the day that it was. */
function broughtHere({ by, names, after, ...days }: Asked): Sql | null {
  const { brought } = FROM[by];
  if (!brought) return null;
  const { those, code } = brought;
  const where = inTime(days);
  const of = 'lot_brought b JOIN passport f ON f.id = b.passport_id';
  const named = `b.lot IN ${placesFor(names)}`;
  const values = [...names, ...where.values];
  return {
    sql: `SELECT b.job_id, f.at, b.brake_end, ${code}, NULL, 1
            FROM (SELECT DISTINCT b.job_id AS jobId FROM ${of}
                   WHERE ${named} AND ${those}${where.sql} ${after ? 'AND b.job_id < ?' : ''} ORDER BY b.job_id DESC LIMIT ${PAGE}) p
            JOIN ${of} WHERE ${named} AND ${those}${where.sql} AND b.job_id = p.jobId`,
    values: [...values, ...(after ? [after] : []), ...values],
  };
}

/** Every visit that a thing or a person reached, the newest first: lot to jobs to bikes to customers in one query. */
export async function tracePage(
  on: Queryable,
  { name, ...asked }: Omit<Asked, 'names'> & { name: string },
): Promise<{ items: TraceRow[]; after: string | null }> {
  const isLot = asked.by === 'lot' || asked.by === 'batch';
  const trace = { ...asked, names: isLot ? await lotsCopied(on, name) : [name] };
  const parts = [doneHere(trace), broughtHere(trace)].filter((part) => part !== null);
  const rows = await select<Row>(
    on,
    `SELECT t.*, j.tag, b.id AS bikeId, b.name AS bikeName, c.name AS customerName, c.phone
       FROM (SELECT u.jobId, MAX(u.at) AS at, GROUP_CONCAT(DISTINCT u.end) AS ends,
                    GROUP_CONCAT(DISTINCT u.code) AS codes, SUM(u.ml) AS ml, MAX(u.brought) AS brought
               FROM (${parts.map(({ sql }) => sql).join(' UNION ALL ')}) u
              GROUP BY u.jobId ORDER BY u.jobId DESC LIMIT ${PAGE}) t
       JOIN job j ON j.id = t.jobId JOIN bike b ON b.id = j.bike_id
       JOIN customer c ON c.id = b.customer_id ORDER BY t.jobId DESC`,
    parts.flatMap(({ values }) => values),
  );
  return {
    items: rows.map(({ ends, codes, ml: filled, brought, at, ...row }) => ({
      ...row,
      ends: (ends ?? '').split(',').filter(Boolean).sort() as End[],
      changes: [],
      codes: (codes ?? '').split(',').filter(Boolean).sort(),
      ml: filled === null ? null : Number(filled),
      brought: brought === 1,
      at: at.toISOString(),
    })),
    after: nextOf(rows),
  };
}

/** The jobs that were judged by an older revision of the sheet of this title, the newest first, and its newest revision. */
export async function judgedByOlder(
  on: Queryable,
  title: string,
  { from, until, after }: Pick<Asked, 'from' | 'until' | 'after'>,
): Promise<{ newestId: string | null; jobs: JudgedJob[] }> {
  const newest = await selectOne<{ id: string; sheetId: string }>(
    on,
    `SELECT r.id, r.sheet_id AS sheetId FROM spec_sheet_revision r
      WHERE r.sheet_id IN (SELECT t.sheet_id FROM spec_sheet_revision t WHERE t.title = ?)
      ORDER BY r.revision DESC LIMIT 1`,
    [title],
  );
  if (!newest) return { newestId: null, jobs: [] };
  const wheres: [string, Value][] = [
    ...(from ? [['i.at >= ?', from] as [string, Value]] : []),
    ...(until ? [['i.at < ?', until] as [string, Value]] : []),
    ...(after ? [['i.job_id < ?', after] as [string, Value]] : []),
  ];
  const jobs = await select<JudgedJob>(
    on,
    `SELECT t.jobId, t.at, j.tag, b.id AS bikeId, b.name AS bikeName, c.name AS customerName, c.phone
       FROM (SELECT i.job_id AS jobId, MAX(i.at) AS at
               FROM spec_sheet_revision r JOIN identification i ON i.sheet_revision_id = r.id
              WHERE r.sheet_id = ? AND r.id <> ? ${wheres.map(([sql]) => `AND ${sql}`).join(' ')}
              GROUP BY i.job_id ORDER BY i.job_id DESC LIMIT ${PAGE}) t
       JOIN job j ON j.id = t.jobId JOIN bike b ON b.id = j.bike_id
       JOIN customer c ON c.id = b.customer_id ORDER BY t.jobId DESC`,
    [newest.sheetId, newest.id, ...wheres.map(([, value]) => value)],
  );
  return { newestId: newest.id, jobs };
}

type JudgedJob = Pick<
  TraceRow,
  'jobId' | 'tag' | 'bikeId' | 'bikeName' | 'customerName' | 'phone'
> & {
  at: Date;
};

/** Where the page after this one begins. */
export const nextOf = (jobs: readonly { jobId: string }[]): string | null =>
  jobs.length === PAGE ? jobs.at(-1)!.jobId : null;

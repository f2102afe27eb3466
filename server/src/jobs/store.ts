import type { Bike } from '@hold-fast/contract/bikes';
import type { JobLog } from '@hold-fast/contract/jobs';
import type { Amended, Intake, JobBase, Judged } from '@hold-fast/core/job/job';
import type { EntryKind, Logged } from '@hold-fast/core/job/kinds';
import type { ShopRules } from '@hold-fast/core/rules/shopRules';
import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import { adviceOfBike, fittingsOfBike, tagsOfBike } from '../bikes/visitStore';
import { BIKE_COLUMNS, bikeOf } from '../bikes/store';
import { noticesAt } from '../notices/store';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';
import { sealOfJob } from '../records/store';
import { newestRevisions, sheetRevisions } from '../sheets/store';
import { rulesOf } from '../shopRules/store';
import {
  earlierThickness,
  batchesByVisits,
  metByVisits,
  modifiedByVisits,
  stampedByVisits,
  identifiedByVisits,
} from './before';
import { comebackAt } from './comeback';

// What a job is made of, as it is kept; what follows from it is core's.

/** A job as it was held, with what tells whether anything it rests on has changed since it was read last. */
export interface HeldJob {
  status: 'open' | 'sealed';
  /** Writes to the job, and to all of its bike's. */
  revision: number;
  bikeRevision: number;
  /** Bike, customer, what hangs on the bike and what came with it, sheets and rules. */
  around: string;
}

const HELD = `SELECT j.status, j.revision, (SELECT SUM(o.revision) FROM job o WHERE o.bike_id = j.bike_id) AS bikeRevision,
    CONCAT_WS(' ', b.version, c.version,
      (SELECT CONCAT_WS('/', COUNT(*), COUNT(t.lifted_at)) FROM bike_tag t WHERE t.bike_id = j.bike_id),
      (SELECT COUNT(*) FROM passport p WHERE p.bike_id = j.bike_id),
      (SELECT COUNT(*) FROM spec_sheet_revision), (SELECT COUNT(*) FROM shop_rules), (SELECT SUM(n.version) FROM notice n)) AS around
  FROM job j JOIN bike b ON b.id = j.bike_id JOIN customer c ON c.id = b.customer_id WHERE j.id = ?`;

/** How a job stands now, or null when there is none. */
export function stateOfJob(on: Queryable, jobId: string): Promise<HeldJob | null> {
  return selectOne(on, HELD, [jobId]);
}

/** The job, held until the transaction ends: writes to one job wait for each other. */
export async function holdJob(on: Queryable, jobId: string): Promise<HeldJob | null> {
  await select(on, 'SELECT id FROM job WHERE id = ? FOR UPDATE', [jobId]);
  return stateOfJob(on, jobId);
}

/** The jobs that a bike is in the shop for, the newest first: at most one, but where it was taken in twice before that was refused. */
export const openJobsOfBike = (
  on: Queryable,
  bikeId: string,
): Promise<{ jobId: string; tag: number }[]> =>
  select(
    on,
    `SELECT id AS jobId, tag FROM job WHERE bike_id = ? AND status = 'open' ORDER BY tag DESC`,
    [bikeId],
  );

/** Whether a job is a visit of this bike. */
export async function isVisitOf(on: Queryable, jobId: string, bikeId: string): Promise<boolean> {
  const sql = 'SELECT id FROM job WHERE id = ? AND bike_id = ?';
  return (await selectOne(on, sql, [jobId, bikeId])) !== null;
}

/** The tag of the next job: whoever asks for one at the same time waits until this one is hung, or not. */
export async function nextTag(on: Queryable): Promise<number> {
  await run(on, 'UPDATE counter SET last_tag = last_tag + 1 WHERE one = 1');
  const row = await selectOne<{ tag: number }>(
    on,
    'SELECT last_tag AS tag FROM counter WHERE one = 1',
  );
  return row!.tag;
}

/** Writes down which symptoms a job is said to have, in place of those before. */
export async function setSymptoms(
  on: Queryable,
  jobId: string,
  symptoms: readonly string[],
): Promise<void> {
  await run(on, 'DELETE FROM job_symptom WHERE job_id = ?', [jobId]);
  for (const symptom of new Set(symptoms))
    await insert(on, 'job_symptom', { job_id: jobId, symptom });
}

/** Counts one more write to the job. */
export async function countWrite(on: Queryable, jobId: string): Promise<void> {
  await run(on, 'UPDATE job SET revision = revision + 1 WHERE id = ?', [jobId]);
}

/** A job's base and all its entries, or null when there is none. */
export async function logOfJob(on: Queryable, jobId: string): Promise<JobLog | null> {
  const base = await baseOfJob(on, jobId);
  if (!base) return null;
  const entries = await entriesOfJob(on, jobId);
  const newestSheets = await newestRevisions(
    on,
    entries.flatMap(({ entry }) =>
      entry.kind === 'identification' ? [entry.sheetRevisionId] : [],
    ),
  );
  return { base: { ...base, newestSheets }, entries };
}

type BaseRow = Omit<Intake, 'symptoms' | 'promisedAt' | 'mayRide' | 'oldPartsBack'> &
  Omit<Bike, 'motor' | 'wet'> & { motor: number; wet: number } & {
    mayRide: number | null;
    oldPartsBack: number | null;
    jobId: string;
    tag: number;
    status: 'open' | 'sealed';
    version: number;
    revision: number;
    promisedAt: Date;
    at: Date;
    by: string;
    customerName: string;
    rulesVersion: number | null;
    rules: ShopRules | null;
  };

const BASE = `SELECT j.id AS jobId, j.tag, j.status, j.version, j.revision, j.complaint, j.front_lever AS frontLever,
    j.odometer_km AS odometerKm, j.promised_at AS promisedAt, j.minutes, j.came_along AS cameAlong, j.damage,
    j.ring_above_cents AS ringAboveCents, j.may_ride AS mayRide, j.old_parts_back AS oldPartsBack,
    j.comeback_of AS comebackOf, j.checked_in_at AS at, p.name AS \`by\`,
    ${BIKE_COLUMNS}, c.name AS customerName, r.version AS rulesVersion, r.rules
  FROM job j JOIN person p ON p.id = j.checked_in_by JOIN bike b ON b.id = j.bike_id
    JOIN customer c ON c.id = b.customer_id
    LEFT JOIN shop_rules r ON r.version = (SELECT MAX(n.version) FROM shop_rules n)
  WHERE j.id = ?`;

async function baseOfJob(on: Queryable, jobId: string): Promise<JobBase | null> {
  const row = await selectOne<BaseRow>(on, BASE, [jobId]);
  if (!row) return null;
  const { jobId: id, tag, status, version, revision, at, by, customerName, ...rest } = row;
  const { complaint, frontLever, odometerKm, promisedAt, minutes, rulesVersion, rules, ...asked } =
    rest;
  const { cameAlong, damage, ringAboveCents, mayRide, oldPartsBack, comebackOf, ...bike } = asked;
  const sealed = status === 'sealed';
  const inForce = rulesOf(rules);
  return {
    id,
    tag,
    status,
    version,
    revision,
    complaint,
    symptoms: await symptomsOf(on, id),
    frontLever,
    odometerKm,
    promisedAt: promisedAt.toISOString(),
    minutes,
    cameAlong,
    damage,
    ringAboveCents,
    mayRide: yesNo(mayRide),
    oldPartsBack: yesNo(oldPartsBack),
    comebackOf,
    checkedIn: { at: at.toISOString(), by },
    bike: bikeOf(bike),
    customer: { id: bike.customerId, name: customerName },
    rules: inForce,
    rulesVersion: rulesVersion ?? 0,
    earlierFittings: await fittingsOfBike(on, bike.id, tag),
    earlierBatches: await batchesByVisits(on, bike.id, tag),
    earlierThickness: await earlierThickness(on, bike.id, tag, inForce.timeZone),
    metBefore: await metByVisits(on, bikeOf(bike), tag),
    modifiedBefore: await modifiedByVisits(on, bike.id, tag),
    stampedBefore: await stampedByVisits(on, bike.id, tag),
    identifiedBefore: await identifiedByVisits(on, bike.id, tag),
    newestSheets: {},
    tags: (await tagsOfBike(on, bike.id)).map(({ id: _, ...hanging }) => hanging),
    againstAdvice: (await adviceOfBike(on, bike.id))
      .filter((advice) => advice.jobId !== id)
      .map(({ id: _, found: _found, ...advice }) => advice),
    notices: await noticesAt(on, { bike: bikeOf(bike), beforeTag: tag }),
    comeback: comebackOf === null ? null : await comebackAt(on, comebackOf),
    amended: sealed ? await amendmentsOf(on, id) : [],
    sealed: sealed ? await sealOfJob(on, id) : null,
  };
}

const yesNo = (kept: number | null): boolean | null => (kept === null ? null : kept === 1);

async function symptomsOf(on: Queryable, jobId: string): Promise<Symptom[]> {
  const rows = await select<{ symptom: Symptom }>(
    on,
    'SELECT symptom FROM job_symptom WHERE job_id = ? ORDER BY symptom',
    [jobId],
  );
  return rows.map(({ symptom }) => symptom);
}

interface EntryRow {
  id: string;
  seq: number;
  kind: EntryKind;
  body: Record<string, unknown>;
  known: unknown;
  at: Date;
  by: string;
}

type LoggedRow = EntryRow & { byApprentice: number };

const ENTRY = `SELECT e.id, e.seq, e.kind, e.body, e.known, e.at, e.by_apprentice AS byApprentice, p.name AS \`by\`
  FROM entry e JOIN person p ON p.id = e.by_person`;

const loggedOf = ({ id, seq, kind, body, known, at, by, byApprentice }: LoggedRow): Logged =>
  ({
    entry: { kind, id, at: at.toISOString(), ...body },
    known,
    seq,
    by,
    ...(byApprentice === 1 ? { byApprentice: true } : {}),
  }) as Logged;

/** Every entry of a job, in the order taken; an identification brings its sheet. */
async function entriesOfJob(on: Queryable, jobId: string): Promise<Logged[]> {
  const rows = await select<LoggedRow>(on, `${ENTRY} WHERE e.job_id = ? ORDER BY e.seq`, [jobId]);
  const logged = rows.map(loggedOf);
  const sheets = await sheetRevisions(
    on,
    logged.flatMap(({ entry }) => (entry.kind === 'identification' ? [entry.sheetRevisionId] : [])),
  );
  return logged.map((each) =>
    each.entry.kind === 'identification'
      ? { ...each, entry: each.entry, known: { sheet: sheets.get(each.entry.sheetRevisionId)! } }
      : each,
  );
}

/** Keeps an entry with what the registers said; an identification's sheet is kept where sheets are. */
export async function keepEntry(
  on: Queryable,
  jobId: string,
  personId: string,
  { entry, known, seq, byApprentice }: Logged,
): Promise<void> {
  const { id, kind, at, ...body } = entry;
  await insert(on, 'entry', {
    id,
    seq,
    job_id: jobId,
    kind,
    body: JSON.stringify(body),
    known: JSON.stringify(kind === 'identification' ? null : known),
    at: new Date(at),
    by_person: personId,
    by_apprentice: byApprentice ?? false,
  });
}

/** The last verdict kept of each sitting of a job, by the sitting's id. */
export async function verdictsKept(on: Queryable, jobId: string): Promise<Map<string, Judged>> {
  const rows = await select<Judged & { measurementId: string }>(
    on,
    `SELECT v.measurement_id AS measurementId, v.sheet_revision_id AS sheetRevisionId, v.rule, v.judgement
       FROM verdict v JOIN measurement m ON m.id = v.measurement_id WHERE m.job_id = ? ORDER BY v.seq`,
    [jobId],
  );
  return new Map(rows.map(({ measurementId, ...judged }) => [measurementId, judged]));
}

/** Corrections to a sealed record, oldest first. */
async function amendmentsOf(on: Queryable, jobId: string): Promise<Amended[]> {
  const rows = await select<Omit<Amended, 'at'> & { at: Date }>(
    on,
    `SELECT s.id, s.number, JSON_VALUE(s.canonical, '$.record.words') AS words, s.seal, s.sealed_at AS at, p.name AS \`by\`
       FROM sealed_record s JOIN person p ON p.id = s.sealed_by WHERE s.job_id = ? AND s.nth > 0 ORDER BY s.nth`,
    [jobId],
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}

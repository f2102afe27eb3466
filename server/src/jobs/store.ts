import type { Bike } from '@hold-fast/contract/bikes';
import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import type { ToldKind } from '@hold-fast/contract/entries';
import type {
  Amended,
  BikeTag,
  Planned,
  Stepped,
  By,
  Decided,
  Filled,
  Fitted,
  JobStatus,
  Judged,
  Tested,
  Taken,
  Told,
  Tightened,
  Wasted,
} from '@hold-fast/contract/jobs';
import type { End } from '@hold-fast/core/ends';
import type { Finding } from '@hold-fast/core/inspection/findings';
import type { LookOver, Sitting, Subject } from '@hold-fast/core/inspection/inspectEnd';
import type { Look, TakenReading } from '@hold-fast/core/inspection/session';
import { BIKE_COLUMNS, bikeOf } from '../bikes/store';
import { run, select, selectOne, type Asked } from '../platform/database';
import { dayOf } from '../platform/shop';

// Plain reading and writing of what a job is made of; what follows from it is put together in job.ts.

type Dated<T extends { at: string }> = Omit<T, 'at'> & { at: Date };
const undated = <T extends { at: Date }>(row: T) => ({ ...row, at: row.at.toISOString() });

export interface JobRow {
  id: string;
  tag: number;
  status: JobStatus;
  version: number;
  revision: number;
  complaint: string;
  frontLever: 'left' | 'right' | null;
  odometerKm: number | null;
  promisedAt: Date;
  minutes: number | null;
  bikeId: string;
  at: Date;
  by: string;
}

const JOB = `SELECT j.id, j.tag, j.status, j.version, j.revision, j.complaint, j.front_lever AS frontLever,
  j.odometer_km AS odometerKm, j.promised_at AS promisedAt, j.minutes, j.bike_id AS bikeId,
  j.checked_in_at AS at, p.name AS \`by\`
  FROM job j JOIN person p ON p.id = j.checked_in_by WHERE j.id = ?`;

export function jobRow(on: Asked, jobId: string): Promise<JobRow | null> {
  return selectOne(on, JOB, [jobId]);
}

/** The job, held until the transaction ends: writes to one job wait for each other. */
export async function holdJob(on: Asked, jobId: string): Promise<JobRow | null> {
  await select(on, 'SELECT id FROM job WHERE id = ? FOR UPDATE', [jobId]);
  return jobRow(on, jobId);
}

/** Counts one more write to the job. */
export async function countWrite(on: Asked, jobId: string): Promise<void> {
  await run(on, 'UPDATE job SET revision = revision + 1 WHERE id = ?', [jobId]);
}

export async function symptomsOf(on: Asked, jobId: string): Promise<Symptom[]> {
  const rows = await select<{ symptom: Symptom }>(
    on,
    'SELECT symptom FROM job_symptom WHERE job_id = ? ORDER BY symptom',
    [jobId],
  );
  return rows.map(({ symptom }) => symptom);
}

export async function bikeOfJob(
  on: Asked,
  bikeId: string,
): Promise<{ bike: Bike; customer: { id: string; name: string } }> {
  const row = (await selectOne<
    Omit<Bike, 'motor' | 'wet'> & { motor: number; wet: number; customerName: string }
  >(
    on,
    `SELECT ${BIKE_COLUMNS}, c.name AS customerName FROM bike b JOIN customer c ON c.id = b.customer_id WHERE b.id = ?`,
    [bikeId],
  ))!;
  const { customerName, ...bike } = row;
  return { bike: bikeOf(bike), customer: { id: row.customerId, name: customerName } };
}

export interface IdentificationRow extends By {
  id: string;
  end: End;
  sheetRevisionId: string;
  stampedLimit: { limitMm: number; atLimitIsWorn: boolean | null } | null;
}

/** Each end's identifications, oldest first: the last is in force. */
export async function identificationsOf(on: Asked, jobId: string): Promise<IdentificationRow[]> {
  const rows = await select<{
    id: string;
    end: End;
    sheetRevisionId: string;
    limitMm: number | null;
    atIsWorn: number | null;
    at: Date;
    by: string;
  }>(
    on,
    `SELECT i.id, i.brake_end AS end, i.sheet_revision_id AS sheetRevisionId, i.stamped_limit_mm AS limitMm,
            i.stamped_at_is_worn AS atIsWorn, i.at, p.name AS \`by\`
       FROM identification i JOIN person p ON p.id = i.by_person WHERE i.job_id = ? ORDER BY i.seq`,
    [jobId],
  );
  return rows.map(({ limitMm, atIsWorn, ...row }) => ({
    ...undated(row),
    stampedLimit: stampedOf(limitMm, atIsWorn),
  }));
}

function stampedOf(limitMm: number | null, atIsWorn: number | null) {
  return limitMm === null
    ? null
    : { limitMm, atLimitIsWorn: atIsWorn === null ? null : atIsWorn === 1 };
}

export interface MeasurementRow extends Sitting, By {
  gaugeId: string;
  gaugeName: string;
}

/** The sittings of a job with all their readings and looks, in the order they were begun. */
export async function measurementsOf(on: Asked, jobId: string): Promise<MeasurementRow[]> {
  const rows = await select<{
    id: string;
    seq: number;
    end: End;
    part: Sitting['part'];
    gaugeId: string;
    gaugeName: string;
    kind: Sitting['gauge']['kind'];
    resolutionMm: number;
    uncertaintyMm: number;
    anvils: 'point' | 'flat';
    calibrationDueOn: string | null;
    basis: Sitting['basis'];
    pointCount: number | null;
    at: Date;
    by: string;
  }>(
    on,
    `SELECT m.id, m.seq, m.brake_end AS end, m.part, m.gauge_id AS gaugeId, g.name AS gaugeName, g.kind,
            m.resolution_mm AS resolutionMm, m.uncertainty_mm AS uncertaintyMm, m.anvils,
            m.calibration_due_on AS calibrationDueOn, m.basis, m.point_count AS pointCount, m.at, p.name AS \`by\`
       FROM measurement m JOIN gauge g ON g.id = m.gauge_id JOIN person p ON p.id = m.by_person
      WHERE m.job_id = ? ORDER BY m.seq`,
    [jobId],
  );
  const readings = await select<TakenReading & { measurementId: string }>(
    on,
    `SELECT r.measurement_id AS measurementId, r.id, r.place, r.value_mm AS valueMm, r.replaces
       FROM reading r JOIN measurement m ON m.id = r.measurement_id WHERE m.job_id = ? ORDER BY r.seq`,
    [jobId],
  );
  const looks = await select<{ measurementId: string; subject: Look['subject']; seen: number }>(
    on,
    `SELECT l.measurement_id AS measurementId, l.subject, l.seen
       FROM look l JOIN measurement m ON m.id = l.measurement_id WHERE m.job_id = ? ORDER BY l.seq`,
    [jobId],
  );
  return rows.map(({ kind, resolutionMm, uncertaintyMm, anvils, calibrationDueOn, ...row }) => ({
    ...undated(row),
    gauge: { kind, resolutionMm, uncertaintyMm, anvils, calibrationDueOn },
    measuredOn: dayOf(row.at),
    readings: readings
      .filter(({ measurementId }) => measurementId === row.id)
      .map(({ id, place, valueMm, replaces }) => ({ id, place, valueMm, replaces })),
    looks: looks
      .filter(({ measurementId }) => measurementId === row.id)
      .map(({ subject, seen }) => ({ subject, seen: seen === 1 })),
  }));
}

/** The last verdict on each sitting of a job, by the sitting's id. */
export async function verdictsOf(on: Asked, jobId: string): Promise<Map<string, Judged>> {
  const rows = await select<Judged & { measurementId: string }>(
    on,
    `SELECT v.measurement_id AS measurementId, v.id, v.sheet_revision_id AS sheetRevisionId, v.rule, v.judgement
       FROM verdict v JOIN measurement m ON m.id = v.measurement_id WHERE m.job_id = ? ORDER BY v.seq`,
    [jobId],
  );
  return new Map(rows.map(({ measurementId, ...judged }) => [measurementId, judged]));
}

export async function lookOversOf(on: Asked, jobId: string): Promise<(LookOver & By)[]> {
  const rows = await select<Dated<LookOver & By> & { found: Finding[] }>(
    on,
    `SELECT l.id, l.seq, l.brake_end AS end, l.area, l.found, l.words, l.at, p.name AS \`by\`
       FROM look_over l JOIN person p ON p.id = l.by_person WHERE l.job_id = ? ORDER BY l.seq`,
    [jobId],
  );
  return rows.map(undated);
}

/** Every choice of work on a job, oldest first. */
export async function plansOf(on: Asked, jobId: string): Promise<Planned[]> {
  const rows = await select<Dated<Planned>>(
    on,
    `SELECT c.id, c.seq, c.procedures, c.bleed, c.again, c.agreed, c.words, c.at, p.name AS \`by\`
       FROM plan_choice c JOIN person p ON p.id = c.by_person WHERE c.job_id = ? ORDER BY c.seq`,
    [jobId],
  );
  return rows.map(undated);
}

/** Every step of the plan that was done or left out, oldest first. */
export async function stepsOf(on: Asked, jobId: string): Promise<Stepped[]> {
  const rows = await select<Dated<Stepped>>(
    on,
    `SELECT s.id, s.step, s.brake_end AS end, s.outcome, s.reason, s.seq, s.after_step AS \`after\`, s.at, p.name AS \`by\`
       FROM plan_step s JOIN person p ON p.id = s.by_person WHERE s.job_id = ? ORDER BY s.seq`,
    [jobId],
  );
  return rows.map(undated);
}

/** Everything fitted to a bike, oldest first. */
export function fittingsOfBike(on: Asked, bikeId: string): Promise<Fitted[]> {
  return fittingsUpTo(on, { bikeId, tag: null });
}

/** Everything fitted to a job's bike at this visit and before it, oldest first; `tag` null: ever. */
export async function fittingsUpTo(
  on: Asked,
  job: { bikeId: string; tag: number | null },
): Promise<Fitted[]> {
  const rows = await select<
    Omit<Dated<Fitted>, 'organicOnly' | 'stampedLimit'> & {
      organicOnly: number;
      limitMm: number | null;
      atIsWorn: number | null;
    }
  >(
    on,
    `SELECT f.id, f.seq, f.job_id AS jobId, f.brake_end AS end, f.part, f.description, f.fitted_as AS \`condition\`,
            f.compound, f.organic_only AS organicOnly, f.construction, f.new_mm AS newMm,
            f.stamped_limit_mm AS limitMm, f.stamped_at_is_worn AS atIsWorn, f.came_off_for AS cameOffFor,
            f.rebedding, f.at, p.name AS \`by\`
       FROM fitting f JOIN job j ON j.id = f.job_id JOIN person p ON p.id = f.by_person
      WHERE j.bike_id = ? ${job.tag === null ? '' : 'AND j.tag <= ?'} ORDER BY f.seq`,
    job.tag === null ? [job.bikeId] : [job.bikeId, job.tag],
  );
  return rows.map(({ organicOnly, limitMm, atIsWorn, ...row }) => ({
    ...undated(row),
    organicOnly: organicOnly === 1,
    stampedLimit: stampedOf(limitMm, atIsWorn),
  }));
}

export type TighteningRow = Omit<Tightened, 'flaws'>;

export async function tighteningsOf(on: Asked, jobId: string): Promise<TighteningRow[]> {
  const rows = await select<{
    id: string;
    seq: number;
    end: End;
    fastener: Tightened['fastener'];
    boltCount: number;
    loNm: number;
    hiNm: number;
    namedNm: number | null;
    origin: Tightened['window']['origin'];
    tag: Tightened['window']['tag'];
    wrenchId: string;
    wrenchName: string;
    maxNm: number;
    markNm: number;
    tolerance: number;
    toleranceAssumed: number;
    calibrationDueOn: string | null;
    uses: number;
    wrenchKind: Tightened['wrench']['kind'];
    setNm: number;
    treatment: Tightened['treatment'];
    treatmentAsked: Tightened['treatment'];
    askedSource: string;
    crowfoot: Tightened['crowfoot'];
    at: Date;
    by: string;
  }>(
    on,
    `SELECT t.id, t.seq, t.brake_end AS end, t.fastener, t.bolt_count AS boltCount, t.lo_nm AS loNm, t.hi_nm AS hiNm,
            t.named_nm AS namedNm, t.origin, t.tag, t.wrench_id AS wrenchId, w.name AS wrenchName, t.max_nm AS maxNm,
            t.mark_nm AS markNm, t.tolerance, w.tolerance_assumed AS toleranceAssumed,
            t.calibration_due_on AS calibrationDueOn, t.uses_before AS uses, t.set_nm AS setNm, t.treatment,
            t.treatment_asked AS treatmentAsked, t.asked_source AS askedSource, t.wrench_kind AS wrenchKind, t.crowfoot, t.at,
            p.name AS \`by\`
       FROM tightening t JOIN wrench w ON w.id = t.wrench_id JOIN person p ON p.id = t.by_person
      WHERE t.job_id = ? ORDER BY t.seq`,
    [jobId],
  );
  const marks = await select<Dated<Tightened['marks'][number]> & { tighteningId: string }>(
    on,
    `SELECT k.tightening_id AS tighteningId, k.id, k.pass, k.bolt,
            k.measured_nm AS measuredNm, k.via, k.at, p.name AS \`by\`
       FROM pass_mark k JOIN tightening t ON t.id = k.tightening_id JOIN person p ON p.id = k.by_person
      WHERE t.job_id = ? ORDER BY k.seq`,
    [jobId],
  );
  const gaps = await select<{ tighteningId: string; oneMm: number; otherMm: number }>(
    on,
    `SELECT g.tightening_id AS tighteningId, g.one_mm AS oneMm, g.other_mm AS otherMm
       FROM clamp_gaps g JOIN tightening t ON t.id = g.tightening_id WHERE t.job_id = ? ORDER BY g.seq`,
    [jobId],
  );
  const gapsOf = (id: string) => {
    const felt = gaps.filter(({ tighteningId }) => tighteningId === id).at(-1);
    return felt ? { oneMm: felt.oneMm, otherMm: felt.otherMm } : null;
  };
  return rows.map((row) => ({
    id: row.id,
    seq: row.seq,
    end: row.end,
    fastener: row.fastener,
    boltCount: row.boltCount,
    window: {
      loNm: row.loNm,
      hiNm: row.hiNm,
      namedNm: row.namedNm,
      origin: row.origin,
      tag: row.tag,
    },
    wrench: {
      id: row.wrenchId,
      name: row.wrenchName,
      kind: row.wrenchKind,
      maxNm: row.maxNm,
      markNm: row.markNm,
      tolerance: row.tolerance,
      toleranceAssumed: row.toleranceAssumed === 1,
      calibrationDueOn: row.calibrationDueOn,
      uses: row.uses,
    },
    setNm: row.setNm,
    treatment: row.treatment,
    treatmentAsked: row.treatmentAsked,
    askedSource: row.askedSource,
    crowfoot: row.crowfoot,
    gaps: gapsOf(row.id),
    marks: marks
      .filter(({ tighteningId }) => tighteningId === row.id)
      .map(({ tighteningId: _, ...mark }) => undated(mark)),
    at: row.at.toISOString(),
    by: row.by,
  }));
}

export async function fillsOf(on: Asked, jobId: string): Promise<Filled[]> {
  const rows = await select<Dated<Filled>>(
    on,
    `SELECT f.id, f.brake_end AS end, f.container_id AS containerId, c.label, c.fluid_name AS fluid, c.family, c.lot,
            f.ml, f.colour, COALESCE((SELECT SUM(b.ml) FROM fluid_back b WHERE b.fill_id = f.id), 0) AS backMl, f.at, p.name AS \`by\`
       FROM fill f JOIN container c ON c.id = f.container_id JOIN person p ON p.id = f.by_person
      WHERE f.job_id = ? ORDER BY f.seq`,
    [jobId],
  );
  return rows.map(undated);
}

export async function testsOf(on: Asked, jobId: string): Promise<Tested[]> {
  const rows = await select<Dated<Tested>>(
    on,
    `SELECT t.id, t.test, t.brake_end AS end, t.outcome, t.at, p.name AS \`by\`
       FROM test t JOIN person p ON p.id = t.by_person WHERE t.job_id = ? ORDER BY t.seq`,
    [jobId],
  );
  return rows.map(undated);
}

export interface DecisionRow extends Omit<Decided, 'stands'> {
  subject: Subject;
  /** The verdict and the look-over it rests on. */
  restsOn: string;
}

export async function decisionsOf(on: Asked, jobId: string): Promise<DecisionRow[]> {
  const rows = await select<Dated<DecisionRow>>(
    on,
    `SELECT d.id, d.brake_end AS end, d.subject, d.rests_on AS restsOn, d.decision, d.words, d.at, p.name AS \`by\`
       FROM decision d JOIN person p ON p.id = d.by_person WHERE d.job_id = ? ORDER BY d.seq`,
    [jobId],
  );
  return rows.map(undated);
}

/** Parts taken from the shelf for a job. */
export async function takenOf(on: Asked, jobId: string): Promise<Taken[]> {
  const rows = await select<Dated<Taken>>(
    on,
    `SELECT t.id, t.brake_end AS end, t.stock_id AS stockId, l.part, l.description, t.pieces, t.batch, t.at, p.name AS \`by\`
       FROM part_taken t JOIN stock_line l ON l.id = t.stock_id JOIN person p ON p.id = t.by_person
      WHERE t.job_id = ? ORDER BY t.seq`,
    [jobId],
  );
  return rows.map(undated);
}

/** Drained fluid of a job. */
export async function wastedOf(on: Asked, jobId: string): Promise<Wasted[]> {
  const rows = await select<Dated<Wasted>>(
    on,
    `SELECT w.id, w.brake_end AS end, w.family, w.ml, w.at, p.name AS \`by\`
       FROM waste w JOIN person p ON p.id = w.by_person WHERE w.job_id = ? ORDER BY w.seq`,
    [jobId],
  );
  return rows.map(undated);
}

/** What was told on a job and not taken back, in order. */
export async function toldOfJob(on: Asked, jobId: string): Promise<Told[]> {
  const rows = await select<{
    id: string;
    seq: number;
    kind: ToldKind;
    body: Record<string, unknown>;
    at: Date;
    by: string;
  }>(
    on,
    `SELECT t.id, t.seq, t.kind, t.body, t.at, p.name AS \`by\`
       FROM told t JOIN person p ON p.id = t.by_person
      WHERE t.job_id = ? AND t.takes_back IS NULL
        AND NOT EXISTS (SELECT 1 FROM told b WHERE b.takes_back = t.id) ORDER BY t.seq`,
    [jobId],
  );
  return rows.map(({ body, at, ...row }) => ({ ...body, ...row, at: at.toISOString() }) as Told);
}

/** What was told and taken back again: it stays in the record. */
export async function takenBackOf(on: Asked, jobId: string): Promise<(By & { of: string })[]> {
  const rows = await select<{ of: string; at: Date; by: string }>(
    on,
    `SELECT t.takes_back AS \`of\`, t.at, p.name AS \`by\`
       FROM told t JOIN person p ON p.id = t.by_person WHERE t.job_id = ? AND t.takes_back IS NOT NULL ORDER BY t.seq`,
    [jobId],
  );
  return rows.map(undated);
}

/** The do-not-rides that still hang on a bike. */
export function tagsOfBike(on: Asked, bikeId: string): Promise<(BikeTag & { id: string })[]> {
  return select(
    on,
    `SELECT t.id, t.brake_end AS end, t.subject, t.found, t.job_id AS jobId, j.tag,
            IF(t.container_id IS NULL, NULL, t.raised_seq) AS foundAfter
       FROM bike_tag t JOIN job j ON j.id = t.job_id
      WHERE t.bike_id = ? AND t.lifted_at IS NULL ORDER BY t.raised_at, t.id`,
    [bikeId],
  );
}

/** Corrections to a sealed record, oldest first. */
export async function amendmentsOf(on: Asked, jobId: string): Promise<Amended[]> {
  const rows = await select<Dated<Amended>>(
    on,
    `SELECT s.id, s.number, JSON_VALUE(s.canonical, '$.record.words') AS words, s.seal, s.sealed_at AS at, p.name AS \`by\`
       FROM sealed_record s JOIN person p ON p.id = s.sealed_by WHERE s.job_id = ? AND s.nth > 0 ORDER BY s.nth`,
    [jobId],
  );
  return rows.map(undated);
}

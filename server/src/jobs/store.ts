import type { Bike } from '@hold-fast/contract/bikes';
import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import type {
  BenchJob,
  By,
  Decided,
  Filled,
  Fitted,
  JobStatus,
  Judged,
  Tested,
  Tightened,
} from '@hold-fast/contract/jobs';
import { nextStep } from '@hold-fast/core/procedure/nextStep';
import { ENDS, type End, type Part } from '@hold-fast/core/procedure/signOff';
import type { Look, MeasuringSession, TakenReading } from '@hold-fast/core/wear/session';
import { WORDS, type Word } from '@hold-fast/core/wear/verdict';
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
    stampedLimit:
      limitMm === null
        ? null
        : { limitMm, atLimitIsWorn: atIsWorn === null ? null : atIsWorn === 1 },
  }));
}

export interface MeasurementRow extends MeasuringSession, By {
  id: string;
  seq: number;
  end: End;
  part: Part;
  gaugeId: string;
  gaugeName: string;
}

/** The sittings of a job with all their readings and looks, in the order they were begun. */
export async function measurementsOf(on: Asked, jobId: string): Promise<MeasurementRow[]> {
  const rows = await select<{
    id: string;
    seq: number;
    end: End;
    part: Part;
    gaugeId: string;
    gaugeName: string;
    kind: MeasuringSession['gauge']['kind'];
    resolutionMm: number;
    uncertaintyMm: number;
    anvils: 'point' | 'flat';
    calibrationDueOn: string | null;
    basis: 'total' | 'friction' | null;
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

export async function fittingsOf(on: Asked, jobId: string): Promise<Fitted[]> {
  const rows = await select<Dated<Fitted>>(
    on,
    `SELECT f.id, f.seq, f.brake_end AS end, f.part, f.description, f.at, p.name AS \`by\`
       FROM fitting f JOIN person p ON p.id = f.by_person WHERE f.job_id = ? ORDER BY f.seq`,
    [jobId],
  );
  return rows.map(undated);
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
    setNm: number;
    treatment: Tightened['treatment'];
    at: Date;
    by: string;
  }>(
    on,
    `SELECT t.id, t.seq, t.brake_end AS end, t.fastener, t.bolt_count AS boltCount, t.lo_nm AS loNm, t.hi_nm AS hiNm,
            t.named_nm AS namedNm, t.origin, t.tag, t.wrench_id AS wrenchId, w.name AS wrenchName, t.max_nm AS maxNm,
            t.mark_nm AS markNm, t.tolerance, w.tolerance_assumed AS toleranceAssumed,
            t.calibration_due_on AS calibrationDueOn, t.uses_before AS uses, t.set_nm AS setNm, t.treatment, t.at,
            p.name AS \`by\`
       FROM tightening t JOIN wrench w ON w.id = t.wrench_id JOIN person p ON p.id = t.by_person
      WHERE t.job_id = ? ORDER BY t.seq`,
    [jobId],
  );
  const marks = await select<Dated<Tightened['marks'][number]> & { tighteningId: string }>(
    on,
    `SELECT k.tightening_id AS tighteningId, k.id, k.pass, k.bolt, k.at, p.name AS \`by\`
       FROM pass_mark k JOIN tightening t ON t.id = k.tightening_id JOIN person p ON p.id = k.by_person
      WHERE t.job_id = ? ORDER BY k.seq`,
    [jobId],
  );
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
      maxNm: row.maxNm,
      markNm: row.markNm,
      tolerance: row.tolerance,
      toleranceAssumed: row.toleranceAssumed === 1,
      calibrationDueOn: row.calibrationDueOn,
      uses: row.uses,
    },
    setNm: row.setNm,
    treatment: row.treatment,
    marks: marks
      .filter(({ tighteningId }) => tighteningId === row.id)
      .map(({ id, pass, bolt, at, by }) => ({ id, pass, bolt, at: at.toISOString(), by })),
    at: row.at.toISOString(),
    by: row.by,
  }));
}

export async function fillsOf(on: Asked, jobId: string): Promise<Filled[]> {
  const rows = await select<Dated<Filled>>(
    on,
    `SELECT f.id, f.brake_end AS end, f.container_id AS containerId, c.label, c.fluid_name AS fluid, c.lot, f.ml,
            f.colour, f.at, p.name AS \`by\`
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

export async function decisionsOf(on: Asked, jobId: string): Promise<Decided[]> {
  const rows = await select<Dated<Decided>>(
    on,
    `SELECT d.id, d.brake_end AS end, d.part, d.verdict_id AS verdictId, d.decision, d.words, d.at, p.name AS \`by\`
       FROM decision d JOIN person p ON p.id = d.by_person WHERE d.job_id = ? ORDER BY d.seq`,
    [jobId],
  );
  return rows.map(undated);
}

const standingWord = (end: End) =>
  `(SELECT MAX(v.word + 0) FROM standing_verdict s JOIN verdict v ON v.id = s.verdict_id
     WHERE s.job_id = j.id AND s.brake_end = '${end}') AS ${end}Word`;

const progressOf = (end: End) => `
  EXISTS (SELECT 1 FROM identification i WHERE i.job_id = j.id AND i.brake_end = '${end}') AS ${end}Identified,
  EXISTS (SELECT 1 FROM standing_verdict s WHERE s.job_id = j.id AND s.brake_end = '${end}' AND s.part = 'rotor') AS ${end}Rotor,
  EXISTS (SELECT 1 FROM standing_verdict s WHERE s.job_id = j.id AND s.brake_end = '${end}' AND s.part = 'pads') AS ${end}Pads,
  EXISTS (SELECT 1 FROM tightening t WHERE t.job_id = j.id AND t.brake_end = '${end}'
            AND t.seq = (SELECT MAX(n.seq) FROM tightening n WHERE n.job_id = j.id AND n.brake_end = '${end}')
            AND NOT EXISTS (SELECT 1 FROM pass_mark k WHERE k.tightening_id = t.id AND k.pass = 'verify' AND k.bolt IS NULL)
            AND (SELECT COUNT(DISTINCT k.bolt) FROM pass_mark k WHERE k.tightening_id = t.id AND k.pass = 'verify') < t.bolt_count
         ) AS ${end}BoltsOpen`;

const BENCH_PAGE = 50;

/** The statement of the Bench's list; `after` is a promised time and an id, or null for the first page. */
export function benchQuery(after: { promisedAt: Date; id: string } | null): {
  sql: string;
  values: (string | Date)[];
} {
  return {
    sql: `SELECT j.id, j.tag, j.status, b.name AS bikeName, c.name AS customerName, j.complaint,
                 j.promised_at AS promisedAt, j.minutes, ${ENDS.map(standingWord).join(', ')}, ${ENDS.map(progressOf).join(', ')}
            FROM job j JOIN bike b ON b.id = j.bike_id JOIN customer c ON c.id = b.customer_id
           WHERE j.status = 'open' ${after ? 'AND (j.promised_at, j.id) > (?, ?)' : ''}
           ORDER BY j.promised_at, j.id LIMIT ${BENCH_PAGE}`,
    values: after ? [after.promisedAt, after.id] : [],
  };
}

type Flag = 'Identified' | 'Rotor' | 'Pads' | 'BoltsOpen';
export type BenchRow = Omit<BenchJob, 'promisedAt' | 'next' | End> & {
  promisedAt: Date;
} & Record<`${End}Word`, number | null> &
  Record<`${End}${Flag}`, number>;

export async function benchPage(
  on: Asked,
  after: { promisedAt: Date; id: string } | null,
): Promise<{ items: BenchJob[]; after: string | null }> {
  const { sql, values } = benchQuery(after);
  const rows = await select<BenchRow>(on, sql, values);
  const last = rows.length === BENCH_PAGE ? rows.at(-1) : undefined;
  return {
    items: rows.map(benchJobOf),
    after: last ? `${last.promisedAt.toISOString()} ${last.id}` : null,
  };
}

function benchJobOf(row: BenchRow): BenchJob {
  const progress = (end: End) => ({
    identified: row[`${end}Identified`] === 1,
    rotor: row[`${end}Rotor`] === 1,
    pads: row[`${end}Pads`] === 1,
    boltsOpen: row[`${end}BoltsOpen`] === 1,
  });
  // The words are listed best first, in the database as in core.
  const word = (rank: number | null): Word | null => (rank === null ? null : WORDS[rank - 1]!);
  return {
    id: row.id,
    tag: row.tag,
    status: row.status,
    bikeName: row.bikeName,
    customerName: row.customerName,
    complaint: row.complaint,
    promisedAt: row.promisedAt.toISOString(),
    minutes: row.minutes,
    next: nextStep({ front: progress('front'), rear: progress('rear') }),
    front: word(row.frontWord),
    rear: word(row.rearWord),
  };
}

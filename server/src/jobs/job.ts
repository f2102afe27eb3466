import type { Fitted, Job, Measured } from '@hold-fast/contract/jobs';
import { signOffBars, type Bar, type SignOffFacts } from '@hold-fast/core/procedure/signOff';
import { flawsOfProof } from '@hold-fast/core/torque/proof';
import { rotorLimit } from '@hold-fast/core/wear/judge';
import { DO_NOT_RIDE_DAMAGE } from '@hold-fast/core/wear/rotor';
import { hasEvidence, rotorMeasurement, type MeasuringSession } from '@hold-fast/core/wear/session';
import type { Asked } from '../platform/database';
import { dayOf } from '../platform/shop';
import { sealOfJob } from '../records/store';
import { sheetRevision } from '../sheets/store';
import {
  bikeOfJob,
  decisionsOf,
  fillsOf,
  fittingsOf,
  identificationsOf,
  jobRow,
  measurementsOf,
  symptomsOf,
  testsOf,
  tighteningsOf,
  verdictsOf,
} from './store';

/** A job with everything recorded on it and what follows from it, or null when there is none. */
export async function loadJob(on: Asked, jobId: string): Promise<Job | null> {
  const row = await jobRow(on, jobId);
  if (!row) return null;
  const { bike, customer } = await bikeOfJob(on, row.bikeId);
  const measurements = await measurementsOf(on, jobId);
  const verdicts = await verdictsOf(on, jobId);
  const fittings = await fittingsOf(on, jobId);
  const tightenings = await tighteningsOf(on, jobId);

  const facts = {
    id: row.id,
    tag: row.tag,
    status: row.status,
    version: row.version,
    revision: row.revision,
    complaint: row.complaint,
    symptoms: await symptomsOf(on, jobId),
    frontLever: row.frontLever,
    odometerKm: row.odometerKm,
    promisedAt: row.promisedAt.toISOString(),
    minutes: row.minutes,
    checkedIn: { at: row.at.toISOString(), by: row.by },
    bike,
    customer,
    identified: await identifiedEnds(on, jobId),
    measured: measurements.map((measurement): Measured => ({
      ...measurement,
      superseded: isSuperseded(measurement, measurements, fittings),
      verdict: verdicts.get(measurement.id) ?? null,
    })),
    fitted: fittings,
    tightened: tightenings.map((tightening) => ({
      ...tightening,
      flaws: flawsOfProof({ ...tightening, doneOn: dayOf(new Date(tightening.at)) }),
    })),
    filled: await fillsOf(on, jobId),
    tested: await testsOf(on, jobId),
    decided: await decisionsOf(on, jobId),
  };
  return { ...facts, bars: barsOf(facts, true), sealed: await sealOfJob(on, jobId) };
}

async function identifiedEnds(on: Asked, jobId: string): Promise<Job['identified']> {
  const ends: Job['identified'] = { front: null, rear: null };
  for (const { sheetRevisionId, end, ...row } of await identificationsOf(on, jobId)) {
    const sheet = (await sheetRevision(on, sheetRevisionId))!;
    const limit = rotorLimit({ sheet: sheet.body, stampedLimit: row.stampedLimit });
    ends[end] = { ...row, sheet, limit };
  }
  return ends;
}

/**
 * A later sitting at the same part, once it has something to judge, or a new part fitted since, takes a sitting's
 * place. A sitting merely begun takes nobody's: what was condemned stays condemned.
 */
export function isSuperseded(
  measurement: Pick<Measured, 'seq' | 'end' | 'part'>,
  measurements: readonly (Pick<Measured, 'seq' | 'end' | 'part'> & MeasuringSession)[],
  fittings: readonly Pick<Fitted, 'seq' | 'end' | 'part'>[],
): boolean {
  const samePart = (other: { end: string; part: string }) =>
    other.end === measurement.end && other.part === measurement.part;
  return (
    measurements.some(
      (other) => samePart(other) && other.seq > measurement.seq && hasEvidence(other),
    ) || fittings.some((fitting) => samePart(fitting) && fitting.seq > measurement.seq)
  );
}

type JobFacts = Omit<Job, 'bars' | 'sealed'>;

/** What bars the sign-off of a job, by its facts as stored. */
export function barsOf(job: JobFacts, customerToldOfWatch: boolean): Bar[] {
  const standing = job.measured.filter(({ superseded }) => !superseded);
  const facts: SignOffFacts = {
    leverSideConfirmed: job.frontLever !== null && lastOutcome(job, 'lever-side') === 'passed',
    motor: job.bike.motor,
    cutOff: lastOutcome(job, 'cut-off'),
    leverFeel: {
      ...optional('front', lastOutcome(job, 'lever-feel', 'front')),
      ...optional('rear', lastOutcome(job, 'lever-feel', 'rear')),
    },
    parts: standing.flatMap(({ end, part, verdict }) => {
      if (!verdict) return [];
      const { judgement } = verdict;
      const decision = job.decided.filter(({ verdictId }) => verdictId === verdict.id).at(-1);
      // Numbers that contradict each other prove nothing.
      const word = judgement.ok ? judgement.word : 'unproven';
      return [{ end, part, word, decision: decision?.decision ?? null }];
    }),
    tightenings: [...latestTightenings(job), ...unfastenedRotors(job)],
    customerToldOfWatch,
    doNotRide: standing.flatMap((measured) =>
      measured.part === 'rotor'
        ? rotorMeasurement(measured)
            .damage.filter((damage) => DO_NOT_RIDE_DAMAGE.includes(damage))
            .map((finding) => ({ end: measured.end, finding }))
        : [],
    ),
  };
  return signOffBars(facts);
}

function latestTightenings(job: JobFacts): SignOffFacts['tightenings'] {
  return job.tightened.filter(
    (tightening, i) =>
      !job.tightened
        .slice(i + 1)
        .some((later) => later.end === tightening.end && later.fastener === tightening.fastener),
  );
}

/** A rotor fitted and not tightened since: its bolts are a safety bolt nobody has proven. */
function unfastenedRotors(job: JobFacts): SignOffFacts['tightenings'] {
  return job.fitted
    .filter(
      ({ part, end, seq }) =>
        part === 'rotor' &&
        !job.tightened.some((tightening) => tightening.end === end && tightening.seq > seq),
    )
    .map(({ end }) => ({ end, flaws: ['passes-open'] }));
}

function lastOutcome(job: JobFacts, test: string, end: string | null = null) {
  return (
    job.tested.filter((tested) => tested.test === test && tested.end === end).at(-1)?.outcome ??
    null
  );
}

function optional<K extends string, V>(key: K, value: V | null): Partial<Record<K, V>> {
  return value === null ? {} : ({ [key]: value } as Record<K, V>);
}

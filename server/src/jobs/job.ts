import type { Decided, Job, Measured } from '@hold-fast/contract/jobs';
import {
  inspectEnd,
  isSuperseded,
  type InspectionItem,
} from '@hold-fast/core/inspection/inspectEnd';
import { rotorLimit } from '@hold-fast/core/inspection/judge';
import {
  brakeAt,
  checksAt,
  leverUntestedAt,
  unrecordedAt,
  visitOf,
} from '@hold-fast/contract/visit';
import { rotorHold } from '@hold-fast/core/procedure/fastened';
import { fastenerRule } from '@hold-fast/core/torque/fasteners';
import { openEnds } from '@hold-fast/core/plan/visit';
import { ENDS } from '@hold-fast/core/ends';
import { signOffBars, type Bar, type SignOffFacts } from '@hold-fast/core/procedure/signOff';
import { flawsOfProof } from '@hold-fast/core/torque/proof';
import type { Asked } from '../platform/database';
import { dayOf } from '../platform/shop';
import { sealOfJob } from '../records/store';
import { rulesInForce } from '../rules/store';
import { newestRevisions, sheetRevision } from '../sheets/store';
import { outlooksOf } from './outlooks';
import { photosOf } from './photos';
import {
  bikeOfJob,
  decisionsOf,
  fillsOf,
  fittingsUpTo,
  identificationsOf,
  jobRow,
  lookOversOf,
  measurementsOf,
  plansOf,
  stepsOf,
  tagsOfBike,
  takenOf,
  toldOfJob,
  wastedOf,
  amendmentsOf,
  symptomsOf,
  testsOf,
  tighteningsOf,
  verdictsOf,
  type DecisionRow,
} from './store';

/** A job with everything recorded on it and what follows from it, or null when there is none. */
export async function loadJob(on: Asked, jobId: string): Promise<Job | null> {
  const row = await jobRow(on, jobId);
  if (!row) return null;
  const { bike, customer } = await bikeOfJob(on, row.bikeId);
  const measurements = await measurementsOf(on, jobId);
  const verdicts = await verdictsOf(on, jobId);
  const fittings = await fittingsUpTo(on, row);
  const tightenings = await tighteningsOf(on, jobId);
  const { rules } = await rulesInForce(on);

  const facts: JobFacts = {
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
      superseded: isSuperseded(measurement, { id: jobId, measured: measurements, fittings }),
      verdict: verdicts.get(measurement.id) ?? null,
    })),
    lookedOver: await lookOversOf(on, jobId),
    photos: await photosOf(on, jobId),
    fittings,
    outlooks: await outlooksOf(on, row, bike.kmPerWeek, rules, fittings),
    rules,
    tightened: tightenings.map((tightening) => ({
      ...tightening,
      flaws: flawsOfProof({ ...tightening, doneOn: dayOf(new Date(tightening.at)) }),
    })),
    filled: await fillsOf(on, jobId),
    wasted: await wastedOf(on, jobId),
    taken: await takenOf(on, jobId),
    told: await toldOfJob(on, jobId),
    tested: await testsOf(on, jobId),
    planned: await plansOf(on, jobId),
    stepped: await stepsOf(on, jobId),
    tags: (await tagsOfBike(on, row.bikeId)).map(({ id: _, ...tag }) => tag),
    amended: await amendmentsOf(on, jobId),
    decided: [],
  };
  const decided = standing(await decisionsOf(on, jobId), facts);
  const job = { ...facts, decided };
  return { ...job, bars: barsOf(job, true), sealed: await sealOfJob(on, jobId) };
}

async function identifiedEnds(on: Asked, jobId: string): Promise<Job['identified']> {
  const ends: Job['identified'] = { front: null, rear: null };
  const rows = await identificationsOf(on, jobId);
  const newest = await newestRevisions(
    on,
    rows.map(({ sheetRevisionId }) => sheetRevisionId),
  );
  for (const { sheetRevisionId, end, ...row } of rows) {
    const sheet = (await sheetRevision(on, sheetRevisionId))!;
    const limit = rotorLimit({ sheet: sheet.body, stampedLimit: row.stampedLimit });
    const last = newest.get(sheet.sheetId);
    const newerRevision =
      last && last.revision > sheet.revision ? { id: last.id, revision: last.revision } : null;
    ends[end] = { ...row, sheet, newerRevision, limit };
  }
  return ends;
}

type JobFacts = Omit<Job, 'bars' | 'sealed'>;

/** What a decision about an item rests on: the verdict and the look-over as they stand. */
export function restsOn(item: InspectionItem, job: Pick<JobFacts, 'measured'>): string {
  const verdict = job.measured.find(({ id }) => id === item.sittingId)?.verdict;
  return [verdict?.id ?? '', item.lookOverId ?? ''].join(' ').trim();
}

/** Every item of the inspection at both ends. */
export function inspectedItems(job: JobFacts): InspectionItem[] {
  return ENDS.flatMap((end) => inspectEnd(job, end).items);
}

function standing(rows: readonly DecisionRow[], job: JobFacts): Decided[] {
  const items = inspectedItems(job);
  return rows.map(({ restsOn: rested, ...row }) => {
    const item = items.find(({ end, subject }) => end === row.end && subject === row.subject);
    return { ...row, stands: item !== undefined && restsOn(item, job) === rested };
  });
}

/** What bars the sign-off of a job, by its facts as stored. */
export function barsOf(job: JobFacts, customerToldOfWatch: boolean): Bar[] {
  const facts: SignOffFacts = {
    leverSideConfirmed: job.frontLever !== null && lastOutcome(job, 'lever-side') === 'passed',
    motor: job.bike.motor,
    cutOff: lastOutcome(job, 'cut-off'),
    leverFeel: {
      ...optional('front', lastOutcome(job, 'lever-feel', 'front')),
      ...optional('rear', lastOutcome(job, 'lever-feel', 'rear')),
    },
    inspected: inspectedItems(job).map(({ end, subject, word, doNotRide, found }) => ({
      end,
      subject,
      word,
      doNotRide,
      found,
      decision:
        job.decided
          .filter((made) => made.stands && made.end === end && made.subject === subject)
          .at(-1)?.decision ?? null,
    })),
    tightenings: [
      ...latestTightenings(job),
      ...unfastenedRotors(job),
      ...ENDS.flatMap((end) => unrecordedAt(job, end)),
    ],
    openChecks: ENDS.flatMap((end) =>
      checksAt(job, end).flatMap(({ check, stands }) =>
        stands === 'passed' ? [] : [{ end, check, failed: stands === 'failed' }],
      ),
    ),
    tagged: job.tags.filter(({ jobId, foundAfter }) => jobId !== job.id || foundAfter !== null),
    openEnds: openEnds(visitOf(job)),
    leversUntested: ENDS.filter((end) => leverUntestedAt(job, end)),
    customerToldOfWatch,
  };
  return signOffBars(facts);
}

function latestTightenings(job: JobFacts): SignOffFacts['tightenings'] {
  return job.tightened.filter(
    (tightening, i) =>
      fastenerRule(tightening.fastener).safety &&
      !job.tightened
        .slice(i + 1)
        .some((later) => later.end === tightening.end && later.fastener === tightening.fastener),
  );
}

/** A rotor fitted and not tightened since: its bolts are a safety bolt nobody has proven. */
function unfastenedRotors(job: JobFacts): SignOffFacts['tightenings'] {
  return job.fittings
    .filter(
      ({ part, end, seq, jobId, condition }) =>
        part === 'rotor' &&
        jobId === job.id &&
        condition !== 'found' &&
        !job.tightened.some((tightening) => tightening.end === end && tightening.seq > seq),
    )
    .map(({ end }) => ({ end, fastener: rotorHold(brakeAt(job, end)), flaws: ['passes-open'] }));
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

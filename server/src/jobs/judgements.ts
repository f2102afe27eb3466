import type { Thing } from '@hold-fast/core/inspection/inspected';
import { endsOf } from '@hold-fast/core/kit/brakes';
import { ENDS, type End } from '@hold-fast/core/ends';
import { inspectEnd, standingSitting } from '@hold-fast/core/inspection/inspectEnd';
import type { Judgement } from '@hold-fast/core/inspection/judge';
import { liftsAdvice, liftsTag, toHang, type LiftingVisit } from '@hold-fast/core/inspection/tags';
import { inspectedItems } from '@hold-fast/core/job/bars';
import type { BikeTag, Job, Judged } from '@hold-fast/core/job/job';
import type { Logged } from '@hold-fast/core/job/kinds';
import { hangsUnrepaired } from '@hold-fast/core/job/notRepaired';
import type { Bar } from '@hold-fast/core/procedure/signOff';
import { brakesOf, isWorkOpen } from '@hold-fast/core/job/visit';
import { canonicalJson, type Json } from '@hold-fast/core/seal/canonical';
import { tableOf } from '@hold-fast/core/trouble/engine';
import { checkAskedFor } from '@hold-fast/core/trouble/follow';
import { worst } from '@hold-fast/core/wear/verdict';
import { v7 as uuid } from 'uuid';
import { adviceOfBike, tagsOfBike } from '../bikes/visitStore';
import { insert, placesFor, run, type Transaction } from '../platform/database';
import type { Shop } from '../platform/shop';

/**
 * Notes how a job stands after a write: every verdict that differs from the last one kept, each end for the Bench, and
 * what hangs on the bike.
 * @returns the verdicts as they are now kept, and whether anything was hung on the bike or taken off
 */
export async function noteJudgements(
  shop: Shop,
  transaction: Transaction,
  { verdicts }: { verdicts: ReadonlyMap<string, Judged> },
  job: Job,
  written: Logged['entry'],
): Promise<{ verdicts: ReadonlyMap<string, Judged>; tagsChanged: boolean }> {
  const kept = new Map(verdicts);
  for (const { id, superseded, verdict } of job.measured) {
    if (superseded || !verdict || same(kept.get(id), verdict)) continue;
    await keepVerdict(shop, transaction, id, verdict);
    kept.set(id, verdict);
  }
  await noteEnds(transaction, job);
  return { verdicts: kept, tagsChanged: await noteTags(shop, transaction, job, written) };
}

const asText = (judged: Judged) => canonicalJson(judged as unknown as Json);
const same = (one: Judged | undefined, other: Judged) =>
  one !== undefined && asText(one) === asText(other);

function keepVerdict(
  shop: Shop,
  transaction: Transaction,
  measurementId: string,
  { rule, sheetRevisionId, judgement }: Judged,
): Promise<void> {
  return insert(transaction, 'verdict', {
    id: uuid(),
    measurement_id: measurementId,
    word: judgement.ok ? judgement.verdict.word : null,
    judgement: JSON.stringify(judgement),
    sheet_revision_id: sheetRevisionId,
    rule,
    ...measures(judgement),
    at: shop.now(),
  });
}

/** The numbers of a judgement that charts and lists ask for, mm. */
function measures(judgement: Judgement) {
  const none = { least_mm: null, doubt_mm: null, limit_mm: null, upper_bound: false };
  if (!judgement.ok) return none;
  if (judgement.measurand === 'rotor') {
    const { thinnest, upperBounds, limit } = judgement.verdict;
    return {
      least_mm: thinnest?.thicknessMm ?? null,
      doubt_mm: thinnest?.doubtMm ?? null,
      limit_mm: limit.limitMm,
      upper_bound: upperBounds,
    };
  }
  if (judgement.measurand !== 'pads') return none;
  const { schools, thinnest } = judgement.verdict;
  const total = schools.find(({ school }) => school === 'total');
  return {
    ...none,
    least_mm: total?.leastMm ?? null,
    doubt_mm: thinnest?.doubtMm ?? null,
    limit_mm: total?.limitMm ?? null,
  };
}

/** Hangs what is not to be ridden on the bike, and takes off what this visit lifts. */
async function noteTags(
  shop: Shop,
  transaction: Transaction,
  job: Job,
  written: Logged['entry'],
): Promise<boolean> {
  const items = inspectedItems(job);
  const visit = { ...job, items, brakes: brakesOf(job) };
  const again = takesBack(written) ? await hangAgain(transaction, job, visit) : [];
  const hang = toHang(items, [...job.tags, ...again]);
  for (const { end, subject, found } of hang)
    await insert(transaction, 'bike_tag', {
      id: uuid(),
      bike_id: job.bike.id,
      job_id: job.id,
      brake_end: end,
      subject,
      found: JSON.stringify(found),
      raised_at: shop.now(),
    });
  // Of most bikes nothing hangs that could come off.
  if (job.tags.length === 0 && job.againstAdvice.length === 0)
    return hang.length > 0 || again.length > 0;
  const lifted = [
    ...(job.tags.some((tag) => liftsTag(tag, visit))
      ? (await tagsOfBike(transaction, job.bike.id)).filter((tag) => liftsTag(tag, visit))
      : []),
    ...(job.againstAdvice.length > 0
      ? (await adviceOfBike(transaction, job.bike.id)).filter(
          (advice) => advice.jobId !== job.id && liftsAdvice(advice, visit),
        )
      : []),
  ];
  for (const { id } of lifted)
    await run(transaction, 'UPDATE bike_tag SET lifted_at = ?, lifted_by_job = ? WHERE id = ?', [
      shop.now(),
      job.id,
      id,
    ]);
  return lifted.length > 0 || hang.length > 0 || again.length > 0;
}

const takesBack = (entry: Logged['entry']) =>
  entry.kind === 'taken-back' || (entry.kind === 'plan-step' && entry.outcome === 'taken-back');

/** Hangs again what other visits found and this one lifts no more, once something is taken back: a slip of the hand lifts nothing. */
async function hangAgain(transaction: Transaction, job: Job, visit: LiftingVisit) {
  const tags = await tagsOfBike(transaction, job.bike.id, job.id);
  const advice = await adviceOfBike(transaction, job.bike.id, job.id);
  const again = [
    ...tags.filter((tag) => !isOwn(tag, job) && !liftsTag(tag, visit)),
    ...advice.filter((each) => !liftsAdvice(each, visit)),
  ];
  for (const { id } of again)
    await run(
      transaction,
      'UPDATE bike_tag SET lifted_at = NULL, lifted_by_job = NULL WHERE id = ?',
      [id],
    );
  return again;
}

/** What a visit found itself hangs by what stands there, and is hung anew with it. */
const isOwn = ({ jobId, foundAfter }: BikeTag, { id }: Job) => jobId === id && foundAfter === null;

/** Hangs on the bike what its customer would not have replaced: the next visit opens with it. */
export async function noteRefusals(shop: Shop, transaction: Transaction, job: Job): Promise<void> {
  const refused = job.decided.filter(
    ({ decision, stands }) => decision === 'customer-refused' && stands,
  );
  for (const { end, subject, words } of refused) {
    const item = inspectedItems(job).find((each) => each.end === end && each.subject === subject);
    await insert(transaction, 'bike_tag', {
      id: uuid(),
      bike_id: job.bike.id,
      job_id: job.id,
      brake_end: end,
      subject,
      found: JSON.stringify(item?.found ?? []),
      raised_at: shop.now(),
      sort: 'against-advice',
      words,
    });
  }
}

/** Hangs things of a sealed job on the bike as a do-not-ride: only what comes after it lifts it. */
export async function hangTakenBack(
  transaction: Transaction,
  job: Job,
  takesBack: readonly Thing[],
  { at, seq }: { at: Date; seq: number },
): Promise<void> {
  for (const { end, subject } of takesBack)
    await insert(transaction, 'bike_tag', {
      id: uuid(),
      bike_id: job.bike.id,
      job_id: job.id,
      brake_end: end,
      subject,
      found: '[]',
      raised_at: at,
      raised_seq: seq,
    });
}

/** Hangs all that was open on a bike that leaves as it is, besides what hangs there already. */
export async function hangUnrepaired(
  transaction: Transaction,
  job: Job,
  bars: readonly Bar[],
  when: { at: Date; seq: number },
): Promise<void> {
  const hanging = (await tagsOfBike(transaction, job.bike.id)).map(({ end, subject }) => ({
    end,
    subject,
  }));
  const open = hangsUnrepaired(bars).filter(
    (thing) => !hanging.some((tag) => tag.end === thing.end && tag.subject === thing.subject),
  );
  await hangTakenBack(transaction, job, open, when);
}

async function noteEnds(transaction: Transaction, job: Job): Promise<void> {
  // Of a bike with two brakes there is no third to note.
  const ends = job.identified.third ? ENDS : endsOf(job.bike);
  const rows = ends.map((end) => ({ job_id: job.id, brake_end: end, ...endOf(job, end) }));
  const columns = Object.keys(rows[0]!);
  const places = placesFor(columns);
  await run(
    transaction,
    `INSERT INTO job_end (${columns.join(', ')}) VALUES ${rows.map(() => places).join(', ')}
       ON DUPLICATE KEY UPDATE ${columns.map((column) => `${column} = VALUES(${column})`).join(', ')}`,
    rows.flatMap((row) => Object.values(row)),
  );
}

function endOf(job: Job, end: End) {
  const { items } = inspectEnd(job, end);
  const bolts = job.tightened.filter((tightened) => tightened.end === end).at(-1);
  return {
    word: worst(items.map(({ word }) => word)),
    do_not_ride: items.some(({ doNotRide }) => doNotRide),
    identified: job.identified[end] !== null,
    rotor: standingSitting(job, end, 'rotor') !== null,
    pads: standingSitting(job, end, 'pads') !== null,
    check_open: checkAskedFor(job, end, tableOf(job.rules.trouble)) !== null,
    plan_open: isWorkOpen(job, end),
    bolts_open: bolts?.flaws.includes('passes-open') ?? false,
  };
}

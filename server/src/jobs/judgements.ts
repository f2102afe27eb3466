import { inspectEnd, judgeSitting, standingSitting } from '@hold-fast/core/inspection/inspectEnd';
import { liftsTag, toHang } from '@hold-fast/core/inspection/tags';
import { RULE, type Judgement } from '@hold-fast/core/inspection/judge';
import { ENDS, type End } from '@hold-fast/core/ends';
import { visitOf } from '@hold-fast/contract/visit';
import { planOpen } from '@hold-fast/core/plan/visit';
import { countingMarks } from '@hold-fast/core/torque/proof';
import { nextTurn } from '@hold-fast/core/torque/sequence';
import { worst } from '@hold-fast/core/wear/verdict';
import { canonicalJson, type Json } from '@hold-fast/core/seal/canonical';
import type { Job, Measured } from '@hold-fast/contract/jobs';
import { v7 as uuid } from 'uuid';
import { insert, run, type Transaction } from '../platform/database';
import type { Shop } from '../platform/shop';
import { inspectedItems, loadJob } from './job';
import { tagsOfBike } from './store';

/**
 * Judges every sitting of a job that still stands, from what is stored, keeps each verdict that differs from the last
 * one given, and notes for the Bench how each end stands. A sitting at a brake nobody has identified is not judged.
 */
export async function judgeAgain(
  shop: Shop,
  transaction: Transaction,
  jobId: string,
): Promise<void> {
  const job = (await loadJob(transaction, jobId))!;
  for (const measured of job.measured) {
    const judgement = measured.superseded ? null : judgeSitting(job, measured);
    if (judgement) await keep(shop, transaction, job, measured, judgement);
  }
  for (const end of ENDS) await noteEnd(transaction, job, end);
  await noteTags(shop, transaction, job);
}

async function keep(
  shop: Shop,
  transaction: Transaction,
  job: Job,
  measured: Measured,
  judgement: Judgement,
): Promise<void> {
  const rule = RULE[measured.part];
  const sheetRevisionId = job.identified[measured.end]!.sheet.id;
  const last = measured.verdict;
  const same =
    last?.rule === rule &&
    last.sheetRevisionId === sheetRevisionId &&
    canonicalJson(last.judgement as unknown as Json) ===
      canonicalJson(judgement as unknown as Json);
  if (same) return;
  await insert(transaction, 'verdict', {
    id: uuid(),
    measurement_id: measured.id,
    word: judgement.ok ? judgement.word : null,
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
  if (judgement.part === 'rotor') {
    const { thinnest, upperBounds, limit } = judgement.rotor;
    return {
      least_mm: thinnest?.thicknessMm ?? null,
      doubt_mm: thinnest?.doubtMm ?? null,
      limit_mm: limit.limitMm,
      upper_bound: upperBounds,
    };
  }
  if (judgement.part !== 'pads') return none;
  const { schools, thinnest } = judgement.pads;
  const total = schools.find(({ school }) => school === 'total');
  return {
    ...none,
    least_mm: total?.leastMm ?? null,
    doubt_mm: thinnest?.doubtMm ?? null,
    limit_mm: total?.limitMm ?? null,
  };
}

/** Hangs what is not to be ridden on the bike, and takes off what this visit lifts. */
async function noteTags(shop: Shop, transaction: Transaction, job: Job): Promise<void> {
  const items = inspectedItems(job);
  const hanging = await tagsOfBike(transaction, job.bike.id);
  for (const { end, subject, found } of toHang(items, hanging))
    await insert(transaction, 'bike_tag', {
      id: uuid(),
      bike_id: job.bike.id,
      job_id: job.id,
      brake_end: end,
      subject,
      found: JSON.stringify(found),
      raised_at: shop.now(),
    });
  const replaced = job.fittings.filter(
    ({ jobId, condition }) => jobId === job.id && condition !== 'found',
  );
  const seen = items.map((item) => ({
    ...item,
    seq: job.lookedOver.find(({ id }) => id === item.lookOverId)?.seq ?? 0,
  }));
  for (const tag of hanging)
    if (liftsTag(tag, { jobId: job.id, items: seen, replaced }))
      await run(transaction, 'UPDATE bike_tag SET lifted_at = ?, lifted_by_job = ? WHERE id = ?', [
        shop.now(),
        job.id,
        tag.id,
      ]);
}

async function noteEnd(transaction: Transaction, job: Job, end: End): Promise<void> {
  const { items } = inspectEnd(job, end);
  const bolts = job.tightened.filter((tightened) => tightened.end === end).at(-1);
  const row = {
    word: worst(items.map(({ word }) => word)),
    do_not_ride: items.some(({ doNotRide }) => doNotRide),
    identified: job.identified[end] !== null,
    rotor: standingSitting(job, end, 'rotor') !== null,
    pads: standingSitting(job, end, 'pads') !== null,
    plan_open: planOpen(visitOf(job), end),
    bolts_open: bolts !== undefined && !nextTurn(bolts.boltCount, countingMarks(bolts)).done,
  };
  const columns = Object.keys(row);
  await run(
    transaction,
    `INSERT INTO job_end (job_id, brake_end, ${columns.join(', ')}) VALUES (?, ?${', ?'.repeat(columns.length)})
       ON DUPLICATE KEY UPDATE ${columns.map((column) => `${column} = VALUES(${column})`).join(', ')}`,
    [job.id, end, ...Object.values(row)],
  );
}

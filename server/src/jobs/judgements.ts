import { judge, RULE, type Judgement } from '@hold-fast/core/wear/judge';
import type { Part } from '@hold-fast/core/procedure/signOff';
import { canonicalJson, type Json } from '@hold-fast/core/seal/canonical';
import { hasEvidence } from '@hold-fast/core/wear/session';
import { v7 as uuid } from 'uuid';
import { insert, run, type Transaction } from '../platform/database';
import type { Shop } from '../platform/shop';
import { sheetRevision } from '../sheets/store';
import { isSuperseded } from './job';
import {
  fittingsOf,
  identificationsOf,
  measurementsOf,
  verdictsOf,
  type MeasurementRow,
} from './store';

/**
 * Judges every sitting of a job that still stands, from what is stored, and keeps each verdict that differs
 * from the last one given. A sitting at a brake nobody has identified is not judged.
 */
export async function judgeAgain(
  shop: Shop,
  transaction: Transaction,
  jobId: string,
): Promise<void> {
  const identifications = await identificationsOf(transaction, jobId);
  const measurements = await measurementsOf(transaction, jobId);
  const fittings = await fittingsOf(transaction, jobId);

  for (const measurement of measurements) {
    if (isSuperseded(measurement, measurements, fittings)) {
      await unpoint(transaction, jobId, measurement, measurements);
      continue;
    }
    if (!hasEvidence(measurement)) continue;
    const identified = identifications.filter(({ end }) => end === measurement.end).at(-1);
    const sheet = identified && (await sheetRevision(transaction, identified.sheetRevisionId));
    if (!sheet) continue;
    const judgement = judge(measurement.part, measurement, {
      sheet: sheet.body,
      stampedLimit: identified.stampedLimit,
    });
    await keep(shop, transaction, jobId, measurement, sheet.id, judgement);
  }
}

async function keep(
  shop: Shop,
  transaction: Transaction,
  jobId: string,
  measurement: MeasurementRow,
  sheetRevisionId: string,
  judgement: Judgement,
): Promise<void> {
  const rule = RULE[measurement.part];
  const last = (await verdictsOf(transaction, jobId)).get(measurement.id);
  const same =
    last?.rule === rule &&
    last.sheetRevisionId === sheetRevisionId &&
    canonicalJson(last.judgement as unknown as Json) ===
      canonicalJson(judgement as unknown as Json);
  const id = same ? last.id : uuid();
  if (!same)
    await insert(transaction, 'verdict', {
      id,
      measurement_id: measurement.id,
      word: judgement.ok ? judgement.word : null,
      judgement: JSON.stringify(judgement),
      sheet_revision_id: sheetRevisionId,
      rule,
      ...measures(judgement),
      at: shop.now(),
    });
  await run(
    transaction,
    `INSERT INTO standing_verdict (job_id, brake_end, part, verdict_id) VALUES (?, ?, ?, ?)
       ON DUPLICATE KEY UPDATE verdict_id = VALUES(verdict_id)`,
    [jobId, measurement.end, measurement.part, id],
  );
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
  const { schools, thinnest } = judgement.pads;
  const total = schools.find(({ school }) => school === 'total');
  return {
    ...none,
    least_mm: total?.leastMm ?? null,
    doubt_mm: thinnest?.doubtMm ?? null,
    limit_mm: total?.limitMm ?? null,
  };
}

/** With a new part in and not measured yet, no verdict stands for it. */
async function unpoint(
  transaction: Transaction,
  jobId: string,
  { end, part }: { end: string; part: Part },
  measurements: readonly MeasurementRow[],
): Promise<void> {
  const ids = measurements.filter((m) => m.end === end && m.part === part).map(({ id }) => id);
  await run(
    transaction,
    `DELETE s FROM standing_verdict s JOIN verdict v ON v.id = s.verdict_id
      WHERE s.job_id = ? AND s.brake_end = ? AND s.part = ? AND v.measurement_id IN (${ids.map(() => '?').join(', ')})`,
    [jobId, end, part, ...ids],
  );
}

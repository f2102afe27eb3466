import type { JobChange } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import { LARGEST_PHOTOS_OF_JOB, type Photo } from '@hold-fast/contract/photos';
import { timeOf } from '@hold-fast/core/job/time';
import { faultOf } from '@hold-fast/core/job/kinds';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { insert, selectOne, type Queryable } from '../platform/database';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { changeJob } from './changeJob';
import { refusalOf } from './refusals';

/** Most points of a picture, so that a small file never unfolds into a huge one. */
const MOST_POINTS = 24_000_000;

/** @throws Refusal `invalid-input` unless the whole of it can be read as a picture. */
async function readWhole(jpeg: Buffer): Promise<void> {
  try {
    await sharp(jpeg, { failOn: 'error', limitInputPixels: MOST_POINTS }).stats();
  } catch {
    throw refuseField('invalid-input', 'jpegBase64', 'not-a-picture');
  }
}

/**
 * Keeps a picture with a job, once however often it arrives.
 * @throws Refusal `not-found`, `job-sealed`, `id-reused`, `invalid-input` of what is no picture, `too-large` where the job's
 * pictures would come to too much.
 */
export async function addPhoto(
  shop: Shop,
  person: Person,
  jobId: string,
  { id, end, area, jpegBase64, at: takenAt, sentAt }: Photo,
): Promise<JobChange> {
  const jpeg = Buffer.from(jpegBase64, 'base64');
  await readWhole(jpeg);
  const sha256 = createHash('sha256').update(jpeg).digest('hex');
  const write = { id, body: { end, area, sha256 }, personId: person.id };
  return changeJob(shop, jobId, write, async ({ transaction, seq, job }) => {
    const now = shop.now().toISOString();
    const at = timeOf(
      takenAt ?? now,
      { phoneSaid: sentAt ?? null, serverSaid: now },
      { checkedInAt: job.checkedIn.at, entryBefore: null },
    );
    const entry = { kind: 'photo' as const, id, at, end, area, sha256 };
    const fault = faultOf(job, entry, null);
    if (fault) throw refusalOf(fault);
    const kept = await selectOne<{ bytes: number }>(
      transaction,
      'SELECT COALESCE(SUM(LENGTH(jpeg)), 0) AS bytes FROM photo WHERE job_id = ?',
      [jobId],
    );
    if (kept!.bytes + jpeg.length > LARGEST_PHOTOS_OF_JOB)
      throw new Refusal('too-large', { facts: { code: 'pictures-of-job' } });
    await insert(transaction, 'photo', {
      id,
      seq,
      job_id: jobId,
      brake_end: end,
      area,
      jpeg,
      sha256,
      at: new Date(at),
      by_person: person.id,
    });
    return { entry, known: null, seq, by: person.name };
  });
}

export async function jpegOf(on: Queryable, id: string): Promise<Buffer | null> {
  return (
    (await selectOne<{ jpeg: Buffer }>(on, 'SELECT jpeg FROM photo WHERE id = ?', [id]))?.jpeg ??
    null
  );
}

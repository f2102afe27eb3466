import type { Person } from '@hold-fast/contract/people';
import type { Photo, TakenPhoto } from '@hold-fast/contract/photos';
import { createHash } from 'node:crypto';
import { inTransaction, insert, select, selectOne, type Asked } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { countWrite, holdJob } from './store';

/** Keeps a picture with a job, once however often it arrives. @throws Refusal `not-found`, `job-sealed`, `id-reused`. */
export async function addPhoto(
  shop: Shop,
  person: Person,
  jobId: string,
  { id, end, area, jpegBase64 }: Photo,
): Promise<void> {
  const jpeg = Buffer.from(jpegBase64, 'base64');
  const sha256 = createHash('sha256').update(jpeg).digest('hex');
  await inTransaction(shop.pool, async (transaction) => {
    const job = await holdJob(transaction, jobId);
    if (!job) throw new Refusal('not-found');
    const at = shop.now();
    const write = { id, body: { jobId, end, area, sha256 }, personId: person.id, at };
    const seq = await takeOnce(transaction, write);
    if (seq === null) return;
    if (job.status === 'sealed') throw new Refusal('job-sealed');
    await insert(transaction, 'photo', {
      id,
      seq,
      job_id: jobId,
      brake_end: end,
      area,
      jpeg,
      sha256,
      at,
      by_person: person.id,
    });
    await countWrite(transaction, jobId);
  });
}

/** The pictures of a job, without the pictures themselves, in the order taken. */
export async function photosOf(on: Asked, jobId: string): Promise<TakenPhoto[]> {
  const rows = await select<Omit<TakenPhoto, 'at'> & { at: Date }>(
    on,
    `SELECT f.id, f.brake_end AS end, f.area, f.sha256, f.at, p.name AS \`by\`
       FROM photo f JOIN person p ON p.id = f.by_person WHERE f.job_id = ? ORDER BY f.seq`,
    [jobId],
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}

export async function jpegOf(on: Asked, id: string): Promise<Buffer | null> {
  return (
    (await selectOne<{ jpeg: Buffer }>(on, 'SELECT jpeg FROM photo WHERE id = ?', [id]))?.jpeg ??
    null
  );
}

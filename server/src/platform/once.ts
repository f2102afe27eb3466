import { createHash } from 'node:crypto';
import { canonicalJson, type Json } from '@hold-fast/core/seal/canonical';
import type { ResultSetHeader } from 'mysql2';
import { errnoOf, ERRNO, selectOne, type Transaction } from './database';
import { Refusal } from './refusal';

/**
 * Takes a write by its client-made id. The first time answers its place in the order of all writes, and it is to be
 * done in the same transaction; a repeat of the same write answers null: it is done already.
 * @param body what was sent, without secrets: its hash is kept
 * @throws Refusal `id-reused` when the id came with something else before.
 */
export async function takeOnce(
  transaction: Transaction,
  write: { id: string; body: unknown; personId: string; at: Date },
): Promise<number | null> {
  const bodyHash = createHash('sha256')
    .update(canonicalJson(write.body as Json))
    .digest();
  try {
    const [taken] = await transaction.execute<ResultSetHeader>(
      'INSERT INTO accepted_write (id, body_hash, person_id, accepted_at) VALUES (?, ?, ?, ?)',
      [write.id, bodyHash, write.personId, write.at],
    );
    return taken.insertId;
  } catch (error) {
    if (errnoOf(error) !== ERRNO.duplicate) throw error;
    const earlier = await selectOne<{ body_hash: Buffer }>(
      transaction,
      'SELECT body_hash FROM accepted_write WHERE id = ?',
      [write.id],
    );
    if (earlier?.body_hash.equals(bodyHash)) return null;
    throw new Refusal('id-reused');
  }
}

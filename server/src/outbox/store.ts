import type { Page } from '@hold-fast/contract/jobs';
import type { Message, SendMessage } from '@hold-fast/contract/outbox';
import { insert, selectOne, type Queryable, type Transaction } from '../platform/database';
import { madeInto, pageOf } from '../platform/page';

/** Whose bike it is, with the number that is written of them; null where there is no such bike. */
export function ownerOf(
  on: Queryable,
  bikeId: string,
): Promise<{ id: string; phone: string | null } | null> {
  return selectOne(
    on,
    'SELECT c.id, c.phone FROM bike b JOIN customer c ON c.id = b.customer_id WHERE b.id = ?',
    [bikeId],
  );
}

export async function keepMessage(
  on: Transaction,
  { id, bikeId, about, words }: SendMessage,
  sent: { seq: number; customerId: string; phone: string; at: Date; personId: string },
): Promise<void> {
  await insert(on, 'message', {
    id,
    seq: sent.seq,
    bike_id: bikeId,
    customer_id: sent.customerId,
    about,
    phone: sent.phone,
    words,
    at: sent.at,
    by_person: sent.personId,
  });
}

const ROWS = `SELECT m.id, m.bike_id AS bikeId, b.name AS bikeName, c.name AS customerName, m.phone, m.about,
  m.words, m.at, p.name AS \`by\` FROM message m JOIN bike b ON b.id = m.bike_id
  JOIN customer c ON c.id = m.customer_id JOIN person p ON p.id = m.by_person`;

/** What was sent, the newest first. */
export async function messagesPage(on: Queryable, after: string | null): Promise<Page<Message>> {
  const keyOf = 'SELECT a.seq FROM message a WHERE a.id = ?';
  const page = await pageOf<Omit<Message, 'at'> & { at: Date }>(
    on,
    { rows: ROWS, key: 'm.seq', keyOf, descending: true },
    after,
  );
  return madeInto(page, ({ at, ...message }) => ({ ...message, at: at.toISOString() }));
}

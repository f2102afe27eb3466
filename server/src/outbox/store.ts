import type { Page } from '@hold-fast/contract/jobs';
import type { Message, SendMessage } from '@hold-fast/contract/outbox';
import { insert, selectOne, type Queryable, type Transaction } from '../platform/database';
import { madeInto, pageOf } from '../platform/page';

/** The number that is written of a bike’s customer; undefined where there is no such bike. */
export async function phoneOf(on: Queryable, bikeId: string): Promise<string | null | undefined> {
  const row = await selectOne<{ phone: string | null }>(
    on,
    'SELECT c.phone FROM bike b JOIN customer c ON c.id = b.customer_id WHERE b.id = ?',
    [bikeId],
  );
  return row?.phone;
}

export async function keepMessage(
  on: Transaction,
  { id, bikeId, about, words }: SendMessage,
  sent: { seq: number; phone: string; at: Date; personId: string },
): Promise<void> {
  await insert(on, 'message', {
    id,
    seq: sent.seq,
    bike_id: bikeId,
    about,
    phone: sent.phone,
    words,
    at: sent.at,
    by_person: sent.personId,
  });
}

const ROWS = `SELECT m.id, m.bike_id AS bikeId, b.name AS bikeName, c.name AS customerName, m.phone, m.about,
  m.words, m.at, p.name AS \`by\` FROM message m JOIN bike b ON b.id = m.bike_id
  JOIN customer c ON c.id = b.customer_id JOIN person p ON p.id = m.by_person`;

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

import type { EraseCustomer } from '@hold-fast/contract/bikes';
import type { Person } from '@hold-fast/contract/people';
import { ERASED } from '@hold-fast/core/job/withheld';
import { checkPin } from '../platform/pin';
import { personById } from '../people/store';
import type { Tries } from '../platform/tries';
import { inTransaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { addErasure, hasOpenJob, holdCustomer, isErased } from './store';

/**
 * Takes away what is written of a customer: name, number, their own words, what was written to them. What is written of their
 * brakes stays, and every seal with it; a do-not-ride hangs on the bike as before.
 * @throws Refusal `wrong-pin`, `not-found`, `invalid-input` of a customer with an open job
 */
export async function eraseCustomer(
  { pool, now }: Shop,
  tries: Tries,
  person: Person,
  customerId: string,
  { id, because, pin }: EraseCustomer,
): Promise<void> {
  await checkPin(tries, await personById(pool, person.id), pin);
  await inTransaction(pool, async (transaction) => {
    const at = now();
    const body = { erases: customerId, because };
    if ((await takeOnce(transaction, { id, body, personId: person.id, at })) === null) return;
    if (!(await holdCustomer(transaction, customerId))) throw new Refusal('not-found');
    if (await isErased(transaction, customerId)) return;
    if (await hasOpenJob(transaction, customerId))
      throw refuseField('invalid-input', 'customer', 'open-job');
    const erasure = { id, customerId, because, at, personId: person.id };
    await addErasure(transaction, erasure, ERASED);
  });
}

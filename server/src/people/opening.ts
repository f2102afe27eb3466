import type { Opening } from '@hold-fast/contract/opening';
import type { Person } from '@hold-fast/contract/people';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { holdShop, inTransaction, insert, selectOne, type Queryable } from '../platform/database';
import { Refusal } from '../platform/refusal';
import { hashSecret } from '../platform/secrets';
import type { Shop } from '../platform/shop';
import { addPerson } from './store';

/** Whether nobody has opened the shop yet. */
export async function isUnopened(on: Queryable): Promise<boolean> {
  return (await selectOne(on, 'SELECT 1 AS one FROM person LIMIT 1')) === null;
}

/**
 * Opens a shop in which nobody is yet: its name, how things are said there, and its owner. Whoever sends it again signs in instead:
 * an id is no proof of who they are.
 * @throws Refusal `not-allowed` where it is open
 */
export async function openFromNothing(shop: Shop, sent: Opening): Promise<Person> {
  const { id, name, timeZone, manner, currency, owner, passphrase, pin } = sent;
  const [passphraseHash, pinHash] = await Promise.all([hashSecret(passphrase), hashSecret(pin)]);
  return inTransaction(shop.pool, async (transaction) => {
    // Two that open it at once: the later one waits here, and finds it open.
    await holdShop(transaction);
    if (!(await isUnopened(transaction))) throw new Refusal('not-allowed');
    const at = shop.now();
    const person = { id, name: owner, role: 'owner', apprentice: false } as const;
    await addPerson(
      transaction,
      { ...person, passphraseHash, pinHash, pinLength: pin.length, choosing: false },
      at,
    );
    await insert(transaction, 'shop_rules', {
      version: 1,
      rules: JSON.stringify({ ...USUAL_RULES, name, timeZone, manner, currency }),
      at,
      by_person: id,
    });
    return person;
  });
}

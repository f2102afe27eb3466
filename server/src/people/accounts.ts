import type {
  NewPerson,
  NewStart,
  OwnSecrets,
  Person,
  PersonEdit,
} from '@hold-fast/contract/people';
import { LOOKS_AFTER } from '@hold-fast/contract/roles';
import { inTransaction, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import { hashSecret, secretMatches } from '../platform/secrets';
import type { Shop } from '../platform/shop';
import {
  addPerson,
  changePerson,
  endSessions,
  holdOwners,
  holdPerson,
  personById,
  personByName,
  type StoredPerson,
} from './store';
import type { Tries } from '../platform/tries';

// Nobody but themselves ever knows the PIN somebody signs by: whoever looks after an account gives a passphrase for one
// sign-in, and the person chooses both anew.

/** Takes somebody on. @throws Refusal `not-allowed` of a role that is not theirs to give, `invalid-input` of a name that is taken */
export async function takeOn(shop: Shop, by: Person, sent: NewPerson): Promise<void> {
  const { passphrase, ...person } = sent;
  if (!LOOKS_AFTER[by.role].includes(person.role)) throw new Refusal('not-allowed');
  const passphraseHash = await hashSecret(passphrase);
  await inTransaction(shop.pool, async (transaction) => {
    const at = shop.now();
    const write = { id: sent.id, body: person, personId: by.id, at };
    if ((await takeOnce(transaction, write)) === null) return;
    await refuseTakenName(transaction, person.name, null);
    await addPerson(
      transaction,
      { ...person, passphraseHash, pinHash: null, pinLength: null, choosing: true },
      at,
    );
  });
}

/** Corrects who somebody is and what they may, or locks them out; a locked one's sessions end. */
export async function correctPerson(
  shop: Shop,
  by: Person,
  id: string,
  edit: PersonEdit,
): Promise<void> {
  await changing(shop, by, id, edit.version, async (transaction, was) => {
    const { version: _, ...next } = edit;
    if (!LOOKS_AFTER[by.role].includes(next.role)) throw new Refusal('not-allowed');
    const moved =
      next.role !== was.role || next.locked !== was.locked || next.apprentice !== was.apprentice;
    // What one may is for another to say.
    if (id === by.id && moved) throw refuseField('invalid-input', 'role', 'own-account');
    if (was.role === 'owner' && (next.role !== 'owner' || next.locked)) {
      const others = (await holdOwners(transaction)).filter((owner) => owner !== id);
      if (others.length === 0) throw refuseField('invalid-input', 'role', 'last-owner');
    }
    await refuseTakenName(transaction, next.name, id);
    if (next.locked) await endSessions(transaction, id);
    return { now: { ...was, ...next }, what: 'corrected' };
  });
}

/** Gives somebody a passphrase for one sign-in; what they were signed in at ends, and what they signed by counts no more. */
export async function giveNewStart(
  shop: Shop,
  by: Person,
  id: string,
  { version, passphrase }: NewStart,
): Promise<void> {
  if (id === by.id) throw refuseField('invalid-input', 'passphrase', 'own-account');
  const passphraseHash = await hashSecret(passphrase);
  await changing(shop, by, id, version, (transaction, was) =>
    begunAnew(transaction, was, passphraseHash),
  );
}

/** The same at the machine the shop runs on, where the only owner forgot theirs: in their own name, for nobody else is there. */
export async function startAnew(
  { pool, now }: Pick<Shop, 'pool' | 'now'>,
  { id }: Person,
  passphrase: string,
): Promise<void> {
  const passphraseHash = await hashSecret(passphrase);
  await inTransaction(pool, async (transaction) => {
    const was = (await holdPerson(transaction, id))!;
    const changed = await begunAnew(transaction, was, passphraseHash);
    await changePerson(transaction, { was, ...changed, at: now(), by: id });
  });
}

async function begunAnew(
  transaction: Transaction,
  was: StoredPerson,
  passphraseHash: string,
): Promise<Changed> {
  await endSessions(transaction, was.id);
  return {
    now: { ...was, passphraseHash, pinHash: null, pinLength: null, choosing: true },
    what: 'new-start',
  };
}

/**
 * Takes the passphrase and PIN somebody chose for themselves; their other sessions end where the passphrase changed.
 * @param session the hash of the cookie they came by
 * @throws Refusal `wrong-sign-in` unless the passphrase is theirs, `invalid-input` where one who begins anew leaves one out
 */
export async function chooseSecrets(
  shop: Shop,
  tries: Tries,
  { person, session }: { person: Person; session: Buffer },
  chosen: OwnSecrets,
): Promise<void> {
  const known = (await personById(shop.pool, person.id))!;
  const right = await tries.attempt(`sign-in ${person.id}`, () =>
    secretMatches(known.passphraseHash, chosen.passphrase),
  );
  if (!right) throw refuseField('wrong-sign-in', 'passphrase', 'wrong-passphrase');
  const { newPassphrase, newPin } = chosen;
  if (known.choosing && newPassphrase === null)
    throw refuseField('invalid-input', 'newPassphrase', 'required');
  if (known.choosing && newPin === null) throw refuseField('invalid-input', 'newPin', 'required');
  if (newPassphrase === chosen.passphrase)
    throw refuseField('invalid-input', 'newPassphrase', 'same-as-before');
  const passphraseHash = newPassphrase && (await hashSecret(newPassphrase));
  const pinHash = newPin && (await hashSecret(newPin));
  await inTransaction(shop.pool, async (transaction) => {
    const was = (await holdPerson(transaction, person.id))!;
    // A new start given meanwhile is not undone by what was chosen under the old one.
    if (was.version !== known.version) throw new Refusal('version-conflict');
    await changePerson(transaction, {
      was,
      now: {
        ...was,
        passphraseHash: passphraseHash ?? was.passphraseHash,
        pinHash: pinHash ?? was.pinHash,
        pinLength: newPin ? newPin.length : was.pinLength,
        choosing: false,
      },
      what: 'chosen',
      at: shop.now(),
      by: person.id,
    });
    if (passphraseHash) await endSessions(transaction, person.id, session);
  });
}

type Changed = Omit<Parameters<typeof changePerson>[1], 'was' | 'at' | 'by'>;

/** Changes somebody this person looks after, as they stand at `version`. */
async function changing(
  shop: Shop,
  by: Person,
  id: string,
  version: number,
  change: (transaction: Transaction, was: StoredPerson) => Promise<Changed>,
): Promise<void> {
  await inTransaction(shop.pool, async (transaction) => {
    const was = await holdPerson(transaction, id);
    if (!was) throw new Refusal('not-found');
    if (!LOOKS_AFTER[by.role].includes(was.role)) throw new Refusal('not-allowed');
    if (was.version !== version) throw new Refusal('version-conflict');
    const { now, what } = await change(transaction, was);
    await changePerson(transaction, { was, now, what, at: shop.now(), by: by.id });
  });
}

async function refuseTakenName(on: Transaction, name: string, by: string | null): Promise<void> {
  const found = await personByName(on, name);
  if (found && found.id !== by) throw refuseField('invalid-input', 'name', 'taken');
}

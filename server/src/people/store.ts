import type { Person, PinTries, Role } from '@hold-fast/contract/people';
import type { Manner } from '@hold-fast/core/rules/manner';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';

export interface StoredPerson extends Person {
  passphraseHash: string;
  pinHash: string;
}

const COLUMNS =
  'id, name, role, apprentice, passphrase_hash AS passphraseHash, pin_hash AS pinHash';

type PersonRow = Omit<StoredPerson, 'apprentice'> & { apprentice: number };
const personOf = (row: PersonRow | null): StoredPerson | null =>
  row && { ...row, apprentice: row.apprentice === 1 };

export async function personByName(on: Queryable, name: string): Promise<StoredPerson | null> {
  return personOf(await selectOne(on, `SELECT ${COLUMNS} FROM person WHERE name = ?`, [name]));
}

export async function personById(on: Queryable, id: string): Promise<StoredPerson | null> {
  return personOf(await selectOne(on, `SELECT ${COLUMNS} FROM person WHERE id = ?`, [id]));
}

export function peopleOfRoles(
  on: Queryable,
  roles: readonly Role[],
): Promise<Pick<Person, 'id' | 'name' | 'role'>[]> {
  return select(
    on,
    `SELECT id, name, role FROM person WHERE role IN (${roles.map(() => '?').join(', ')}) ORDER BY name LIMIT 100`,
    roles,
  );
}

export async function addPerson(on: Queryable, person: StoredPerson, at: Date): Promise<void> {
  await insert(on, 'person', {
    id: person.id,
    name: person.name,
    role: person.role,
    apprentice: person.apprentice,
    passphrase_hash: person.passphraseHash,
    pin_hash: person.pinHash,
    created_at: at,
  });
}

/** A wrong PIN, tried from the session of somebody else. */
export async function addPinTry(
  on: Queryable,
  { at, whose, by }: { at: Date; whose: string; by: string },
): Promise<void> {
  await insert(on, 'pin_try', { at, person_id: whose, by_person: by });
}

/** Wrong tries at this person's PIN from others' sessions that were not seen yet, by who tried, the latest first. */
export async function pinTriesAt(on: Queryable, personId: string): Promise<PinTries[]> {
  const rows = await select<Omit<PinTries, 'at'> & { at: Date }>(
    on,
    `SELECT p.name AS \`by\`, COUNT(*) AS tries, MAX(t.at) AS at
       FROM pin_try t JOIN person p ON p.id = t.by_person
      WHERE t.person_id = ? AND t.seen_at IS NULL GROUP BY p.id, p.name ORDER BY at DESC`,
    [personId],
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}

export async function pinTriesSeen(on: Queryable, personId: string, at: Date): Promise<void> {
  await run(on, 'UPDATE pin_try SET seen_at = ? WHERE person_id = ? AND seen_at IS NULL', [
    at,
    personId,
  ]);
}

/** How a person has things said; null where they go with the shop. */
export async function mannerOf(on: Queryable, personId: string): Promise<Manner | null> {
  const row = await selectOne<{ manner: Manner | null }>(
    on,
    'SELECT manner FROM person WHERE id = ?',
    [personId],
  );
  return row?.manner ?? null;
}

export async function setManner(
  on: Queryable,
  personId: string,
  manner: Manner | null,
): Promise<void> {
  await run(on, 'UPDATE person SET manner = ? WHERE id = ?', [
    manner && JSON.stringify(manner),
    personId,
  ]);
}

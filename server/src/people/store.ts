import type {
  Person,
  PersonChange,
  PersonEdit,
  PersonOfShop,
  PinTries,
  SessionOfShop,
} from '@hold-fast/contract/people';
import { LOOKS_AFTER, type Role } from '@hold-fast/contract/roles';
import type { Manner } from '@hold-fast/core/rules/manner';
import {
  insert,
  placesFor,
  type Queryable,
  run,
  select,
  selectOne,
  type Transaction,
} from '../platform/database';

export interface StoredPerson extends Person {
  passphraseHash: string;
  /** None until they chose one. */
  pinHash: string | null;
  /** How many digits it has; null of one that was chosen before that was kept. */
  pinLength: number | null;
  locked: boolean;
  /** Whether they have yet to choose their own passphrase and PIN. */
  choosing: boolean;
  version: number;
}

const COLUMNS =
  'id, name, role, apprentice, passphrase_hash AS passphraseHash, pin_hash AS pinHash, pin_length AS pinLength, locked, choosing, version';

type Flag = 'apprentice' | 'locked' | 'choosing';
type PersonRow = Omit<StoredPerson, Flag> & Record<Flag, number>;
const personOf = (row: PersonRow): StoredPerson => ({
  ...row,
  apprentice: row.apprentice === 1,
  locked: row.locked === 1,
  choosing: row.choosing === 1,
});

async function personWhere(
  on: Queryable,
  where: string,
  value: string,
): Promise<StoredPerson | null> {
  const row = await selectOne<PersonRow>(on, `SELECT ${COLUMNS} FROM person WHERE ${where}`, [
    value,
  ]);
  return row && personOf(row);
}

export const personByName = (on: Queryable, name: string) => personWhere(on, 'name = ?', name);

export const personById = (on: Queryable, id: string) => personWhere(on, 'id = ?', id);

/** Holds somebody until the transaction ends. */
export const holdPerson = (on: Transaction, id: string) => personWhere(on, 'id = ? FOR UPDATE', id);

/** Owners who can sign in, held until the transaction ends: two of them do not lock each other out. */
export async function holdOwners(on: Transaction): Promise<string[]> {
  const rows = await select<{ id: string }>(
    on,
    "SELECT id FROM person WHERE role = 'owner' AND NOT locked ORDER BY id FOR UPDATE",
  );
  return rows.map(({ id }) => id);
}

export function peopleOfRoles(
  on: Queryable,
  roles: readonly Role[],
): Promise<Pick<Person, 'id' | 'name' | 'role'>[]> {
  return select(
    on,
    `SELECT id, name, role FROM person WHERE role IN ${placesFor(roles)} AND NOT locked ORDER BY name LIMIT 100`,
    roles,
  );
}

export async function addPerson(
  on: Queryable,
  person: Omit<StoredPerson, 'locked' | 'version'>,
  at: Date,
): Promise<void> {
  await insert(on, 'person', {
    id: person.id,
    name: person.name,
    role: person.role,
    apprentice: person.apprentice,
    passphrase_hash: person.passphraseHash,
    pin_hash: person.pinHash,
    pin_length: person.pinLength,
    choosing: person.choosing,
    created_at: at,
  });
}

interface Change {
  was: StoredPerson;
  now: StoredPerson;
  what: PersonChange['what'];
  at: Date;
  by: string;
}

/** Writes somebody's account down as it is now, and who changed it. */
export async function changePerson(on: Transaction, { was, now, what, at, by }: Change) {
  await run(
    on,
    `UPDATE person SET name = ?, role = ?, apprentice = ?, locked = ?, choosing = ?, passphrase_hash = ?, pin_hash = ?, pin_length = ?, version = ?
      WHERE id = ?`,
    [
      now.name,
      now.role,
      now.apprentice,
      now.locked,
      now.choosing,
      now.passphraseHash,
      now.pinHash,
      now.pinLength,
      was.version + 1,
      was.id,
    ],
  );
  const { name, role, apprentice, locked } = was;
  const before: Omit<PersonEdit, 'version'> = { name, role, apprentice, locked };
  await insert(on, 'person_change', {
    person_id: was.id,
    version: was.version + 1,
    at,
    by_person: by,
    what,
    was: what === 'corrected' ? JSON.stringify(before) : null,
  });
}

/** Ends every session of somebody but one, if there is one to keep. */
export async function endSessions(on: Queryable, personId: string, keep: Buffer | null = null) {
  await run(on, 'DELETE FROM session WHERE person_id = ? AND token_hash <> ?', [
    personId,
    keep ?? Buffer.alloc(0),
  ]);
}

export async function endSession(on: Queryable, personId: string, session: Buffer) {
  await run(on, 'DELETE FROM session WHERE person_id = ? AND token_hash = ?', [personId, session]);
}

/** Changes that are told of each person, the newest first. */
const TOLD = 20;

/** Whom a role looks after, by name, those who are locked last. */
export async function peopleLookedAfter(
  on: Queryable,
  role: Role,
  now: Date,
): Promise<PersonOfShop[]> {
  const roles = LOOKS_AFTER[role];
  const people = await select<PersonRow>(
    on,
    `SELECT ${COLUMNS} FROM person WHERE role IN ${placesFor(roles)} ORDER BY locked, name LIMIT 200`,
    roles,
  );
  return Promise.all(
    people
      .map(personOf)
      .map(async ({ passphraseHash: _, pinHash: __, pinLength: ___, ...person }) => ({
        ...person,
        sessions: await sessionsOf(on, person.id, now),
        changes: await changesOf(on, person.id),
      })),
  );
}

async function sessionsOf(on: Queryable, personId: string, now: Date): Promise<SessionOfShop[]> {
  const rows = await select<Omit<SessionOfShop, 'since'> & { since: Date }>(
    on,
    `SELECT LOWER(HEX(token_hash)) AS id, created_at AS since, device, address FROM session
      WHERE person_id = ? AND expires_at > ? ORDER BY created_at DESC LIMIT 50`,
    [personId, now],
  );
  return rows.map((row) => ({ ...row, since: row.since.toISOString() }));
}

async function changesOf(on: Queryable, personId: string): Promise<PersonChange[]> {
  const rows = await select<Omit<PersonChange, 'at'> & { at: Date }>(
    on,
    `SELECT c.at, p.name AS \`by\`, c.what, c.was FROM person_change c JOIN person p ON p.id = c.by_person
      WHERE c.person_id = ? ORDER BY c.version DESC LIMIT ${TOLD}`,
    [personId],
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
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

import type { Person, Role } from '@hold-fast/contract/people';
import { insert, select, selectOne, type Asked } from '../platform/database';

export interface StoredPerson extends Person {
  passphraseHash: string;
  pinHash: string;
}

const COLUMNS = 'id, name, role, passphrase_hash AS passphraseHash, pin_hash AS pinHash';

export function personByName(on: Asked, name: string): Promise<StoredPerson | null> {
  return selectOne(on, `SELECT ${COLUMNS} FROM person WHERE name = ?`, [name]);
}

export function personById(on: Asked, id: string): Promise<StoredPerson | null> {
  return selectOne(on, `SELECT ${COLUMNS} FROM person WHERE id = ?`, [id]);
}

export function peopleOfRoles(on: Asked, roles: readonly Role[]): Promise<Person[]> {
  return select(
    on,
    `SELECT id, name, role FROM person WHERE role IN (${roles.map(() => '?').join(', ')}) ORDER BY name LIMIT 100`,
    roles,
  );
}

export async function addPerson(on: Asked, person: StoredPerson, at: Date): Promise<void> {
  await insert(on, 'person', {
    id: person.id,
    name: person.name,
    role: person.role,
    passphrase_hash: person.passphraseHash,
    pin_hash: person.pinHash,
    created_at: at,
  });
}

import { refuseField } from './refusal';
import { secretMatches } from './secrets';
import type { Tries } from './tries';

/** @throws Refusal `wrong-pin` unless the PIN is this person's and they are not locked, `too-many-tries` where it has to wait. */
export async function checkPin(
  tries: Tries,
  person: { id: string; locked: boolean; pinHash: string | null } | null,
  pin: string,
): Promise<void> {
  const right = await tries.attempt(`pin ${person?.id ?? 'nobody'}`, () =>
    secretMatches(person && !person.locked ? person.pinHash : null, pin),
  );
  if (!right) throw refuseField('wrong-pin', 'pin', 'wrong-pin');
}

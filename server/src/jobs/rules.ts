import { BENCH, ROLES, type Role } from '@hold-fast/contract/roles';
import { SENT, type SentKind } from '@hold-fast/core/job/kinds';
import { Refusal } from '../platform/refusal';

/** Who may make an entry of this kind. */
export const rolesOf = (kind: SentKind): readonly Role[] =>
  SENT[kind].whose === 'anybody' ? ROLES : BENCH;

/** @throws Refusal `not-allowed` unless entries of this kind are this person's. */
export function entryAllowed({ role }: { role: Role }, kind: SentKind): void {
  if (!rolesOf(kind).includes(role)) throw new Refusal('not-allowed');
}

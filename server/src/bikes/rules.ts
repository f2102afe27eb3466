import { LEADS, type Person } from '@hold-fast/contract/people';

/** Customers' phone numbers are for the counter's lead and the owner; the bench does not need them. */
export function seesPhoneNumbers(person: Person): boolean {
  return LEADS.includes(person.role);
}

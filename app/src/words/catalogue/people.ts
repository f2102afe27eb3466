import type { PERSON_CHANGES, DEVICES } from '@hold-fast/contract/people';
import type { Role } from '@hold-fast/contract/roles';

export interface PeopleWords {
  title: string;
  ofTheShop: string;
  none: string;
  add: string;
  addTitle: string;
  locked: string;
  apprentice: string;
  choosing: string;
  /** How many devices somebody is signed in at. */
  signedIn: (count: number) => string;
  noSuchPerson: string;
  save: string;
  back: string;
  name: string;
  role: string;
  roles: Record<Role, string>;
  sayWhichRole: string;
  /** Of the two answers that follow. */
  whoLooks: string;
  nobodyLooks: string;
  apprenticeSays: string;
  sayWhoLooks: string;
  lock: string;
  firstPassphrase: string;
  firstPassphraseHint: string;
  yourOwn: string;
  newStart: string;
  newStartSays: string;
  giveNewStart: string;
  given: (name: string) => string;
  sessions: string;
  noSession: string;
  device: Record<(typeof DEVICES)[number], string>;
  session: (device: string, address: string, since: string) => string;
  end: string;
  changes: string;
  change: Record<(typeof PERSON_CHANGES)[number], string>;
  was: (name: string, role: string, apprentice: boolean, locked: boolean) => string;
  changedBy: (at: string, by: string) => string;
  own: {
    title: string;
    welcome: (name: string) => string;
    begin: string;
    open: string;
    passphrase: string;
    given: string;
    newPassphrase: string;
    newPassphraseHint: string;
    newPin: string;
    newPinHint: string;
    asItIs: string;
    keep: string;
    kept: string;
    signOut: string;
  };
}

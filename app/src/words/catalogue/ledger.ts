import type { Outcome } from '@hold-fast/core/evidence/outcome';
import type { TestEntry } from '@hold-fast/core/job/finalTest';

export interface LedgerWords {
  ledger: {
    notRepaired: string;
    nothingIsSealedYet: string;
    aJobStandsHereOnce: string;
    checkingTheChainOfSeals: (checked: number, links: number) => string;
    theChainOfSealsIs: (links: number) => string;
    theChainIsBrokenAt: (number: number) => string;
    itDoesNotPointAt: string;
    itsTextNoLongerGives: string;
  };
  recordSheet: {
    record: (customerName: string, number: number) => string;
    job: string;
    theTextGivesItsSeal: string;
    theTextDoesNotGive: string;
    signedBy: (sealedBy: string, sealedAt: string) => string;
    sealSha256OfThe: string;
    sealBeforeIt: string;
    noneTheFirstRecord: string;
    text: string;
    showTheText: string;
    amends: (number: number) => string;
    amendedBy: (number: number, by: string, at: string) => string;
    openIt: string;
    amendment: string;
    takesBack: (end: string, subject: string) => string;
  };
  more: string;
  find: {
    find: string;
    narrow: string;
    verdict: string;
    from: string;
    to: string;
    none: string;
    noneSays: string;
    notADay: string;
  };
  laidOut: {
    asked: string;
    leftUnrepaired: (words: string, takenBy: string) => string;
    found: string;
    nothing: string;
    doNotRide: string;
    takenBack: string;
    notInspected: (end: string, what: string) => string;
    read: string;
    overtaken: string;
    readWith: (gauge: string, by: string) => string;
    readAt: (place: string, mm: string) => string;
    torque: string;
    set: (set: string, window: string, wrench: string, by: string) => string;
    fluid: string;
    filled: (ml: string, label: string, lot: string, by: string) => string;
    parts: string;
    done: string;
    stepped: Record<'done' | 'skipped' | 'taken-back', string>;
    test: Record<TestEntry['test'], string>;
    outcome: Record<Outcome, string>;
    decided: string;
  };
}

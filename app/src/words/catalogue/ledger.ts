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
  };
}

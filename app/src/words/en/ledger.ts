import type { LedgerWords } from '../catalogue/ledger';

export const ledger: LedgerWords = {
  ledger: {
    notRepaired: 'not repaired',
    nothingIsSealedYet: 'Nothing is sealed yet',
    aJobStandsHereOnce:
      'A job stands here once it was signed off, and nothing in it changes after.',
    checkingTheChainOfSeals: (checked, links) =>
      `Checking the chain of seals: ${checked} of ${links}, whole so far.`,
    theChainOfSealsIs: (links) => `The chain of ${links} seals is whole.`,
    theChainIsBrokenAt: (number) => `The chain is broken at record ${number}`,
    itDoesNotPointAt: 'It does not point at the seal before it: a record is missing.',
    itsTextNoLongerGives: 'Its text no longer gives its seal: it was changed.',
  },
  recordSheet: {
    record: (customerName, number) => `${customerName} · record ${number}`,
    job: 'Job',
    theTextGivesItsSeal: 'The text gives its seal',
    theTextDoesNotGive: 'The text does not give its seal',
    signedBy: (sealedBy, sealedAt) => `Signed by ${sealedBy}, ${sealedAt}.`,
    sealSha256OfThe: 'Seal, SHA-256 of the text below (RFC 8785)',
    sealBeforeIt: 'Seal before it',
    noneTheFirstRecord: 'none: the first record',
    text: 'Text',
  },
};

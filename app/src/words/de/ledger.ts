import type { LedgerWords } from '../catalogue/ledger';

export const ledger: LedgerWords = {
  ledger: {
    notRepaired: 'nicht repariert',
    nothingIsSealedYet: 'Noch nichts versiegelt',
    aJobStandsHereOnce:
      'Ein Auftrag steht hier, sobald er unterschrieben ist, und danach ändert sich nichts mehr darin.',
    checkingTheChainOfSeals: (checked, links) =>
      `Die Kette der Siegel wird geprüft: ${checked} von ${links}, bisher unversehrt.`,
    theChainOfSealsIs: (links) => `Die Kette aus ${links} Siegeln ist unversehrt.`,
    theChainIsBrokenAt: (number) => `Die Kette ist bei Aufzeichnung ${number} gebrochen`,
    itDoesNotPointAt: 'Sie verweist nicht auf das Siegel davor: Eine Aufzeichnung fehlt.',
    itsTextNoLongerGives: 'Ihr Text ergibt ihr Siegel nicht mehr: Er wurde geändert.',
  },
  recordSheet: {
    record: (customerName, number) => `${customerName} · Aufzeichnung ${number}`,
    job: 'Auftrag',
    theTextGivesItsSeal: 'Der Text ergibt sein Siegel',
    theTextDoesNotGive: 'Der Text ergibt das Siegel nicht',
    signedBy: (sealedBy, sealedAt) => `Unterschrieben von ${sealedBy}, ${sealedAt}.`,
    sealSha256OfThe: 'Siegel, SHA-256 des Textes unten (RFC 8785)',
    sealBeforeIt: 'Siegel davor',
    noneTheFirstRecord: 'keines: die erste Aufzeichnung',
    text: 'Text',
  },
};

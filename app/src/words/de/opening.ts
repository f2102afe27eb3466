import type { OpeningWords } from '../catalogue/opening';

export const opening: OpeningWords = {
  over: 'Noch ist niemand hier',
  title: 'Eröffne deine Werkstatt',
  begins:
    'Sie beginnt mit allgemeinen Blättern für zwölf Arten von Bremsen und sonst nichts. Messgeräte, Schlüssel, Flüssigkeit und Blätter der Hersteller kommen im Lager dazu; Leute auf deiner eigenen Seite.',
  theShop: 'Die Werkstatt',
  name: 'Wie sie heißt',
  timeZone: 'Zeitzone, etwa Europe/Lisbon',
  you: 'Du, Inhaber',
  owner: 'Dein Name',
  passphrase: 'Deine Passphrase',
  passphraseHint: 'Zehn Zeichen oder mehr: am besten ein paar Wörter.',
  pin: 'Deine PIN',
  pinHint: 'Vier bis acht Ziffern. Sie unterschreibt deine Arbeit.',
  open: 'Die Werkstatt eröffnen',
};

import type { TabletWords } from '../catalogue/tablet';

export const tablet: TabletWords = {
  who: 'Wer ist hier?',
  byPassphrase: 'Mit Passphrase anmelden',
  waits: (name) => `Woran ${name} war, wartet. Wer sonst hereinkommt, beginnt an der Werkbank.`,
  pinOf: 'PIN von',
  digits: (count) => (count === 1 ? 'Eine Ziffer' : `${count} Ziffern`),
  in: 'Herein',
  somebodyElse: 'Jemand anderes',
  tablets: 'Tablets der Werkbank',
  whatItIs:
    'Ein Gerät, das sich alle an der Werkbank teilen. Herein kommt man mit Name und PIN, was man einträgt, ist das eigene, und es sperrt sich, wenn es fünf Minuten niemand berührt hat.',
  thisIs: (name) => `Dieses Gerät ist das Tablet „${name}“.`,
  makeThis: 'Dieses Gerät dazu machen',
  name: 'Wie das Tablet heißt',
  nameHint: 'Etwa „Linke Bank“.',
  madeBy: (at, by) => `seit ${at}, eingerichtet von ${by}`,
  endedBy: (at, by) => `beendet ${at} von ${by}`,
  end: 'Beenden',
};

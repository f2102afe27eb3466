import type { PassportWords } from '../catalogue/passport';
import { capital } from '../capital';

export const passport: PassportWords = {
  title: 'Pass',
  back: 'Das Rad',
  how: 'Was eine andere Werkstatt von diesem Rad versiegelt hat, wie ihre Datei es sagt. Es wird hier aufbewahrt und gezeigt; ein Fahrverbot von dort hängt auch hier am Rad, und eine Mitteilung des Herstellers zu einer Charge, die dort verbaut wurde, betrifft es.',
  choose: 'Eine Passdatei wählen',
  noPassport: 'Das ist kein Pass eines Rades. Nichts wurde gelesen.',
  noSerial: 'Eines von beiden hat keine Seriennummer: selbst nachsehen, ob es dieses Rad ist.',
  unaltered: 'Seit er geschrieben wurde, ist nichts verändert',
  provesNothing:
    'Mehr sagen seine Siegel nicht. Wer ihn schrieb, sagen sie nicht: nichts darin besteht hier etwas. Selbst messen und nachsehen.',
  take: 'Aufnehmen',
  taken: (at, by) => `Aufgenommen ${at} von ${by}`,
  doNotRide: (thing) => `Nicht fahren: ${thing}`,
  againstAdvice: (thing, said) => `${capital(thing)}, gegen den Rat gefahren: „${said}“`,
  noVisits: 'Er bringt keinen Besuch mit.',
  visit: (day, tag) => `Besuch ${tag}, unterschrieben ${day}`,
  out: 'Zum Mitnehmen',
  write: 'Der Pass dieses Rades als Datei',
};

import type { DueWords } from '../catalogue/due';

export const due: DueWords = {
  title: 'Fällig',
  says: 'Was jeder unterschriebene Auftrag zum Wiedersehen ließ: nach Zeit, oder früher, wo der Verschleiß vorher an die Grenze kommt.',
  late: 'Schon fällig',
  week: (monday) => `Woche vom ${monday}`,
  of: {
    pads: 'Beläge',
    rotor: 'Scheibe',
    bleed: 'Entlüften',
    cable: 'neuer Zug',
    bolts: 'Schrauben nach neuer Arbeit',
  },
  because: {
    time: (days) => `Nach Zeit: ${days} Tage nach dem letzten Mal`,
    winter: () => 'Nach dem Winter: Es wird bei Nässe gefahren',
    worn: () => 'Es war beim letzten Besuch zu ersetzen und blieb am Rad',
    forecast: () => 'Nach Verschleiß: Das frühe Ende der Vorhersage kommt zuerst',
    distance: () => 'Nach Verschleiß und Weg je Woche: Das frühe Ende kommt zuerst',
  },
  on: (day) => `fällig ${day}`,
  calibrate: (instruments) =>
    instruments === 1
      ? 'Ein Messmittel zu kalibrieren'
      : `${instruments} Messmittel zu kalibrieren`,
  calibration: {
    never: (name) => `${name}: nie kalibriert`,
    date: (name, day) => `${name}: gültig bis ${day}`,
    clicks: (name) => `${name}: über seine Auslösungen`,
  },
  putOff: (words, by, day) => `Verschoben auf ${day}: „${words}“ ${by}`,
  later: 'Später',
  why: 'Warum es warten kann',
  days: (days) => `${days} Tage`,
  putItOff: 'Verschieben',
  leaveIt: 'So lassen',
  remind: 'Erinnern',
  reminder: (customer, bike, what, end, day) =>
    `${customer}, an der Bremse ${end} von „${bike}“ steht bis ${day} an: ${what}. Ruf uns wegen eines Termins an.`,
  reminded: (day) => `Erinnert ${day}`,
  message: 'Die Nachricht',
  send: 'Senden',
  outbox: 'Gesendet',
  outboxSays:
    'Was Kunden geschrieben wurde. Nichts verlässt diese Maschine: Ein Kasten steht für das Telefon.',
  nothingSent: 'Noch nichts gesendet',
  about: { due: 'fällig', trace: 'aus einer Verfolgung', ready: 'fertig' },
  sentBy: (name, day) => `${name}, ${day}`,
  none: 'Nichts ist fällig',
  noneSays: 'Sobald ein Auftrag unterschrieben ist, steht hier, was wieder anzusehen ist.',
  calendar: 'Kalender',
  calendarFile: 'Kalenderdatei',
  feed: 'Eine Adresse für einen Kalender',
  feedSays:
    'Ein Kalender, der die Adresse hat, zeigt, was ansteht, mit Rädern und Kunden beim Namen, und fragt von selbst wieder. Sie lässt sich zurückziehen.',
  fileSays: (count) =>
    `Die Datei enthält die ${count}, die aufgelistet sind, wie sie jetzt stehen.`,
  event: (bike, end, what) => `${bike}: ${what}, ${end}`,
  atBike: 'Fällig',
  records: 'Einträge',
};

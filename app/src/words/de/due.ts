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
    forecast: () => 'Nach Verschleiß: Das frühe Ende der Vorhersage kommt zuerst',
    distance: () => 'Nach Verschleiß und Weg je Woche: Das frühe Ende kommt zuerst',
  },
  on: (day) => `fällig ${day}`,
  putOff: (words, by, day) => `Verschoben auf ${day}: „${words}“ ${by}`,
  later: 'Später',
  laterOf: (bike, what) => `Später: ${bike}, ${what}`,
  why: 'Warum es warten kann',
  days: (days) => `${days} Tage`,
  putItOff: 'Verschieben',
  leaveIt: 'So lassen',
  none: 'Nichts ist fällig',
  noneSays: 'Sobald ein Auftrag unterschrieben ist, steht hier, was wieder anzusehen ist.',
  calendar: 'Kalenderdatei',
  event: (bike, end, what) => `${bike}: ${what}, ${end}`,
  atBike: 'Fällig',
  records: 'Einträge',
};

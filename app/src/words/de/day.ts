import type { DayWords } from '../catalogue/day';

const times = (count: number) => (count === 1 ? 'einmal' : `${count}-mal`);

export const day: DayWords = {
  title: 'Die Werkbank des Tages',
  dayBefore: 'Der Tag davor',
  dayAfter: 'Der Tag danach',
  today: 'Heute',
  closed: 'An diesem Tag ist die Werkstatt zu.',
  nothing: 'Nichts eingeteilt.',
  unplaced: 'Ohne Platz',
  nothingUnplaced: 'Jeder offene Auftrag hat seinen Platz.',
  andMore: (count) => `Und ${count} weitere, später versprochen.`,
  fromTo: (from, to) => `${from} bis ${to}`,
  kit: (family) => `Set für ${family}`,
  setsUp: (kits) => `Vorher einrichten: ${kits}`,
  latePromise: (promised) => `Zu spät: versprochen für ${promised}`,
  lateClosing: 'Nicht fertig, bevor die Werkstatt schließt',
  promised: (when) => `versprochen ${when}`,
  noMinutes: 'Minuten nicht genannt',
  minutes: (minutes) => `${minutes} min`,
  load: (worked, open) => `${worked} von ${open}`,
  earlier: 'Früher',
  later: 'Später',
  withWhom: 'Bei wem',
  nextDay: 'Am Tag danach',
  takeOff: 'Vom Tag nehmen',
  openJob: 'Auftrag öffnen',
  place: 'Einteilen bei',
  grip: (bike) => `${bike} verschieben`,
  suggests: ({ before, after }, saved) =>
    `Eine andere Reihenfolge richtet Sets ${times(after)} ein, diese ${times(before)}: ${saved} min gespart.`,
  suggestsLess: ({ before, after }) =>
    after === 0
      ? `Darin wartet niemand; in dieser warten sie ${before} min über das Versprochene hinaus.`
      : `Darin warten sie ${after} min über das Versprochene hinaus; in dieser ${before} min.`,
  suggestsOnly: 'Eine andere Reihenfolge geht nach dem Versprochenen.',
  takeOrder: 'So einteilen',
  stands: (kits) =>
    kits === 0
      ? 'So wie wir es einteilen würden.'
      : `So wie wir es einteilen würden: Sets ${times(kits)} eingerichtet.`,
  forTheDay: 'Der Tag braucht',
  nothingWanted: 'Nichts Geplantes braucht Teile oder Flüssigkeit.',
  pieces: (part, count) => `${count} × ${part}`,
  fluid: (name, wanted, there) => `${name}: etwa ${wanted} mL, ${there} mL im Regal`,
  short: 'Fehlt für den Tag',
  shortOf: (part, wanted, there) => `${part}: ${wanted} gebraucht, ${there} da`,
  drag: {
    how: 'Leertaste hebt an, Pfeile verschieben, Leertaste setzt ab, Escape lässt es, wo es war.',
    lifted: (what) => `${what} ist angehoben.`,
    over: (what) => `Über ${what}.`,
    dropped: (what) => `Abgesetzt bei ${what}.`,
    cancelled: 'Gelassen, wo es war.',
  },
};

import type { TraceWords } from '../catalogue/trace';
import { format } from '../format';

export const trace: TraceWords = {
  title: 'Spur',
  says: 'Eine schlechte Charge, ein Schlüssel außer Kalibrierung, fehlerhafte Teile: jedes Rad, das sie erreichten, um alle anzurufen.',
  by: 'Woher es kam',
  of: {
    lot: 'Charge der Flüssigkeit',
    container: 'Behälter',
    wrench: 'Schlüssel',
    gauge: 'Messmittel',
    batch: 'Charge der Teile',
    mechanic: 'Mechaniker',
    sheet: 'Datenblatt',
  },
  name: {
    lot: 'Charge, wie gedruckt',
    container: 'Sein Etikett',
    wrench: 'Sein Name',
    gauge: 'Sein Name',
    batch: 'Charge, wie gedruckt',
    mechanic: 'Der Name',
    sheet: 'Sein Titel',
  },
  find: 'Verfolgen',
  none: 'Es erreichte niemanden',
  noneSays:
    'Nichts dieses Namens wurde in diesen Tagen benutzt. Achte auf die Schreibweise: Gesucht wird das Ganze.',
  reached: (count, more) =>
    `${count}${more ? ' und mehr' : ''} ${format.plural(count, 'Besuch', 'Besuche')}`,
  ml: (ml) => `${ml} mL`,
  brought: 'anderswo eingebaut, laut seinem Pass',
  csv: 'Als CSV sichern',
  writeAll: (count) => format.plural(count, 'Ihnen schreiben', `Diesen ${count} schreiben`),
  writeSays: 'Dieselben Worte an jeden. Wo keine Nummer steht: anrufen oder hingehen.',
  draft: (what) =>
    `Bitte fahr dein Rad nicht, bis wir die Bremsen angesehen haben: ${what}. Ruf uns heute an.`,
  sentTo: (count, of) => `An ${count} von ${of} gesendet`,
  notSent: (names) => `Nicht gesendet, keine Nummer: ${names}.`,
  changed: (what, was, now) => `${what}: damals ${was}, nach dem Blatt von heute ${now}`,
  columns: {
    tag: 'Zettel',
    day: 'Tag',
    customer: 'Kunde',
    phone: 'Telefon',
    bike: 'Rad',
    what: 'Was',
  },
};

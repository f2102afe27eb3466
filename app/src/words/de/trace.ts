import type { TraceWords } from '../catalogue/trace';

export const trace: TraceWords = {
  title: 'Spur',
  says: 'Eine schlechte Charge, ein Schlüssel außer Kalibrierung, ein fehlerhaftes Los: jedes Rad, das es erreichte, um alle anzurufen.',
  by: 'Woher es kam',
  of: {
    lot: 'Charge',
    container: 'Behälter',
    wrench: 'Schlüssel',
    gauge: 'Messmittel',
    batch: 'Teile-Los',
    mechanic: 'Mechaniker',
  },
  name: {
    lot: 'Charge, wie gedruckt',
    container: 'Sein Etikett',
    wrench: 'Sein Name',
    gauge: 'Sein Name',
    batch: 'Los, wie gedruckt',
    mechanic: 'Der Name',
  },
  find: 'Verfolgen',
  none: 'Es erreichte niemanden',
  noneSays:
    'Nichts dieses Namens wurde in diesen Tagen benutzt. Achte auf die Schreibweise: Gesucht wird das Ganze.',
  reached: (count, more) => `${count}${more ? ' und mehr' : ''} Besuche`,
  ml: (ml) => `${ml} mL`,
  csv: 'Als CSV sichern',
  columns: {
    tag: 'Anhänger',
    day: 'Tag',
    customer: 'Kunde',
    phone: 'Telefon',
    bike: 'Rad',
    what: 'Was',
  },
};

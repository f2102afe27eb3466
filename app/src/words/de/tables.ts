import type { TableWords } from '../catalogue/tables';
import { format } from '../format';

const rows = (count: number) => (count === 1 ? '1 Zeile' : `${format.count(count)} Zeilen`);

export const tables: TableWords = {
  title: 'Tabellen, herein und hinaus',
  back: 'Räder',
  how: (columns) =>
    `Eine CSV-Datei mit den Namen ihrer Spalten in der ersten Zeile: ${columns}. Nur „customer“ muss da sein. Wo niemand etwas anderes sagt, hat ein Rad einen Motor und fährt im Nassen: Es wird mehr verlangt, nicht weniger. Was die Werkstatt schon kennt, bleibt, wie es ist.`,
  howStock: (columns) =>
    `Eine Tabelle mit einer Spalte „part“ ist die des Regals: ${columns}. Eine Teileart, die schon da ist, behält ihre Zahl.`,
  howNotices: (columns) =>
    `Eine Tabelle mit einer Spalte „title“ ist von Mitteilungen der Hersteller: ${columns}. Wo niemand anderes sagt, wird ein Rad, das eine trifft, nicht gefahren, bis jemand nachgesehen hat.`,
  howReadings: (columns) =>
    `Eine Tabelle mit einer Spalte „mm“ ist von Messwerten, anderswo genommen oder ehe diese Werkstatt sie hier aufschrieb: ${columns}. Sie stehen bei ihrem Rad. Sie beweisen nichts, und nichts wird aus ihnen vorausgesagt.`,
  fromTable: (name) => `Aus der Tabelle ${name}`,
  choose: 'CSV-Datei wählen',
  notUtf8: (encoding) =>
    `Sie ist nicht in UTF-8 geschrieben und wurde als ${encoding} gelesen: Sieh dir die Buchstaben eines Namens an.`,
  looking: 'Wird durchgesehen',
  unknown: (columns) => `Spalten, die hier niemand kennt, bleiben draußen: ${columns}.`,
  count: {
    add: (count) => `${rows(count)} aufzunehmen`,
    there: (count) => `${rows(count)} schon da`,
    refused: (count) => `${rows(count)}, die nicht aufgenommen werden können`,
    faulty: (count) => `${rows(count)} mit einem Fehler`,
  },
  cell: (line, column) => `Zeile ${line}, ${column}`,
  line: (line) => `Zeile ${line}`,
  andMore: (faults) => `Und ${format.count(faults)} weitere.`,
  all: 'Alle Zeilen oder keine',
  goodOnly: 'Nur die guten Zeilen',
  either: 'Was davon',
  noneOfIt:
    'Einige Zeilen haben einen Fehler, also wird nichts aufgenommen. Berichtige sie in der Datei oder nimm nur die guten.',
  take: (count) => `${rows(count)} aufnehmen`,
  taking: 'Wird aufgenommen',
  stopped: (count) =>
    `Nach ${rows(count)} war Schluss. Was aufgenommen ist, bleibt, und beim Weitermachen wird nichts doppelt.`,
  goOn: 'Weitermachen',
  done: (added) => `${rows(added)} aufgenommen.`,
  out: 'Tabellen zum Mitnehmen',
  outBikes: 'Kunden und Räder',
  outReadings: 'Messwerte',
  outStock: 'Lager',
};

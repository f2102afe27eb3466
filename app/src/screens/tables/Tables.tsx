import { BIKE_COLUMNS } from '@hold-fast/contract/bikeRows';
import { BIKES } from '@hold-fast/contract/bikeTable';
import { NOTICE_COLUMNS, NOTICES } from '@hold-fast/contract/noticeTable';
import { READING_COLUMNS, READINGS } from '@hold-fast/contract/readingTable';
import { STOCK_COLUMNS } from '@hold-fast/contract/stockRows';
import { STOCK } from '@hold-fast/contract/stockTable';
import {
  columnsIn,
  LINES_READ,
  readCells,
  type Cells,
  type TableOf,
} from '@hold-fast/contract/table';
import { router } from 'expo-router';
import { useState, type ComponentProps } from 'react';
import { Button, Buttons } from '../../ui/Button';
import { Page, Section } from '../../ui/Page';
import { useFileChoice } from '../../ui/useFileChoice';
import { Words } from '../../ui/Words';
import { tableWords } from '../../words/tables';
import { textOf, type ReadText } from './readText';
import { TakingIn } from './TakingIn';

const OUT = [
  { name: 'bikes', says: tableWords.outBikes },
  { name: 'readings', says: tableWords.outReadings },
  { name: 'stock', says: tableWords.outStock },
];

interface Chosen {
  name: string;
  encoding: ReadText['encoding'];
  cells: Cells;
  /** Which choice it is: each begins anew. */
  nth: number;
}

/** Tables taken in, each looked through before anything is written; and tables to take elsewhere. */
export function Tables() {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const look = async (file: File) => {
    const { text, encoding } = textOf(new Uint8Array(await file.arrayBuffer()));
    const { cellsOf } = await import('../csv');
    setChosen((before) => ({
      name: file.name,
      encoding,
      cells: cellsOf(text, LINES_READ),
      nth: (before?.nth ?? 0) + 1,
    }));
  };
  const chooser = useFileChoice(tableWords.choose, '.csv,text/csv', look);
  return (
    <Page
      over={tableWords.back}
      title={tableWords.title}
      foot={
        <Buttons>
          <Button kind="plain" says={tableWords.back} onPress={() => router.navigate('/bikes')} />
          <Button grow says={tableWords.choose} onPress={() => chooser.open()} />
        </Buttons>
      }
    >
      <Section>
        {chosen ? null : <WhatComesIn />}
        {chooser.field}
      </Section>
      {chosen ? <Chosen key={chosen.nth} {...chosen} /> : null}
      <Section label={tableWords.out}>
        {OUT.map(({ name, says }) => (
          <Button
            key={name}
            kind="quiet"
            says={says}
            onPress={() => globalThis.location.assign(`/api/exports/${name}.csv`)}
          />
        ))}
      </Section>
    </Page>
  );
}

/** What of each kind of table is read: not wanted any more once there is one to look through. */
function WhatComesIn() {
  return (
    <>
      <Words ink="soft">{tableWords.how(BIKE_COLUMNS.join(', '))}</Words>
      <Words ink="soft">{tableWords.howReadings(READING_COLUMNS.join(', '))}</Words>
      <Words ink="soft">{tableWords.howStock(STOCK_COLUMNS.join(', '))}</Words>
      <Words ink="soft">{tableWords.howNotices(NOTICE_COLUMNS.join(', '))}</Words>
    </>
  );
}

/** What a table is of, by a column that no other has: millimetres are readings, parts are the shelf’s, titles are makers’ notices. */
function Chosen({ cells, name, encoding }: Chosen) {
  const file = { name, encoding };
  const [columns] = useState(() => columnsIn(cells.data[0] ?? []));
  if (columns.includes('mm'))
    return <Of {...file} cells={cells} table={READINGS} to="/readings/import" />;
  if (columns.includes('part')) {
    const more = { why: tableWords.fromTable(name).slice(0, 120) };
    return <Of {...file} cells={cells} table={STOCK} to="/stock/import" more={more} />;
  }
  if (columns.includes('title'))
    return <Of {...file} cells={cells} table={NOTICES} to="/notices/import" />;
  return <Of {...file} cells={cells} table={BIKES} to="/bikes/import" />;
}

interface OfProps<Column extends string, Row extends object> extends Omit<
  ComponentProps<typeof TakingIn<Row>>,
  'read'
> {
  cells: Cells;
  table: TableOf<Column, Row>;
}

function Of<Column extends string, Row extends object>({
  cells,
  table,
  ...rest
}: OfProps<Column, Row>) {
  const [read] = useState(() => readCells(cells, table));
  return <TakingIn {...rest} read={read} />;
}

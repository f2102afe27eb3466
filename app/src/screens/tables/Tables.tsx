import { BIKE_COLUMNS } from '@hold-fast/contract/bikeRows';
import { BIKES } from '@hold-fast/contract/bikeTable';
import { STOCK_COLUMNS } from '@hold-fast/contract/stockRows';
import { STOCK } from '@hold-fast/contract/stockTable';
import { columnsIn, LINES_READ, readCells, type Cells } from '@hold-fast/contract/table';
import { router } from 'expo-router';
import { useState } from 'react';
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
        <Words ink="soft">{tableWords.how(BIKE_COLUMNS.join(', '))}</Words>
        <Words ink="soft">{tableWords.howStock(STOCK_COLUMNS.join(', '))}</Words>
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

/** A table with a column of parts is the shelf’s. */
function Chosen({ cells, name, encoding }: Chosen) {
  const file = { name, encoding };
  const isStock = columnsIn(cells.data[0] ?? []).includes('part');
  const [stock] = useState(() => (isStock ? readCells(cells, STOCK) : null));
  const [bikes] = useState(() => (isStock ? null : readCells(cells, BIKES)));
  if (bikes) return <TakingIn {...file} read={bikes} to="/bikes/import" />;
  if (!stock) return null;
  const more = { why: tableWords.fromTable(name).slice(0, 120) };
  return <TakingIn {...file} read={stock} to="/stock/import" more={more} />;
}

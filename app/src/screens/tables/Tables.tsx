import { BIKE_COLUMNS, type BikeRow } from '@hold-fast/contract/bikeRows';
import type { ReadTable } from '@hold-fast/contract/bikeTable';
import { router } from 'expo-router';
import { useRef, useState } from 'react';
import { Button, Buttons } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Progress } from '../../ui/Progress';
import { Words } from '../../ui/Words';
import { fieldSays } from '../../words/faultWords';
import { tableWords } from '../../words/tables';
import { Preview } from './Preview';
import { textOf, type ReadText } from './readText';
import { useImport } from './useImport';

const OUT = [
  { name: 'bikes', says: tableWords.outBikes },
  { name: 'readings', says: tableWords.outReadings },
  { name: 'stock', says: tableWords.outStock },
];

interface Chosen {
  name: string;
  encoding: ReadText['encoding'];
  read: ReadTable;
}

/** Customers and bikes taken in from a table, looked through before anything is written; and tables to take elsewhere. */
export function Tables() {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const looked = useImport('preview');
  const taken = useImport('take');
  const chooser = useRef<HTMLInputElement>(null);
  const look = async (file: File) => {
    taken.clear();
    looked.clear();
    const { text, encoding } = textOf(new Uint8Array(await file.arrayBuffer()));
    const { readBikeTable } = await import('../csv');
    const read = readBikeTable(text);
    setChosen({ name: file.name, encoding, read });
    if (read.ok) await looked.go(read.rows);
  };
  const { read } = chosen ?? {};
  return (
    <Page
      over={tableWords.back}
      title={tableWords.title}
      foot={
        <Buttons>
          <Button kind="plain" says={tableWords.back} onPress={() => router.navigate('/bikes')} />
          <Button grow says={tableWords.choose} onPress={() => chooser.current?.click()} />
        </Buttons>
      }
    >
      <Section>
        <Words ink="soft">{tableWords.how(BIKE_COLUMNS.join(', '))}</Words>
        <input
          ref={chooser}
          type="file"
          accept=".csv,text/csv"
          aria-label={tableWords.choose}
          hidden
          onChange={({ target }) => {
            const [file] = Array.from(target.files ?? []);
            target.value = '';
            if (file) void look(file);
          }}
        />
      </Section>
      {chosen ? (
        <Section label={chosen.name}>
          {chosen.encoding === 'windows-1252' ? (
            <Note kind="caution" title={tableWords.notUtf8(chosen.encoding)} />
          ) : null}
          {read && !read.ok ? (
            <Note
              kind="refusal"
              title={fieldSays({ path: 'table', code: read.code, facts: read.facts })}
            />
          ) : null}
          {read?.ok && read.unknown.length > 0 ? (
            <Words>{tableWords.unknown(read.unknown.join(', '))}</Words>
          ) : null}
          {looked.going && looked.going.done.length < looked.going.of && !looked.going.error ? (
            <Progress
              label={tableWords.looking}
              done={looked.going.done.length}
              of={looked.going.of}
            />
          ) : null}
          {looked.going?.error ? (
            <>
              <Note kind="refusal" title={looked.going.error.message} />
              <Button
                kind="plain"
                says={tableWords.goOn}
                onPress={() => void looked.go(rowsOf(read), looked.going?.done)}
              />
            </>
          ) : null}
        </Section>
      ) : null}
      {read?.ok && looked.going && looked.going.done.length === looked.going.of ? (
        <Preview read={read} outcomes={looked.going.done} taken={taken} />
      ) : null}
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

const rowsOf = (read: ReadTable | undefined): BikeRow[] => (read?.ok ? read.rows : []);

import type { ReadTable } from '@hold-fast/contract/table';
import { useEffect, useRef } from 'react';
import { useImportRows } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Progress } from '../../ui/Progress';
import { Words } from '../../ui/Words';
import { fieldSays } from '../../words/faultWords';
import { tableWords } from '../../words/tables';
import { Preview } from './Preview';
import type { ReadText } from './readText';
import { useImport } from './useImport';

interface Props<Row> {
  name: string;
  encoding: ReadText['encoding'];
  read: ReadTable<Row>;
  to: Parameters<typeof useImportRows>[0];
  /** What is said of all of its rows. */
  more?: object;
}

/** A table that was chosen: looked through first, then taken in. */
export function TakingIn<Row extends object>({ name, encoding, read, to, more = {} }: Props<Row>) {
  const send = useImportRows(to, more);
  const looked = useImport<Row>((rows) => send('preview', rows));
  const taken = useImport<Row>((rows) => send('take', rows));
  const { going, go } = looked;
  const begin = useRef(go);
  useEffect(() => {
    if (read.ok) void begin.current(read.rows);
  }, [read]);
  return (
    <>
      <Section label={name}>
        {encoding === 'windows-1252' ? (
          <Note kind="caution" title={tableWords.notUtf8(encoding)} />
        ) : null}
        {read.ok ? null : (
          <Note
            kind="refusal"
            title={fieldSays({ path: 'table', code: read.code, facts: read.facts })}
          />
        )}
        {read.ok && read.unknown.length > 0 ? (
          <Words>{tableWords.unknown(read.unknown.join(', '))}</Words>
        ) : null}
        {going && going.done.length < going.of && !going.error ? (
          <Progress label={tableWords.looking} done={going.done.length} of={going.of} />
        ) : null}
        {going?.error ? (
          <>
            <Note kind="refusal" title={going.error.message} />
            <Button
              kind="plain"
              says={tableWords.goOn}
              onPress={() => void go(read.ok ? read.rows : [], going.done)}
            />
          </>
        ) : null}
      </Section>
      {read.ok && going && going.done.length === going.of ? (
        <Preview read={read} outcomes={going.done} taken={taken} />
      ) : null}
    </>
  );
}

import { SHEETS_FORMAT, type ImportRow } from '@hold-fast/contract/sheets';
import { router } from 'expo-router';
import { useState } from 'react';
import { useImportSheets } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { size } from '../../ui/tokens';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';

interface File {
  format: typeof SHEETS_FORMAT;
  sheets: unknown[];
}

const DOES: Record<ImportRow['does'], string> = {
  add: 'a new sheet',
  revise: 'a new revision of a sheet that is here',
  nothing: 'here already, left alone',
  refused: 'refused',
};

/** Taking spec sheets in from a file: what each row would do is shown before anything is written. */
export function ImportSheets() {
  const [text, setText] = useState('');
  const [file, setFile] = useState<File | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const preview = useImportSheets();
  const take = useImportSheets();
  const rows = take.data ?? preview.data ?? [];
  const refused = rows.filter(({ does }) => does === 'refused').length;
  const writes = rows.filter(({ does }) => does === 'add' || does === 'revise').length;

  const look = (json: string) => {
    take.reset();
    setText(json);
    const read = readFile(json);
    if (typeof read === 'string') {
      setFault(read);
      setFile(null);
      preview.reset();
      return;
    }
    setFault(null);
    setFile(read);
    preview.mutate({ mode: 'preview', file: read });
  };
  const error = take.error ?? preview.error;
  return (
    <Page
      over="Stores · spec sheets"
      title="Take sheets in"
      foot={
        <>
          {file && writes > 0 && !take.data ? (
            <Button
              says={refused > 0 ? `Take the ${writes} good rows only` : `Take ${writes} in`}
              busy={take.isPending}
              onPress={() => take.mutate({ mode: refused > 0 ? 'good-rows' : 'all', file })}
            />
          ) : null}
          <Button kind="plain" says="Back to Stores" onPress={() => router.navigate('/stores')} />
        </>
      }
    >
      <Section>
        <Words ink="soft">
          A JSON file of spec sheets, as this app gives them out. The same file taken in twice
          doubles nothing.
        </Words>
        <input
          type="file"
          accept="application/json,.json"
          aria-label="File of spec sheets"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            if (chosen) void chosen.text().then(look);
          }}
        />
        <Field
          label="Or paste it here"
          value={text}
          onChangeText={look}
          multiline
          numberOfLines={4}
          error={fault ?? undefined}
        />
      </Section>
      {error ? <Note kind="refusal">{error.message}</Note> : null}
      {take.data ? (
        <Section>
          <Note title={`${writes} taken in`}>
            {refused > 0 ? `${refused} refused and left out.` : 'Every row is here now.'}
          </Note>
        </Section>
      ) : null}
      {rows.map((row) => (
        <Row
          key={row.row}
          mark={
            <VerdictMark word={row.does === 'refused' ? 'replace' : 'holds'} of={size.smallMark} />
          }
          title={`Row ${row.row}: ${row.title || 'no title'}`}
          says={[
            DOES[row.does],
            ...row.faults.map(({ path, message }) => `${path}: ${message}`),
          ].join(' · ')}
        />
      ))}
    </Page>
  );
}

/** A file that was read, or what is wrong with it. */
function readFile(json: string): File | string {
  if (json.trim() === '') return 'Nothing there yet.';
  try {
    const read = JSON.parse(json) as Partial<File> | null;
    if (read?.format !== SHEETS_FORMAT) return `This is no file of the format ${SHEETS_FORMAT}.`;
    if (!Array.isArray(read.sheets) || read.sheets.length === 0)
      return 'There are no sheets in it.';
    return { format: SHEETS_FORMAT, sheets: read.sheets };
  } catch {
    return 'This is not JSON. Nothing was taken in.';
  }
}

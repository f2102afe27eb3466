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
import { storeFormWords } from '../../words/storeForms';
import { fieldSays } from '../../words/faultWords';

interface File {
  format: typeof SHEETS_FORMAT;
  sheets: unknown[];
}

const DOES: Record<ImportRow['does'], string> = {
  add: storeFormWords.importSheets.aNewSheet,
  revise: storeFormWords.importSheets.aNewRevisionOfA,
  nothing: storeFormWords.importSheets.hereAlreadyLeftAlone,
  older: storeFormWords.importSheets.revisedSince,
  refused: storeFormWords.importSheets.refused,
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
      over={storeFormWords.importSheets.storesSpecSheets}
      title={storeFormWords.importSheets.takeSheetsIn}
      foot={
        <>
          {file && writes > 0 && !take.data ? (
            <Button
              says={
                refused > 0
                  ? storeFormWords.importSheets.takeTheGoodRowsOnly(writes)
                  : storeFormWords.importSheets.takeIn(writes)
              }
              busy={take.isPending}
              onPress={() => take.mutate({ mode: refused > 0 ? 'good-rows' : 'all', file })}
            />
          ) : null}
          <Button
            kind="plain"
            says={storeFormWords.importSheets.backToStores}
            onPress={() => router.navigate('/stores')}
          />
        </>
      }
    >
      <Section>
        <Words ink="soft">{storeFormWords.importSheets.aJsonFileOfSpec}</Words>
        <input
          type="file"
          accept="application/json,.json"
          aria-label={storeFormWords.importSheets.fileOfSpecSheets}
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            if (chosen) void chosen.text().then(look);
          }}
        />
        <Field
          label={storeFormWords.importSheets.orPasteItHere}
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
          <Note title={storeFormWords.importSheets.takenIn(writes)}>
            {refused > 0
              ? storeFormWords.importSheets.refusedAndLeftOut(refused)
              : storeFormWords.importSheets.everyRowIsHereNow}
          </Note>
        </Section>
      ) : null}
      {rows.map((row) => (
        <Row
          key={row.row}
          mark={
            <VerdictMark word={row.does === 'refused' ? 'replace' : 'holds'} of={size.smallMark} />
          }
          title={storeFormWords.importSheets.row(
            row.row,
            row.title || storeFormWords.importSheets.noTitle,
          )}
          says={[
            DOES[row.does],
            ...row.faults.map((fault) => `${fault.path}: ${fieldSays(fault)}`),
          ].join(' · ')}
        />
      ))}
    </Page>
  );
}

/** A file that was read, or what is wrong with it. */
function readFile(json: string): File | string {
  if (json.trim() === '') return storeFormWords.importSheets.nothingThereYet;
  try {
    const read = JSON.parse(json) as Partial<File> | null;
    if (read?.format !== SHEETS_FORMAT)
      return storeFormWords.importSheets.thisIsNoFileOf(SHEETS_FORMAT);
    if (!Array.isArray(read.sheets) || read.sheets.length === 0)
      return storeFormWords.importSheets.thereAreNoSheetsIn;
    return { format: SHEETS_FORMAT, sheets: read.sheets };
  } catch {
    return storeFormWords.importSheets.thisIsNotJsonNothing;
  }
}

import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import type { ReadTable } from '@hold-fast/contract/table';
import { useState } from 'react';
import { client } from '../../data/client';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Progress } from '../../ui/Progress';
import { Row } from '../../ui/Row';
import { VerdictMark } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { fieldSays } from '../../words/faultWords';
import { tableWords } from '../../words/tables';
import type { Importing } from './useImport';

/** As many faults are shown at once; the rest is counted. */
const SHOWN_FAULTS = 30;
const COUNTED = ['add', 'there', 'refused'] as const;

interface Props<Row> {
  read: ReadTable<Row> & { ok: true };
  outcomes: readonly RowOutcome[];
  taken: Importing<Row>;
}

/** What a table would do, row by row where something is wrong with it; then all of it is taken in, or what is good of it. */
export function Preview<Row>({
  read: { rows, faults },
  outcomes,
  taken: { going, go },
}: Props<Row>) {
  const [goodOnly, setGoodOnly] = useState(false);
  const wrong = [
    ...faults.map(({ line, column, code, facts }) => ({
      where: tableWords.cell(line, column),
      says: fieldSays({ path: column, code, facts }),
    })),
    ...outcomes.flatMap(({ line, fault }) =>
      fault ? [{ where: tableWords.line(line), says: fieldSays({ path: '', code: fault }) }] : [],
    ),
  ];
  const faulty = new Set(faults.map(({ line }) => line)).size;
  const countOf = (does: RowOutcome['does']) =>
    outcomes.filter((outcome) => outcome.does === does).length;
  const good = rows.filter((_, i) => outcomes[i]!.does === 'add');
  const isOver = going !== null && going.done.length === going.of;
  return (
    <>
      <Section>
        {COUNTED.filter((does) => countOf(does) > 0).map((does) => (
          <Words key={does} kind="strong">
            {tableWords.count[does](countOf(does))}
          </Words>
        ))}
        {faulty > 0 ? <Words kind="strong">{tableWords.count.faulty(faulty)}</Words> : null}
      </Section>
      {wrong.slice(0, SHOWN_FAULTS).map(({ where, says }, i) => (
        <Row key={i} mark={<VerdictMark word="unproven" />} title={where} says={says} />
      ))}
      <Section>
        {wrong.length > SHOWN_FAULTS ? (
          <Words ink="soft">{tableWords.andMore(wrong.length - SHOWN_FAULTS)}</Words>
        ) : null}
        {wrong.length > 0 && good.length > 0 && !going ? (
          <Choice
            label={tableWords.either}
            options={[
              { value: false, says: tableWords.all },
              { value: true, says: tableWords.goodOnly },
            ]}
            chosen={[goodOnly]}
            onChoose={setGoodOnly}
          />
        ) : null}
        {wrong.length > 0 && !goodOnly && !going ? <Note title={tableWords.noneOfIt} /> : null}
        {good.length > 0 && (wrong.length === 0 || goodOnly) && !going ? (
          <Button
            says={tableWords.take(good.length)}
            onPress={() => void go(good).then(() => client.invalidateQueries())}
          />
        ) : null}
        {going && !isOver && !going.error ? (
          <Progress label={tableWords.taking} done={going.done.length} of={going.of} />
        ) : null}
        {going?.error ? (
          <>
            <Note kind="refusal" title={going.error.message}>
              {tableWords.stopped(going.done.length)}
            </Note>
            <Button
              says={tableWords.goOn}
              onPress={() => void go(good, going.done).then(() => client.invalidateQueries())}
            />
          </>
        ) : null}
        {isOver ? (
          <Note title={tableWords.done(going.done.filter(({ does }) => does === 'add').length)} />
        ) : null}
      </Section>
    </>
  );
}

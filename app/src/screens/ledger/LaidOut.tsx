import type { RecordRead } from '@hold-fast/contract/recordRead';
import { ENDS, type End } from '@hold-fast/core/ends';
import type { Word } from '@hold-fast/core/wear/verdict';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Columns } from '../../ui/Columns';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { space } from '../../ui/tokens';
import { VerdictMark, WORD_INK } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { exactDay } from '../../words/days';
import { ledgerWords } from '../../words/ledger';
import { planWords } from '../../words/planWords';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { endSays } from '../bikes/thirdBrake';

/** A word for a code; the code itself where a record is older than its word. */
const named = (names: Readonly<Partial<Record<string, string>>>, code: string): string =>
  names[code] ?? code;
const atEnd = (bike: RecordRead['bike'], end: End | null, what: string) =>
  end ? `${capital(endSays(bike, end))}: ${what}` : capital(what);
/** What an amendment took back of it: whatever was said of that holds no more. */
type TakenBack = readonly { end: string; subject: string }[];
const isTakenBack = (takenBack: TakenBack, end: string, subject: string) =>
  takenBack.some((each) => each.end === end && each.subject === subject);
const wordOf = (word: Word) => ({ says: words.word[word], ink: WORD_INK[word] });

/** A record laid out to be read: what was asked, how each thing stood, what was read, set, filled, fitted and decided, and by whom. */
export function LaidOut({ record, takenBack }: { record: RecordRead; takenBack: TakenBack }) {
  const says = ledgerWords.laidOut;
  return (
    <>
      <Section label={says.asked}>
        {record.complaint ? <Words kind="strong">{record.complaint}</Words> : null}
        {record.symptoms.length > 0 ? (
          <Words>
            {capital(words.format.list(record.symptoms.map((each) => named(words.symptom, each))))}
          </Words>
        ) : null}
        <Words ink="soft">
          {[record.bike.maker, record.bike.serial].filter(Boolean).join(' · ')}
        </Words>
        {record.odometerKm === null ? null : (
          <Words ink="soft">{words.format.distance(record.odometerKm)}</Words>
        )}
        {record.notRepaired ? (
          <Note
            kind="refusal"
            title={says.leftUnrepaired(record.notRepaired.words, record.notRepaired.takenBy)}
          />
        ) : null}
      </Section>
      <Found record={record} takenBack={takenBack} />
      <Columns>
        <Measured record={record} />
        <Bolts record={record} />
        <Filled record={record} />
        <Parts record={record} />
        <Done record={record} />
        <Decided record={record} />
      </Columns>
    </>
  );
}

/** How each thing stood at each end, and what nobody looked at. */
function Found({
  record: { bike, inspection, notInspected },
  takenBack,
}: {
  record: RecordRead;
  takenBack: TakenBack;
}) {
  const says = ledgerWords.laidOut;
  return (
    <>
      <Section label={says.found}>
        {inspection.length === 0 ? <Words ink="soft">{says.nothing}</Words> : null}
      </Section>
      {inspection.map(({ end, subject, word, found, words: said, doNotRide }) => (
        <Row
          key={`${end} ${subject}`}
          mark={<VerdictMark word={isTakenBack(takenBack, end, subject) ? 'unproven' : word} />}
          title={atEnd(bike, end, named(words.subject, subject))}
          word={
            isTakenBack(takenBack, end, subject)
              ? { says: says.takenBack, ink: 'fogText' as const }
              : wordOf(word)
          }
          says={[
            ...(doNotRide ? [says.doNotRide] : []),
            ...found.map((finding) => capital(named(words.finding, finding))),
            ...(said ? [words.quoted(said)] : []),
          ].join('. ')}
        />
      ))}
      {ENDS.map((end) => {
        const missed = notInspected.filter((each) => each.end === end);
        return missed.length === 0 ? null : (
          <Section key={end}>
            <Words ink="soft">
              {says.notInspected(
                endSays(bike, end),
                words.format.list(missed.map(({ subject }) => named(words.subject, subject))),
              )}
            </Words>
          </Section>
        );
      })}
    </>
  );
}

/** Every sitting with all that was read, what was corrected in it struck. */
function Measured({ record: { bike, measured } }: { record: RecordRead }) {
  const says = ledgerWords.laidOut;
  if (measured.length === 0) return null;
  return (
    <Section label={says.read}>
      {measured.map((sitting) => {
        const replaced = new Set(sitting.readings.map(({ replaces }) => replaces));
        return (
          <View key={sitting.id}>
            <Words kind="strong">
              {atEnd(bike, sitting.end, named(words.subject, sitting.part))}
              {sitting.superseded ? ` (${says.overtaken})` : ''}
            </Words>
            <Words kind="small">{says.readWith(sitting.gaugeName, sitting.by)}</Words>
            <View style={styles.readings}>
              {sitting.readings.map(({ id, place, valueMm }) => (
                <Words key={id} kind="smallReading" style={replaced.has(id) && styles.struck}>
                  {says.readAt(words.place(place), words.format.mm(valueMm))}
                </Words>
              ))}
            </View>
          </View>
        );
      })}
    </Section>
  );
}

function Bolts({ record: { bike, tightened } }: { record: RecordRead }) {
  const says = ledgerWords.laidOut;
  return (
    <Lines
      label={says.torque}
      lines={tightened.map(({ end, fastener, setNm, window, wrench, flaws, by }) => [
        atEnd(bike, end, named(words.fastener, fastener)),
        says.set(
          words.format.torque(setNm),
          verdictWords.torques(window.loNm, window.hiNm),
          wrench.name,
          by,
        ),
        ...flaws.map((flaw) => capital(named(words.flaw, flaw))),
      ])}
    />
  );
}

function Filled({ record: { bike, filled } }: { record: RecordRead }) {
  const says = ledgerWords.laidOut;
  return (
    <Lines
      label={says.fluid}
      lines={filled.map(({ end, fluid, label, lot, ml, by }) => [
        atEnd(bike, end, fluid),
        says.filled(words.format.fixed(ml, 0), label, lot, by),
      ])}
    />
  );
}

function Parts({ record }: { record: RecordRead }) {
  const says = ledgerWords.laidOut;
  const { bike } = record;
  const fitted = record.fittings.filter(
    ({ jobId, condition }) => jobId === record.id && condition !== 'found',
  );
  return (
    <Lines
      label={says.parts}
      lines={[
        ...fitted.map(({ end, part, description, condition, by }) => [
          atEnd(bike, end, named(words.part, part)),
          [description, named(words.fittedAs, condition), by].filter(Boolean).join(' · '),
        ]),
        ...record.neverFitted.map(({ end, part, description, by }) => [
          atEnd(bike, end, named(words.part, part)),
          [description, says.takenBack, by].filter(Boolean).join(' · '),
        ]),
        ...record.taken.map(({ end, description, pieces, batch, by }) => [
          atEnd(bike, end, `${pieces} × ${description}`),
          [batch, by].filter(Boolean).join(' · '),
        ]),
      ]}
    />
  );
}

function Done({ record }: { record: RecordRead }) {
  const { bike, stepped, repaired, neverRepaired, tested } = record;
  const says = ledgerWords.laidOut;
  const step = (code: string) =>
    (planWords.step as Partial<Record<string, { does: string }>>)[code]?.does ?? code;
  return (
    <Lines
      label={says.done}
      lines={[
        ...stepped.map(({ end, step: code, outcome, reason, by }) => [
          atEnd(bike, end, step(code)),
          [named(says.stepped, outcome), reason, by].filter(Boolean).join(' · '),
        ]),
        ...neverRepaired.map(({ end, work, by }) => [
          atEnd(bike, end, named(words.work, work)),
          [says.takenBack, by].filter(Boolean).join(' · '),
        ]),
        ...repaired.map(({ end, work, words: said, by }) => [
          atEnd(bike, end, named(words.work, work)),
          [said, by].filter(Boolean).join(' · '),
        ]),
        ...tested.map(({ end, test, outcome, words: said, by }) => [
          atEnd(bike, end, named(says.test, test)),
          [named(says.outcome, outcome), said, by].filter(Boolean).join(' · '),
        ]),
      ]}
    />
  );
}

function Decided({ record: { bike, decided } }: { record: RecordRead }) {
  return (
    <Lines
      label={ledgerWords.laidOut.decided}
      lines={decided.map(({ end, subject, decision, words: said, by, at }) => [
        atEnd(bike, end, named(words.subject, subject)),
        `${capital(named(words.decided, decision))}: ${words.quoted(said)} ${by}, ${at ? exactDay(at) : ''}`,
      ])}
    />
  );
}

/** Things with what is said of each, under one label; nothing at all where there is none. */
function Lines({
  label,
  lines,
}: {
  label: string;
  lines: readonly (readonly string[])[];
}): ReactNode {
  if (lines.length === 0) return null;
  return (
    <Section label={label}>
      {lines.map(([title, ...rest], i) => (
        <View key={i}>
          <Words kind="strong">{title}</Words>
          {rest.filter(Boolean).map((line) => (
            <Words key={line} ink="soft">
              {line}
            </Words>
          ))}
        </View>
      ))}
    </Section>
  );
}

const styles = StyleSheet.create({
  readings: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  struck: { textDecorationLine: 'line-through' },
});

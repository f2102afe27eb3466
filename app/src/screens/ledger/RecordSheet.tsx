import { readSealed } from '@hold-fast/contract/recordRead';
import { sealOf } from '@hold-fast/core/seal/chain';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet } from 'react-native';
import { useRecord } from '../../data/counterQueries';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { font, type } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { exactDay } from '../../words/days';
import { reportWords } from '../../words/report';
import { ledgerWords } from '../../words/ledger';
import { words } from '../../words/words';
import { LaidOut } from './LaidOut';
import { atJob } from '../routes';

/** A sealed record laid out to be read, its seal worked out afresh here from its text, and what was amended in it. */
export function RecordSheet({ recordId }: { recordId: string }) {
  const query = useRecord(recordId);
  const [asText, setAsText] = useState(false);
  const { canonical, withheld } = query.data ?? {};
  const held = useMemo(
    () => (canonical ? readSealed(canonical, withheld ?? null) : null),
    [canonical, withheld],
  );
  if (query.error && !query.data)
    return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Loading />;
  const record = query.data;
  const agrees = sealOf(record.canonical) === record.seal;
  const says = ledgerWords.recordSheet;
  return (
    <Page
      tag={record.tag}
      over={says.record(record.customerName, record.number)}
      title={record.bikeName}
      aside={
        <Button kind="quiet" says={says.job} onPress={() => router.navigate(atJob(record.jobId))} />
      }
    >
      <Section>
        <Note
          kind={agrees ? 'plain' : 'refusal'}
          title={agrees ? says.theTextGivesItsSeal : says.theTextDoesNotGive}
        >
          {says.signedBy(record.sealedBy, exactDay(record.sealedAt))}
        </Note>
        {record.beside.map(({ id, nth, number, words: said, sealedBy, sealedAt }) => (
          <Note
            key={id}
            kind="caution"
            title={
              nth === 0 ? says.amends(number) : says.amendedBy(number, sealedBy, exactDay(sealedAt))
            }
          >
            {said ? <Words>{words.quoted(said)}</Words> : null}
            <Button
              kind="quiet"
              says={says.openIt}
              onPress={() => router.navigate(`/ledger/${id}`)}
            />
          </Note>
        ))}
      </Section>
      {held && 'record' in held ? (
        <>
          <Section>
            <Button
              kind="plain"
              says={reportWords.open}
              onPress={() => router.navigate(`/ledger/report/${recordId}`)}
            />
          </Section>
          <LaidOut
            record={held.record}
            takenBack={record.beside.flatMap(({ takesBack }) => takesBack)}
          />
        </>
      ) : null}
      {held && 'amendment' in held ? (
        <Section label={says.amendment}>
          <Words kind="strong">{words.quoted(held.amendment.words)}</Words>
          {held.amendment.takesBack.map(({ end, subject }) => (
            <Words key={`${end} ${subject}`}>
              {says.takesBack(
                capital(words.end[end]),
                words.subject[subject as keyof typeof words.subject] ?? subject,
              )}
            </Words>
          ))}
        </Section>
      ) : null}
      <Section label={says.sealSha256OfThe}>
        <Words kind="smallReading" selectable>
          {record.seal}
        </Words>
        <Words kind="label">{says.sealBeforeIt}</Words>
        <Words kind="smallReading" selectable>
          {record.prev ?? says.noneTheFirstRecord}
        </Words>
        {asText ? (
          <>
            <Words kind="label">{says.text}</Words>
            <Words style={styles.text} selectable testID="canonical">
              {record.canonical}
            </Words>
          </>
        ) : (
          <Button kind="quiet" says={says.showTheText} onPress={() => setAsText(true)} />
        )}
      </Section>
    </Page>
  );
}

const styles = StyleSheet.create({ text: { fontFamily: font.reading, fontSize: type.tiny } });

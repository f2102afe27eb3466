import { sealOf } from '@hold-fast/core/seal/chain';
import { router } from 'expo-router';
import { StyleSheet } from 'react-native';
import { useRecord } from '../../data/queries';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { font, type } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';

/** A sealed record as it was sealed, its seal worked out afresh here from its text. */
export function RecordSheet({ recordId }: { recordId: string }) {
  const query = useRecord(recordId);
  if (query.error && !query.data)
    return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Loading />;
  const record = query.data;
  const agrees = sealOf(record.canonical) === record.seal;
  return (
    <Page
      tag={record.tag}
      over={`${record.customerName} · record ${record.number}`}
      title={record.bikeName}
      aside={
        <Button kind="quiet" says="Job" onPress={() => router.navigate(`/bench/${record.jobId}`)} />
      }
    >
      <Section>
        <Note
          kind={agrees ? 'plain' : 'refusal'}
          title={agrees ? 'The text gives its seal' : 'The text does not give its seal'}
        >
          {`Signed by ${record.sealedBy}, ${exactDay(record.sealedAt)}.`}
        </Note>
        <Words kind="label">Seal, SHA-256 of the text below (RFC 8785)</Words>
        <Words kind="smallReading" selectable>
          {record.seal}
        </Words>
        <Words kind="label">Seal before it</Words>
        <Words kind="smallReading" selectable>
          {record.prev ?? 'none: the first record'}
        </Words>
      </Section>
      <Section label="Text">
        <Words style={styles.text} selectable testID="canonical">
          {record.canonical}
        </Words>
      </Section>
    </Page>
  );
}

const styles = StyleSheet.create({ text: { fontFamily: font.reading, fontSize: type.tiny } });

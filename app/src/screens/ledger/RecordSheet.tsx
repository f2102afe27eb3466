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
import { ledgerWords } from '../../words/ledger';

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
      over={ledgerWords.recordSheet.record(record.customerName, record.number)}
      title={record.bikeName}
      aside={
        <Button
          kind="quiet"
          says={ledgerWords.recordSheet.job}
          onPress={() => router.navigate(`/bench/${record.jobId}`)}
        />
      }
    >
      <Section>
        <Note
          kind={agrees ? 'plain' : 'refusal'}
          title={
            agrees
              ? ledgerWords.recordSheet.theTextGivesItsSeal
              : ledgerWords.recordSheet.theTextDoesNotGive
          }
        >
          {ledgerWords.recordSheet.signedBy(record.sealedBy, exactDay(record.sealedAt))}
        </Note>
        <Words kind="label">{ledgerWords.recordSheet.sealSha256OfThe}</Words>
        <Words kind="smallReading" selectable>
          {record.seal}
        </Words>
        <Words kind="label">{ledgerWords.recordSheet.sealBeforeIt}</Words>
        <Words kind="smallReading" selectable>
          {record.prev ?? ledgerWords.recordSheet.noneTheFirstRecord}
        </Words>
      </Section>
      <Section label={ledgerWords.recordSheet.text}>
        <Words style={styles.text} selectable testID="canonical">
          {record.canonical}
        </Words>
      </Section>
    </Page>
  );
}

const styles = StyleSheet.create({ text: { fontFamily: font.reading, fontSize: type.tiny } });

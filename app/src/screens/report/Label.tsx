import { router } from 'expo-router';
import { endSays } from '../bikes/thirdBrake';
import { StyleSheet, View } from 'react-native';
import { useReport, useReportLinks } from '../../data/counterQueries';
import { useMakeLink } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { JobTag } from '../../ui/JobTag';
import { Page } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { calendarDay, exactDay } from '../../words/days';
import { dueWords } from '../../words/due';
import { reportWords } from '../../words/report';
import { addressOf } from './address';
import { SquareCode } from './SquareCode';

/** A label of A6 to hang on the bike: whose it is, when it was signed, what comes next, and the report by its square code. */
export function Label({ recordId }: { recordId: string }) {
  const { data: report, error, refetch } = useReport(recordId);
  const links = useReportLinks(recordId);
  const make = useMakeLink(recordId);
  const link = links.data?.find(({ withdrawn }) => withdrawn === null);
  const failed = error ?? links.error ?? make.error;
  if (failed) return <Failed error={failed} onRetry={() => void refetch()} />;
  if (!report || !links.data) return <Loading />;
  return (
    <Page
      over={reportWords.label}
      title={report.bikeName}
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={reportWords.report}
            onPress={() => router.navigate(`/ledger/report/${recordId}`)}
          />
          <Button grow says={reportWords.print} onPress={() => window.print()} />
        </Buttons>
      }
    >
      <View style={styles.label} {...{ dataSet: { label: '' } }}>
        <View style={styles.head}>
          <JobTag tag={report.record.tag} />
          <View style={styles.names}>
            <Words kind="strong" numberOfLines={2}>
              {report.bikeName}
            </Words>
            <Words numberOfLines={2}>{report.customerName}</Words>
            {report.shop ? <Words kind="small">{report.shop}</Words> : null}
            <Words kind="small">{reportWords.by(report.sealedBy, exactDay(report.sealedAt))}</Words>
          </View>
        </View>
        {link ? (
          <SquareCode text={addressOf(link.token)} />
        ) : (
          <View {...{ dataSet: { screen: '' } }}>
            <Words ink="soft">{reportWords.labelNeedsAddress}</Words>
            <Button
              kind="plain"
              says={reportWords.makeAddress}
              busy={make.isPending}
              onPress={() => make.mutate()}
            />
          </View>
        )}
        {report.dues.slice(0, MOST_DUES).map(({ end, of, on }) => (
          <Words key={`${end} ${of}`}>
            {reportWords.comes(
              `${capital(dueWords.of[of])}, ${endSays(report.third, end)}`,
              calendarDay(on),
            )}
          </Words>
        ))}
      </View>
    </Page>
  );
}

/** As many lines as A6 has room for below the code. */
const MOST_DUES = 4;
const styles = StyleSheet.create({
  label: { padding: space.l, gap: space.m, maxWidth: size.label, width: '100%' },
  head: { flexDirection: 'row', gap: space.m, alignItems: 'center' },
  names: { flex: 1 },
});

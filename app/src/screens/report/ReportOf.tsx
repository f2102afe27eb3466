import { router } from 'expo-router';
import { useReport } from '../../data/counterQueries';
import { ProblemError } from '../../data/api';
import { Button, Buttons } from '../../ui/Button';
import { Page } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { reportWords } from '../../words/report';
import { NoSuchPage } from '../NoSuchPage';
import { PaperButton } from './PaperButton';
import { ReportBody } from './ReportBody';
import { ReportLinks } from './ReportLinks';

/** What a customer is given of a signed visit, as the shop sees it: to be printed, kept as a file, or shown by an address. */
export function ReportOf({ recordId }: { recordId: string }) {
  const { data: report, error, refetch } = useReport(recordId);
  // An amendment is no visit: its report is that of what it amends.
  if (error instanceof ProblemError && error.kind === 'not-found')
    return <NoSuchPage back={reportWords.back} to="/ledger" />;
  if (error && !report) return <Failed error={error} onRetry={() => void refetch()} />;
  if (!report) return <Loading />;
  return (
    <Page
      over={reportWords.title}
      title={report.bikeName}
      aside={
        <Button
          kind="quiet"
          says={reportWords.label}
          onPress={() => router.navigate(`/ledger/label/${recordId}`)}
        />
      }
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={reportWords.back}
            onPress={() => router.navigate(`/ledger/${recordId}`)}
          />
          <PaperButton report={report} />
          <Button grow says={reportWords.print} onPress={() => window.print()} />
        </Buttons>
      }
    >
      <ReportLinks recordId={recordId} />
      <ReportBody report={report} />
    </Page>
  );
}

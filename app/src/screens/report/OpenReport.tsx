import { useOpenReport } from '../../data/counterQueries';
import { Button, Buttons } from '../../ui/Button';
import { Page } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { reportWords } from '../../words/report';
import { PaperButton } from './PaperButton';
import { ReportBody } from './ReportBody';

/** One report as its customer sees it, by its address alone: nothing else of the shop stands on it or leads into it. */
export function OpenReport({ token }: { token: string }) {
  const { data: report, error, refetch } = useOpenReport(token);
  if (error && !report) return <Failed error={error} onRetry={() => void refetch()} />;
  if (!report) return <Loading />;
  return (
    <Page
      over={reportWords.title}
      title={report.bikeName}
      foot={
        <Buttons>
          <PaperButton report={report} />
          <Button grow says={reportWords.print} onPress={() => window.print()} />
        </Buttons>
      }
    >
      <ReportBody report={report} />
    </Page>
  );
}

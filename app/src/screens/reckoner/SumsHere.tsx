import type { End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { sumsAt, type SumPlace } from '@hold-fast/core/job/sum';
import { router } from 'expo-router';
import { VerdictMark } from '../../ui/VerdictMark';
import { Row } from '../../ui/Row';
import { reckonerWords } from '../../words/reckoner';
import { atJob } from '../routes';

/** What was reckoned for a brake and belongs here: each opens with its numbers. It proves nothing. */
export function SumsHere({ job, end, at }: { job: Job; end: End; at?: SumPlace }) {
  const { of: titles, sumProvesNothing } = reckonerWords.reckoner;
  return sumsAt(job, end, at).map(({ calculator }) => (
    <Row
      key={calculator}
      mark={<VerdictMark word={null} />}
      title={titles[calculator].title}
      says={sumProvesNothing}
      onPress={() => router.navigate(atJob(job.id, `${end}/reckon-${calculator}`))}
      testID={`sum-${end}-${calculator}`}
    />
  ));
}

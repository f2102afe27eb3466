import { useLocalSearchParams } from 'expo-router';
import { useEndParams } from '../../../../screens/bench/params';
import { behind } from '../../../../screens/later';
import { NoSuchPage } from '../../../../screens/NoSuchPage';
import { words } from '../../../../words/words';
import { atJob } from '../../../../screens/routes';

const EndScreen = behind('EndScreen');

// Not named screen: the router takes a parameter of that name for its own.
export default function EndRoute() {
  const {
    task = '',
    fastener = '',
    ml = '',
    part = '',
    what = '',
  } = useLocalSearchParams<{
    task: string;
    fastener: string;
    ml: string;
    part: string;
    what: string;
  }>();
  const { jobId, end } = useEndParams();
  if (end === null)
    return (
      <NoSuchPage says={words.noEnd.aBikeHasAFront} back={words.noEnd.toTheJob} to={atJob(jobId)} />
    );
  const key = `${jobId} ${end} ${task} ${fastener}`;
  return (
    <EndScreen
      key={key}
      jobId={jobId}
      end={end}
      task={task}
      fastener={fastener}
      ml={ml}
      part={part}
      what={what}
    />
  );
}

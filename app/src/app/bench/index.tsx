import { useBench } from '../../data/queries';
import { Empty } from '../../ui/Standing';
import { useWide } from '../../ui/useWide';
import { words } from '../../words/words';
import { behind } from '../../screens/later';

const JobSheet = behind('JobSheet');

/** Beside the list, before a bike was picked: the one promised first. On a phone the list stands alone. */
export default function FirstJob() {
  const wide = useWide();
  const first = useBench().data?.[0]?.id;
  if (!wide) return null;
  return first ? (
    <JobSheet jobId={first} />
  ) : (
    <Empty title={words.pickJob.pickABike} says={words.pickJob.itsJobOpensHereWhat} />
  );
}

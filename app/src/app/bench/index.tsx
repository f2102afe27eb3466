import { useBench } from '../../data/queries';
import { JobSheet } from '../../screens/bench/jobSheetLater';
import { Empty } from '../../ui/Standing';

/** Beside the list, before a bike was picked: the one promised first. */
export default function FirstJob() {
  const first = useBench().data?.[0]?.id;
  return first ? (
    <JobSheet jobId={first} />
  ) : (
    <Empty
      title="Pick a bike"
      says="Its job opens here: what was asked, what was found, and what comes next."
    />
  );
}

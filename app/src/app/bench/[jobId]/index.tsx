import { JobSheet } from '../../../screens/bench/jobSheetLater';
import { useJobParam } from '../../../screens/bench/params';

export default function JobSheetRoute() {
  return <JobSheet {...useJobParam()} />;
}

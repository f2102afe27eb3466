import { JobSheet } from '../../../screens/bench/JobSheet';
import { useJobParam } from '../../../screens/bench/params';

export default function JobSheetRoute() {
  return <JobSheet {...useJobParam()} />;
}

import { useJobParam } from '../../../screens/bench/params';
import { behind } from '../../../screens/later';

const JobSheet = behind('JobSheet');

export default function JobSheetRoute() {
  return <JobSheet {...useJobParam()} />;
}

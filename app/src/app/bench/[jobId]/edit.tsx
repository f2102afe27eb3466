import { useJobParam } from '../../../screens/bench/params';
import { behind } from '../../../screens/later';

const EditJob = behind('EditJob');

export default function EditJobRoute() {
  return <EditJob {...useJobParam()} />;
}

import { useJobParam } from '../../../screens/bench/params';
import { later } from '../../../screens/later';

const EditJob = later(() => import('../../../screens/behind').then((forms) => forms.EditJob));

export default function EditJobRoute() {
  return <EditJob {...useJobParam()} />;
}

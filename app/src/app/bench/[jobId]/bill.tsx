import { useJobParam } from '../../../screens/bench/params';
import { later } from '../../../screens/later';

const BillSheet = later(() => import('../../../screens/behind').then((screen) => screen.BillSheet));

export default function BillRoute() {
  return <BillSheet {...useJobParam()} />;
}

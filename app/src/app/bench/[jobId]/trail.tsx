import { useJobParam } from '../../../screens/bench/params';
import { later } from '../../../screens/later';

const Trail = later(() => import('../../../screens/behind').then((screen) => screen.Trail));

export default function TrailRoute() {
  return <Trail {...useJobParam()} />;
}

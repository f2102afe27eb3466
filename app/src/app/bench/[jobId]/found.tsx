import { useJobParam } from '../../../screens/bench/params';
import { later } from '../../../screens/later';

const Found = later(() => import('../../../screens/behind').then((screen) => screen.Found));

export default function FoundRoute() {
  return <Found {...useJobParam()} />;
}

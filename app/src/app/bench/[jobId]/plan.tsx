import { useJobParam } from '../../../screens/bench/params';
import { later } from '../../../screens/later';

const PlanScreen = later(() =>
  import('../../../screens/behind').then((screen) => screen.PlanScreen),
);

export default function PlanScreenRoute() {
  return <PlanScreen {...useJobParam()} />;
}

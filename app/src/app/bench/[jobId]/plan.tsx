import { useJobParam } from '../../../screens/bench/params';
import { behind } from '../../../screens/later';

const PlanScreen = behind('PlanScreen');

export default function PlanScreenRoute() {
  return <PlanScreen {...useJobParam()} />;
}

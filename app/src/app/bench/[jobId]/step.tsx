import { useJobParam } from '../../../screens/bench/params';
import { later } from '../../../screens/later';

const StepFace = later(() => import('../../../screens/behind').then((screen) => screen.StepFace));

export default function StepFaceRoute() {
  return <StepFace {...useJobParam()} />;
}

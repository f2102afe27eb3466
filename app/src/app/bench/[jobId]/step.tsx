import { useJobParam } from '../../../screens/bench/params';
import { behind } from '../../../screens/later';

const StepFace = behind('StepFace');

export default function StepFaceRoute() {
  return <StepFace {...useJobParam()} />;
}

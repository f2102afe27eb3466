import { RotorBolts } from '../../../../screens/bench/RotorBolts';
import { useEndParams } from '../../../../screens/bench/params';

export default function RotorBoltsRoute() {
  const { jobId, end } = useEndParams();
  return <RotorBolts key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

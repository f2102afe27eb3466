import { FitPart } from '../../../../screens/bench/FitPart';
import { useEndParams } from '../../../../screens/bench/params';

export default function FitPartRoute() {
  const { jobId, end } = useEndParams();
  return <FitPart key={`${jobId} ${end}`} jobId={jobId} end={end} part="pads" />;
}

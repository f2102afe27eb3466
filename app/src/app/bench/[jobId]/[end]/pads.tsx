import { MeasurePads } from '../../../../screens/bench/measuring/MeasurePads';
import { useEndParams } from '../../../../screens/bench/params';

export default function MeasurePadsRoute() {
  const { jobId, end } = useEndParams();
  return <MeasurePads key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

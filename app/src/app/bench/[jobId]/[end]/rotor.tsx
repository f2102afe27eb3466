import { MeasureRotor } from '../../../../screens/bench/measuring/MeasureRotor';
import { useEndParams } from '../../../../screens/bench/params';

export default function MeasureRotorRoute() {
  const { jobId, end } = useEndParams();
  return <MeasureRotor key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

import { Identify } from '../../../../screens/bench/Identify';
import { useEndParams } from '../../../../screens/bench/params';

export default function IdentifyRoute() {
  const { jobId, end } = useEndParams();
  return <Identify key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

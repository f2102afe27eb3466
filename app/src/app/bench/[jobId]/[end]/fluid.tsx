import { RecordFluid } from '../../../../screens/bench/RecordFluid';
import { useEndParams } from '../../../../screens/bench/params';

export default function RecordFluidRoute() {
  const { jobId, end } = useEndParams();
  return <RecordFluid key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

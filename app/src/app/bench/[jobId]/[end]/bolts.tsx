import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const RotorBolts = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.RotorBolts),
);

export default function RotorBoltsRoute() {
  const { jobId, end } = useEndParams();
  return <RotorBolts key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const LookOver = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.LookOver),
);

export default function LookOverRoute() {
  const { jobId, end } = useEndParams();
  return <LookOver key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

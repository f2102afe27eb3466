import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const FeelGaps = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.FeelGaps),
);

export default function FeelGapsRoute() {
  const { jobId, end } = useEndParams();
  return <FeelGaps key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

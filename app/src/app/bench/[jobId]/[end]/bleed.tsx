import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const BleedRun = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.BleedRun),
);

export default function BleedRunRoute() {
  const { jobId, end } = useEndParams();
  return <BleedRun key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const TellDeviation = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.TellDeviation),
);

export default function TellDeviationRoute() {
  const { jobId, end } = useEndParams();
  return <TellDeviation key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

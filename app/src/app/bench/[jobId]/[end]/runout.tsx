import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const MeasureRunout = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.MeasureRunout),
);

export default function MeasureRunoutRoute() {
  const { jobId, end } = useEndParams();
  return <MeasureRunout key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

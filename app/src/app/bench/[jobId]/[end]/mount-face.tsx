import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const MeasureFace = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.MeasureFace),
);

export default function MeasureFaceRoute() {
  const { jobId, end } = useEndParams();
  return <MeasureFace key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

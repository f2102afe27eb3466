import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const MeasurePads = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.MeasurePads),
);

export default function MeasurePadsRoute() {
  const { jobId, end } = useEndParams();
  return <MeasurePads key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

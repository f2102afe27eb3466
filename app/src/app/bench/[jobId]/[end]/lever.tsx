import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const MeasureLever = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.MeasureLever),
);

export default function MeasureLeverRoute() {
  const { jobId, end } = useEndParams();
  return <MeasureLever key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

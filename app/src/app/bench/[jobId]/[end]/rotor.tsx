import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const MeasureRotor = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.MeasureRotor),
);

export default function MeasureRotorRoute() {
  const { jobId, end } = useEndParams();
  return <MeasureRotor key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

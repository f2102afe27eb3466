import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const TakeParts = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.TakeParts),
);

export default function TakePartsRoute() {
  const { jobId, end } = useEndParams();
  return <TakeParts key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

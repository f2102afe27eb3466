import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const FinalCheck = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.FinalCheck),
);

export default function FinalCheckRoute() {
  const { jobId, end } = useEndParams();
  return <FinalCheck key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

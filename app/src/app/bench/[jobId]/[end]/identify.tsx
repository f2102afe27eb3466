import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const Identify = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.Identify),
);

export default function IdentifyRoute() {
  const { jobId, end } = useEndParams();
  return <Identify key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const BedIn = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.BedIn),
);

export default function BedInRoute() {
  const { jobId, end } = useEndParams();
  return <BedIn key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

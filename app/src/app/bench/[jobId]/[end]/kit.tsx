import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const KitSheet = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.KitSheet),
);

export default function KitSheetRoute() {
  const { jobId, end } = useEndParams();
  return <KitSheet key={`${jobId} ${end}`} jobId={jobId} end={end} />;
}

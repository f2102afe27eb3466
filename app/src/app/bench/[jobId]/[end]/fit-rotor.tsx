import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const FitPart = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.FitPart),
);

export default function FitPartRoute() {
  const { jobId, end } = useEndParams();
  return <FitPart key={`${jobId} ${end}`} jobId={jobId} end={end} part="rotor" />;
}

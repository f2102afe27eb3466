import { useLocalSearchParams } from 'expo-router';
import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const RecordFluid = later(() =>
  import('../../../../screens/bench/jobScreens').then((screen) => screen.RecordFluid),
);

export default function RecordFluidRoute() {
  const { jobId, end } = useEndParams();
  const { ml = '' } = useLocalSearchParams<{ ml?: string }>();
  return <RecordFluid key={`${jobId} ${end}`} jobId={jobId} end={end} ml={ml} />;
}

import { useLocalSearchParams } from 'expo-router';
import { useEndParams } from '../../../../screens/bench/params';
import { later } from '../../../../screens/later';

const EndScreen = later(() =>
  import('../../../../screens/bench/jobScreens').then((screens) => screens.EndScreen),
);

export default function EndRoute() {
  const {
    screen = '',
    fastener = '',
    ml = '',
  } = useLocalSearchParams<{
    screen: string;
    fastener: string;
    ml: string;
  }>();
  const { jobId, end } = useEndParams();
  const key = `${jobId} ${end} ${screen} ${fastener}`;
  return (
    <EndScreen key={key} jobId={jobId} end={end} screen={screen} fastener={fastener} ml={ml} />
  );
}

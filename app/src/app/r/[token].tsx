import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../screens/later';

const OpenReport = beyond('OpenReport');

export default function OpenReportRoute() {
  return <OpenReport {...useLocalSearchParams<{ token: string }>()} />;
}

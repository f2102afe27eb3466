import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../screens/later';

const OpenReport = behind('OpenReport');

export default function OpenReportRoute() {
  return <OpenReport {...useLocalSearchParams<{ token: string }>()} />;
}

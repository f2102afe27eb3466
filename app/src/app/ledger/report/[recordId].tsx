import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const Report = beyond('ReportOf');

export default function ReportRoute() {
  return <Report {...useLocalSearchParams<{ recordId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const Report = behind('ReportOf');

export default function ReportRoute() {
  return <Report {...useLocalSearchParams<{ recordId: string }>()} />;
}

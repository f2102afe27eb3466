import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const Report = later<{ recordId: string }>(() =>
  import('../../../screens/behind').then((screen) => screen.ReportOf),
);

export default function ReportRoute() {
  return <Report {...useLocalSearchParams<{ recordId: string }>()} />;
}

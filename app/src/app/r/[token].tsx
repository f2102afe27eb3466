import { useLocalSearchParams } from 'expo-router';
import { later } from '../../screens/later';

const OpenReport = later<{ token: string }>(() =>
  import('../../screens/behind').then((screen) => screen.OpenReport),
);

export default function OpenReportRoute() {
  return <OpenReport {...useLocalSearchParams<{ token: string }>()} />;
}

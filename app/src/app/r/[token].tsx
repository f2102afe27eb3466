import { useLocalSearchParams } from 'expo-router';
import { later } from '../../screens/later';

const OpenReport = later<{ token: string }>(() =>
  import('../../screens/report/reportScreens').then((screen) => screen.OpenReport),
);

export default function OpenReportRoute() {
  return <OpenReport {...useLocalSearchParams<{ token: string }>()} />;
}

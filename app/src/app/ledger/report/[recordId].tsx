import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const Report = later<{ recordId: string }>(() =>
  import('../../../screens/ledger/Report').then((screen) => screen.Report),
);

export default function ReportRoute() {
  return <Report {...useLocalSearchParams<{ recordId: string }>()} />;
}

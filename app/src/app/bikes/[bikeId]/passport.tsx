import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const PassportSheet = later(() =>
  import('../../../screens/ledger/recordScreens').then((screens) => screens.PassportSheet),
);

export default function PassportRoute() {
  return <PassportSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

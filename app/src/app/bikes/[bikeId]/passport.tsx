import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const PassportSheet = later(() =>
  import('../../../screens/bySchema').then((screens) => screens.PassportSheet),
);

export default function PassportRoute() {
  return <PassportSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

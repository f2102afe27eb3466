import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const PassportSheet = later(() =>
  import('../../../screens/behind').then((screens) => screens.PassportSheet),
);

export default function PassportRoute() {
  return <PassportSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

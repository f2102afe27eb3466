import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const CorrectBike = later(() =>
  import('../../../screens/behind').then((screens) => screens.CorrectBike),
);

export default function CorrectBikeRoute() {
  return <CorrectBike {...useLocalSearchParams<{ bikeId: string }>()} />;
}

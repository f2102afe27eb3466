import { useLocalSearchParams } from 'expo-router';
import { later } from '../../screens/later';

const BikeSheet = later(() => import('../../screens/behind').then((screen) => screen.BikeSheet));

export default function BikeRoute() {
  return <BikeSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

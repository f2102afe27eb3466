import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../screens/later';

const BikeSheet = beyond('BikeSheet');

export default function BikeRoute() {
  return <BikeSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../screens/later';

const BikeSheet = behind('BikeSheet');

export default function BikeRoute() {
  return <BikeSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { BikeSheet } from '../../screens/bikes/BikeSheet';

export default function BikeRoute() {
  return <BikeSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

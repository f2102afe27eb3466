import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const CorrectBike = beyond('CorrectBike');

export default function CorrectBikeRoute() {
  return <CorrectBike {...useLocalSearchParams<{ bikeId: string }>()} />;
}

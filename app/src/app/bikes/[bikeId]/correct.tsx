import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const CorrectBike = behind('CorrectBike');

export default function CorrectBikeRoute() {
  return <CorrectBike {...useLocalSearchParams<{ bikeId: string }>()} />;
}

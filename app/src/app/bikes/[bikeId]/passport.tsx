import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const PassportSheet = beyond('PassportSheet');

export default function PassportRoute() {
  return <PassportSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

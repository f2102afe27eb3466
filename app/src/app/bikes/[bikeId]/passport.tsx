import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const PassportSheet = behind('PassportSheet');

export default function PassportRoute() {
  return <PassportSheet {...useLocalSearchParams<{ bikeId: string }>()} />;
}

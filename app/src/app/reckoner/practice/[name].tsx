import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const PracticeCase = beyond('PracticeCase');

export default function PracticeCaseRoute() {
  return <PracticeCase {...useLocalSearchParams<{ name: string }>()} />;
}

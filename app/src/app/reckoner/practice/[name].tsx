import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const PracticeCase = behind('PracticeCase');

export default function PracticeCaseRoute() {
  return <PracticeCase {...useLocalSearchParams<{ name: string }>()} />;
}

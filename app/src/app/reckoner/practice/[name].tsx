import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const PracticeCase = later<{ name: string }>(() =>
  import('../../../screens/behind').then((screens) => screens.PracticeCase),
);

export default function PracticeCaseRoute() {
  return <PracticeCase {...useLocalSearchParams<{ name: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { later } from '../../screens/later';

const PersonScreen = later(() =>
  import('../../screens/behind').then((screens) => screens.PersonScreen),
);

export default function PersonRoute() {
  return <PersonScreen {...useLocalSearchParams<{ personId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../screens/later';

const PersonScreen = beyond('PersonScreen');

export default function PersonRoute() {
  return <PersonScreen {...useLocalSearchParams<{ personId: string }>()} />;
}

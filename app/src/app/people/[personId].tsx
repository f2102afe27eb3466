import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../screens/later';

const PersonScreen = behind('PersonScreen');

export default function PersonRoute() {
  return <PersonScreen {...useLocalSearchParams<{ personId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const Label = beyond('Label');

export default function LabelRoute() {
  return <Label {...useLocalSearchParams<{ recordId: string }>()} />;
}

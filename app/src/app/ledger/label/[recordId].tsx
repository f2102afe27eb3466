import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const Label = behind('Label');

export default function LabelRoute() {
  return <Label {...useLocalSearchParams<{ recordId: string }>()} />;
}

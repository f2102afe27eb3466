import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const Label = later<{ recordId: string }>(() =>
  import('../../../screens/behind').then((screen) => screen.Label),
);

export default function LabelRoute() {
  return <Label {...useLocalSearchParams<{ recordId: string }>()} />;
}

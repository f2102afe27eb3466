import { useLocalSearchParams } from 'expo-router';
import { later } from '../../screens/later';

const RecordSheet = later(() =>
  import('../../screens/behind').then((screens) => screens.RecordSheet),
);

export default function RecordRoute() {
  return <RecordSheet {...useLocalSearchParams<{ recordId: string }>()} />;
}

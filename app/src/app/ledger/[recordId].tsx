import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../screens/later';

const RecordSheet = beyond('RecordSheet');

export default function RecordRoute() {
  return <RecordSheet {...useLocalSearchParams<{ recordId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../screens/later';

const RecordSheet = behind('RecordSheet');

export default function RecordRoute() {
  return <RecordSheet {...useLocalSearchParams<{ recordId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { RecordSheet } from '../../screens/ledger/RecordSheet';

export default function RecordRoute() {
  return <RecordSheet {...useLocalSearchParams<{ recordId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const SheetForm = beyond('SheetForm');

export default function NewSheetRoute() {
  const { from } = useLocalSearchParams<{ from?: string }>();
  return <SheetForm key={from} sheetId={null} from={from ?? null} />;
}

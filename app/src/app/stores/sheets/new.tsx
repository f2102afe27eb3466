import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const SheetForm = behind('SheetForm');

export default function NewSheetRoute() {
  const { from } = useLocalSearchParams<{ from?: string }>();
  return <SheetForm key={from} sheetId={null} from={from ?? null} />;
}

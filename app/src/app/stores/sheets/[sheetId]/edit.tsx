import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../../screens/later';

const SheetForm = behind('SheetForm');

export default function EditSheetRoute() {
  const { sheetId } = useLocalSearchParams<{ sheetId: string }>();
  return <SheetForm sheetId={sheetId} from={null} />;
}

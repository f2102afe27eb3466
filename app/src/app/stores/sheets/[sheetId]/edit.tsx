import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../../screens/later';

const SheetForm = beyond('SheetForm');

export default function EditSheetRoute() {
  const { sheetId } = useLocalSearchParams<{ sheetId: string }>();
  return <SheetForm sheetId={sheetId} from={null} />;
}

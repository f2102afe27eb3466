import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../../screens/later';

const SheetForm = later(() =>
  import('../../../../screens/behind').then((screens) => screens.SheetForm),
);

export default function EditSheetRoute() {
  const { sheetId } = useLocalSearchParams<{ sheetId: string }>();
  return <SheetForm sheetId={sheetId} from={null} />;
}

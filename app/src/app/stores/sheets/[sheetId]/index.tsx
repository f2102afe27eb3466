import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../../screens/later';

const SheetPage = later(() =>
  import('../../../../screens/behind').then((screen) => screen.SheetPage),
);

export default function SheetRoute() {
  const { sheetId } = useLocalSearchParams<{ sheetId: string }>();
  return <SheetPage sheetId={sheetId} />;
}

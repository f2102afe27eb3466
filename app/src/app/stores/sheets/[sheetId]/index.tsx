import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../../screens/later';

const SheetPage = behind('SheetPage');

export default function SheetRoute() {
  const { sheetId } = useLocalSearchParams<{ sheetId: string }>();
  return <SheetPage sheetId={sheetId} />;
}

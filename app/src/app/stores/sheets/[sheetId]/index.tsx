import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../../screens/later';

const SheetPage = beyond('SheetPage');

export default function SheetRoute() {
  const { sheetId } = useLocalSearchParams<{ sheetId: string }>();
  return <SheetPage sheetId={sheetId} />;
}

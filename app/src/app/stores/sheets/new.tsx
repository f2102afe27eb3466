import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const SheetForm = later(() =>
  import('../../../screens/behind').then((screens) => screens.SheetForm),
);

export default function NewSheetRoute() {
  const { from } = useLocalSearchParams<{ from?: string }>();
  return <SheetForm key={from} sheetId={null} from={from ?? null} />;
}

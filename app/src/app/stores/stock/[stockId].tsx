import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const StockForm = later(() =>
  import('../../../screens/behind').then((screens) => screens.StockForm),
);

export default function StockFormRoute() {
  const { stockId } = useLocalSearchParams<{ stockId: string }>();
  return <StockForm stockId={stockId} />;
}

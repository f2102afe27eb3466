import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const StockForm = beyond('StockForm');

export default function StockFormRoute() {
  const { stockId } = useLocalSearchParams<{ stockId: string }>();
  return <StockForm stockId={stockId} />;
}

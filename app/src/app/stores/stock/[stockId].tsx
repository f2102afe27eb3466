import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const StockForm = behind('StockForm');

export default function StockFormRoute() {
  const { stockId } = useLocalSearchParams<{ stockId: string }>();
  return <StockForm stockId={stockId} />;
}

import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const CorrectCustomer = later(() =>
  import('../../../screens/behind').then((screens) => screens.CorrectCustomer),
);

export default function CorrectCustomerRoute() {
  return <CorrectCustomer {...useLocalSearchParams<{ bikeId: string }>()} />;
}

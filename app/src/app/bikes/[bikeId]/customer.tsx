import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const CorrectCustomer = beyond('CorrectCustomer');

export default function CorrectCustomerRoute() {
  return <CorrectCustomer {...useLocalSearchParams<{ bikeId: string }>()} />;
}

import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const CorrectCustomer = behind('CorrectCustomer');

export default function CorrectCustomerRoute() {
  return <CorrectCustomer {...useLocalSearchParams<{ bikeId: string }>()} />;
}

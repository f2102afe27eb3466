import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const WrenchForm = beyond('WrenchForm');

export default function WrenchFormRoute() {
  const { wrenchId } = useLocalSearchParams<{ wrenchId: string }>();
  return <WrenchForm wrenchId={wrenchId} />;
}

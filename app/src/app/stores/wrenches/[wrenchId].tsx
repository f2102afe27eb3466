import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const WrenchForm = behind('WrenchForm');

export default function WrenchFormRoute() {
  const { wrenchId } = useLocalSearchParams<{ wrenchId: string }>();
  return <WrenchForm wrenchId={wrenchId} />;
}

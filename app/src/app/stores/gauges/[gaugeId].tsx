import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const GaugeForm = beyond('GaugeForm');

export default function GaugeRoute() {
  const { gaugeId } = useLocalSearchParams<{ gaugeId: string }>();
  return <GaugeForm gaugeId={gaugeId} />;
}

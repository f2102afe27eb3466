import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const GaugeForm = behind('GaugeForm');

export default function GaugeRoute() {
  const { gaugeId } = useLocalSearchParams<{ gaugeId: string }>();
  return <GaugeForm gaugeId={gaugeId} />;
}

import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const GaugeForm = later(() =>
  import('../../../screens/behind').then((screens) => screens.GaugeForm),
);

export default function GaugeRoute() {
  const { gaugeId } = useLocalSearchParams<{ gaugeId: string }>();
  return <GaugeForm gaugeId={gaugeId} />;
}

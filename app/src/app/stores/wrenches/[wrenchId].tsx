import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const WrenchForm = later(() =>
  import('../../../screens/behind').then((screens) => screens.WrenchForm),
);

export default function WrenchFormRoute() {
  const { wrenchId } = useLocalSearchParams<{ wrenchId: string }>();
  return <WrenchForm wrenchId={wrenchId} />;
}

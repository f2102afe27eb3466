import { useLocalSearchParams } from 'expo-router';
import { later } from '../../../screens/later';

const ContainerForm = later(() =>
  import('../../../screens/behind').then((screens) => screens.ContainerForm),
);

export default function ContainerFormRoute() {
  const { containerId } = useLocalSearchParams<{ containerId: string }>();
  return <ContainerForm containerId={containerId} />;
}

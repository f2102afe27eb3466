import { useLocalSearchParams } from 'expo-router';
import { beyond } from '../../../screens/later';

const ContainerForm = beyond('ContainerForm');

export default function ContainerFormRoute() {
  const { containerId } = useLocalSearchParams<{ containerId: string }>();
  return <ContainerForm containerId={containerId} />;
}

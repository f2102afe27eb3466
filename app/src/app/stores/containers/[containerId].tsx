import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const ContainerForm = behind('ContainerForm');

export default function ContainerFormRoute() {
  const { containerId } = useLocalSearchParams<{ containerId: string }>();
  return <ContainerForm containerId={containerId} />;
}

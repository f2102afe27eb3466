import { Stores } from '../../screens/stores/Stores';

export default function StoresRoute() {
  return <Stores />;
}

import { useJobParam } from '../../../screens/bench/params';
import { behind } from '../../../screens/later';

const Trail = behind('Trail');

export default function TrailRoute() {
  return <Trail {...useJobParam()} />;
}

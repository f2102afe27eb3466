import { useJobParam } from '../../../screens/bench/params';
import { behind } from '../../../screens/later';

const BillSheet = behind('BillSheet');

export default function BillRoute() {
  return <BillSheet {...useJobParam()} />;
}

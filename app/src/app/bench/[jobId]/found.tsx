import { useJobParam } from '../../../screens/bench/params';
import { behind } from '../../../screens/later';

const Found = behind('Found');

export default function FoundRoute() {
  return <Found {...useJobParam()} />;
}

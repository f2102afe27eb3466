import { behind } from '../../screens/later';

const TroubleForm = behind('TroubleForm');

export default function TroubleRoute() {
  return <TroubleForm />;
}

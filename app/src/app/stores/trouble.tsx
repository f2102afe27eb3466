import { beyond } from '../../screens/later';

const TroubleForm = beyond('TroubleForm');

export default function TroubleRoute() {
  return <TroubleForm />;
}

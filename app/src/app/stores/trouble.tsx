import { later } from '../../screens/later';

const TroubleForm = later(() =>
  import('../../screens/bySchema').then((screens) => screens.TroubleForm),
);

export default function TroubleRoute() {
  return <TroubleForm />;
}

import { later } from '../../screens/later';

const TroubleForm = later(() =>
  import('../../screens/behind').then((screens) => screens.TroubleForm),
);

export default function TroubleRoute() {
  return <TroubleForm />;
}

import { later } from '../../screens/later';

const FiguresForm = later(() =>
  import('../../screens/behind').then((screens) => screens.FiguresForm),
);

export default function FiguresRoute() {
  return <FiguresForm />;
}

import { later } from '../../screens/later';

const FiguresForm = later(() =>
  import('../../screens/forms').then((screens) => screens.FiguresForm),
);

export default function FiguresRoute() {
  return <FiguresForm />;
}

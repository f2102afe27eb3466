import { beyond } from '../../screens/later';

const FiguresForm = beyond('FiguresForm');

export default function FiguresRoute() {
  return <FiguresForm />;
}

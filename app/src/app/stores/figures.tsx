import { behind } from '../../screens/later';

const FiguresForm = behind('FiguresForm');

export default function FiguresRoute() {
  return <FiguresForm />;
}

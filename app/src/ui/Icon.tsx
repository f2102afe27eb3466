import Bike from 'lucide-react-native/icons/bike';
import BookCheck from 'lucide-react-native/icons/book-check';
import Calculator from 'lucide-react-native/icons/calculator';
import Droplets from 'lucide-react-native/icons/droplets';
import GripVertical from 'lucide-react-native/icons/grip-vertical';
import Wrench from 'lucide-react-native/icons/wrench';
import { color, type ColorName } from './tokens';

const ICONS = {
  bench: Wrench,
  bikes: Bike,
  reckoner: Calculator,
  stores: Droplets,
  ledger: BookCheck,
  grip: GripVertical,
};
type IconName = keyof typeof ICONS;

export function Icon({
  name,
  ink = 'ink',
  of = 22,
}: {
  name: IconName;
  ink?: ColorName;
  of?: number;
}) {
  const Drawn = ICONS[name];
  return <Drawn size={of} color={color[ink]} strokeWidth={1.75} />;
}

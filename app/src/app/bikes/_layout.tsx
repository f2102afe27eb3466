import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { Beside } from '../../screens/Beside';
import { beyond } from '../../screens/later';
import { useWide } from '../../ui/useWide';

const BikeList = beyond('BikeList');

export default function BikesLayout() {
  const { bikeId } = useGlobalSearchParams<{ bikeId?: string }>();
  const open = usePathname() !== '/bikes';
  const wide = useWide();
  return (
    <Beside
      open={open}
      list={<BikeList current={wide && open ? (bikeId ?? '') : undefined} />}
      sheet={<Slot />}
    />
  );
}

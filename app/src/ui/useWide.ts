import { useWindowDimensions } from 'react-native';
import { size, space } from './tokens';

/** Whether there is room to put the parts beside each other. */
export function useWide(): boolean {
  return useWindowDimensions().width >= size.wide;
}

/** Width of one of two columns on the sheet, less its margins; on a phone, of the whole screen. */
export function useColumn(): number {
  const { width } = useWindowDimensions();
  const sheet = width - size.rail - size.list;
  return width >= size.wide ? Math.min(460, sheet / 2 - space.l) : Math.min(420, width - space.xl);
}

import { useWindowDimensions } from 'react-native';
import { size } from './tokens';

/** Whether there is room to put the parts beside each other. */
export function useWide(): boolean {
  return useWindowDimensions().width >= size.wide;
}

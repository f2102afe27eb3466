import { useState } from 'react';
import { useWindowDimensions, type LayoutChangeEvent } from 'react-native';
import { size } from './tokens';

/**
 * How a screen that must show a number and its whole keypad shares its height. `wide`: beside each other at the counter.
 * `tall`: the drawing carries the number. `low`: the number stands beside a small drawing. `small`: the number alone.
 * `lying`: a phone on its side, keypad at the right.
 */
export type Arrangement = 'wide' | 'tall' | 'low' | 'small' | 'lying';

interface Room {
  arrangement: Arrangement;
  /** What the screen has, px: the window less what stands above it. */
  width: number;
  height: number;
}

export function arrangementOf({ width, height }: { width: number; height: number }): Arrangement {
  if (width >= size.wide) return 'wide';
  if (width > height) return 'lying';
  if (height >= size.tall) return 'tall';
  return height >= size.small ? 'low' : 'small';
}

/**
 * The room there is. Notes and banners above a screen take height from it, so that it is measured where it stands; before
 * that, and where nothing can be measured, the window counts.
 */
export function useRoom(): Room & { onLayout: (event: LayoutChangeEvent) => void } {
  const window = useWindowDimensions();
  const [above, setAbove] = useState(0);
  const height = window.height - above;
  return {
    arrangement: arrangementOf({ width: window.width, height }),
    width: window.width,
    height,
    onLayout: ({ nativeEvent }) =>
      setAbove(Math.max(0, window.height - Math.round(nativeEvent.layout.height))),
  };
}

import { useRef } from 'react';
import type { GestureResponderEvent } from 'react-native';

const FAR = 70;
const LEVEL = 50;
/** A finger that takes longer drags, or rests: it means nothing. */
const LONGEST_MS = 500;

/** Listens for a swipe of one finger to the left or to the right, and leaves scrolling and slow drags alone. */
export function useSwipe({ left, right }: { left: () => void; right: () => void }) {
  const from = useRef<{ x: number; y: number; at: number } | null>(null);
  const touchOf = ({ nativeEvent }: GestureResponderEvent) => {
    const [touch] = nativeEvent.changedTouches;
    return touch ? { x: touch.pageX, y: touch.pageY, at: nativeEvent.timestamp } : null;
  };
  return {
    onTouchStart: (event: GestureResponderEvent) => {
      from.current = touchOf(event);
    },
    onTouchEnd: (event: GestureResponderEvent) => {
      const to = touchOf(event);
      if (!from.current || !to || to.at - from.current.at > LONGEST_MS) return;
      const x = to.x - from.current.x;
      if (Math.abs(to.y - from.current.y) > LEVEL || Math.abs(x) < FAR) return;
      if (x < 0) left();
      else right();
    },
  };
}

import { useRef } from 'react';
import type { GestureResponderEvent } from 'react-native';

const FAR = 70;
const LEVEL = 50;
/** A finger that takes longer drags, or rests: it means nothing. */
const LONGEST_MS = 500;

/** Listens for a swipe of one finger to the left or to the right, and leaves scrolling and slow drags alone. */
export function useSwipe({ left, right }: { left: () => void; right: () => void }) {
  const from = useRef<{ x: number; y: number; at: number } | null>(null);
  // When it was is the event’s own word: what lies under it has none in a browser.
  const touchOf = ({ nativeEvent, timeStamp }: GestureResponderEvent) => {
    const [touch] = nativeEvent.changedTouches;
    return touch ? { x: touch.pageX, y: touch.pageY, at: timeStamp } : null;
  };
  return {
    onTouchStart: (event: GestureResponderEvent) => {
      // Two fingers make the page larger.
      from.current = event.nativeEvent.touches.length === 1 ? touchOf(event) : null;
    },
    onTouchEnd: (event: GestureResponderEvent) => {
      const began = from.current;
      from.current = null;
      const to = touchOf(event);
      if (!began || !to || to.at - began.at > LONGEST_MS) return;
      const x = to.x - began.x;
      if (Math.abs(to.y - began.y) > LEVEL || Math.abs(x) < FAR) return;
      if (x < 0) left();
      else right();
    },
  };
}

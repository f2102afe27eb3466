import { startTransition, useEffect, useRef, useState, type RefObject } from 'react';
import { flushSync } from 'react-dom';
import type { ScrollView, View } from 'react-native';

/** How far above and below the screen something still counts as near it: two screens of a phone. */
const NEAR_PX = 1800;
/** What a group of rows is taken to be high until it was there once. */
const GUESS_PX = 640;
/** What somebody may be in the middle of. */
const WRITTEN_IN = 'input, textarea, [aria-expanded=true]';

interface Near {
  place: RefObject<View | null>;
  near: boolean;
  /** How high it is where it is not there, px. */
  height: number;
}

/**
 * Whether what stands at `place` is near enough to the screen to be there. What is written in, or has the focus, stays; so does all of
 * it on paper, and where the browser cannot tell.
 */
export function useNear(scroller: RefObject<ScrollView | null>, first: boolean): Near {
  const place = useRef<View>(null);
  const [{ near, height }, setState] = useState({
    near: first || typeof IntersectionObserver === 'undefined',
    height: GUESS_PX,
  });
  useEffect(() => {
    if (typeof IntersectionObserver === 'undefined') return;
    const element = place.current as unknown as HTMLElement;
    const observer = new IntersectionObserver(
      (seen) => {
        const { isIntersecting, boundingClientRect } = seen.at(-1)!;
        // In slices: it is not seen yet, and whoever touches what is seen is not kept waiting.
        if (isIntersecting)
          startTransition(() => setState((was) => (was.near ? was : { ...was, near: true })));
        else if (!element.contains(document.activeElement) && !element.querySelector(WRITTEN_IN))
          setState((was) => (was.near ? { near: false, height: boundingClientRect.height } : was));
      },
      {
        root: scroller.current!.getScrollableNode() as HTMLElement,
        rootMargin: `${NEAR_PX}px 0px`,
      },
    );
    observer.observe(element);
    const printed = () => flushSync(() => setState((was) => ({ ...was, near: true })));
    window.addEventListener('beforeprint', printed);
    return () => {
      observer.disconnect();
      window.removeEventListener('beforeprint', printed);
    };
  }, [scroller]);
  return { place, near, height };
}

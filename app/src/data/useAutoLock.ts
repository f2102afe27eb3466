import { useEffect } from 'react';
import { lock } from './session';

/** How long nobody touches the bench’s tablet before whoever is in is out [D]: longer than any hold, shorter than a coffee. */
const IDLE_MS = 5 * 60_000;
/** How often it is looked at: a device that slept tells no timer. */
const LOOKED_AT_MS = 5_000;

/**
 * Locks the bench’s tablet when nobody touched it for a while: the next touch may be somebody else’s, and would be signed with the
 * name of who left.
 * @param on whether this is such a tablet and somebody is in
 */
export function useAutoLock(on: boolean): void {
  useEffect(() => {
    if (!on) return;
    let touched = Date.now();
    const isIdle = () => Date.now() - touched >= IDLE_MS;
    const onTouch = (event: Event) => {
      // Woken by this touch: it is not yet known whose it is.
      if (isIdle()) {
        event.preventDefault();
        event.stopPropagation();
        lock();
      } else touched = Date.now();
    };
    const timer = setInterval(() => isIdle() && lock(), LOOKED_AT_MS);
    const events = ['pointerdown', 'keydown'] as const;
    for (const event of events) window.addEventListener(event, onTouch, { capture: true });
    return () => {
      clearInterval(timer);
      for (const event of events) window.removeEventListener(event, onTouch, { capture: true });
    };
  }, [on]);
}

import { useLayoutEffect, useRef } from 'react';
import { KEYPAD_ID } from './Keypad';

const PRESSABLE = 'a, button, [role=button], [role=link], [role=radio], [role=checkbox]';

/** What a key does, and how that is called where the keys are shown. */
interface Key {
  says: string;
  act: () => void;
}
type Keys = Partial<Record<string, Key>>;

/** The keys that are listened to now, so that they can be shown. */
const LISTENING = new Set<{ current: Listener }>();

interface Listener {
  keys: Keys;
  typed: ((character: string) => void) | undefined;
  over: boolean;
}

/** What each key does on the screen that is shown, and whether digits are typed there. */
export function keysNow(): { keys: { key: string; says: string }[]; digits: boolean } {
  const all = heardNow();
  return {
    keys: all.flatMap(({ keys }) =>
      Object.entries(keys).flatMap(([key, each]) => (each ? [{ key, says: each.says }] : [])),
    ),
    digits: all.some(({ typed }) => typed !== undefined),
  };
}

/** Whoever lies over the screen hears alone: what is covered is not keyed into. */
function heardNow(): Listener[] {
  const all = [...LISTENING].map(({ current }) => current);
  const over = all.filter((each) => each.over);
  return over.length > 0 ? over : all;
}

/**
 * Listens to the hardware keyboard, and so to gauges and pedals that act as one. Keys meant for a field or a
 * focused button are left to it; the keypad's own keys are not. A key or a pedal that is held down acts once: what it repeats by
 * itself nobody did. `typed` hears 0 to 9, the point, the comma and minus.
 * @param over whether it lies over the screen, which then hears nothing
 */
export function useKeys(keys: Keys, typed?: (character: string) => void, over = false): void {
  const latest = useRef<Listener>({ keys, typed, over });
  // As soon as the screen is there, and not once it was painted: what is keyed at first sight is heard.
  useLayoutEffect(() => {
    latest.current = { keys, typed, over };
  });
  useLayoutEffect(() => {
    const heard = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTakenBy(event)) return;
      if (!heardNow().includes(latest.current)) return;
      const { keys: now, typed: hear } = latest.current;
      const act =
        hear && /^[0-9.,-]$/.test(event.key) ? () => hear(event.key) : now[event.key]?.act;
      if (!act) return;
      event.preventDefault();
      event.stopPropagation();
      if (!event.repeat) act();
    };
    // Ahead of the buttons, so that one key never acts twice.
    window.addEventListener('keydown', heard, true);
    LISTENING.add(latest);
    return () => {
      window.removeEventListener('keydown', heard, true);
      LISTENING.delete(latest);
    };
  }, []);
}

/** Has Enter, held down, press what has the focus once: a browser presses a button again each time the key repeats itself. */
export function useOnePress(): void {
  useLayoutEffect(() => {
    const repeated = (event: KeyboardEvent) => {
      if (event.repeat && event.key === 'Enter') event.preventDefault();
    };
    window.addEventListener('keydown', repeated, true);
    return () => window.removeEventListener('keydown', repeated, true);
  }, []);
}

function isTakenBy({ target, key }: KeyboardEvent): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target.closest('[aria-modal=true]')) return true;
  if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return true;
  const presses = key === 'Enter' || key === ' ';
  return presses && target.matches(PRESSABLE) && !target.closest(`#${KEYPAD_ID}`);
}

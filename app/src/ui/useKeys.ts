import { useEffect, useRef } from 'react';
import { KEYPAD_ID } from './Keypad';

const PRESSABLE = 'a, button, [role=button], [role=link], [role=radio], [role=checkbox]';

type Handlers = Partial<Record<string, () => void>>;

/**
 * Listens to the hardware keyboard, and so to gauges and pedals that act as one. Keys meant for a field or a
 * focused button are left to it; the keypad's own keys are not. `typed` hears 0 to 9, the point, the comma and minus.
 */
export function useKeys(keys: Handlers, typed?: (character: string) => void): void {
  const latest = useRef({ keys, typed });
  useEffect(() => {
    latest.current = { keys, typed };
  });
  useEffect(() => {
    const heard = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTakenBy(event)) return;
      const { keys: now, typed: hear } = latest.current;
      const act = hear && /^[0-9.,-]$/.test(event.key) ? () => hear(event.key) : now[event.key];
      if (!act) return;
      event.preventDefault();
      event.stopPropagation();
      act();
    };
    // Ahead of the buttons, so that one key never acts twice.
    window.addEventListener('keydown', heard, true);
    return () => window.removeEventListener('keydown', heard, true);
  }, []);
}

function isTakenBy({ target, key }: KeyboardEvent): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return true;
  const presses = key === 'Enter' || key === ' ';
  return presses && target.matches(PRESSABLE) && !target.closest(`#${KEYPAD_ID}`);
}

import { InputError } from '@hold-fast/core/inputError';
import { growingReading, typedReading, type Keying } from '@hold-fast/core/gauge/typedReading';
import { useState } from 'react';
import { words } from '../../../words/words';

const LONGEST = 8;

/**
 * A number being keyed, digit by digit, by touch or keyboard. What is keyed survives a reload.
 * @param name tells this number from others that are being keyed elsewhere
 */
export function useKeyed(name: string, keying: Keying) {
  const key = `hold-fast.keyed.${name}`;
  const [text, setText] = useState(() => sessionStorage.getItem(key) ?? '');
  const [fault, setFault] = useState<string | null>(null);

  const change = (now: string) => {
    setText(now);
    setFault(null);
    if (now) sessionStorage.setItem(key, now);
    else sessionStorage.removeItem(key);
  };
  return {
    text,
    fault,
    setFault,
    growing: growingReading(text, keying),
    type: (character: string) => text.length < LONGEST && change(text + character),
    erase: () => change(text.slice(0, -1)),
    clear: () => change(''),
    /** The number, or null with the fault said. */
    read: (): number | null => {
      try {
        return typedReading(text, keying);
      } catch (error) {
        setFault(faultWords(error));
        return null;
      }
    },
  };
}

/** What is wrong with an input, in words. Rethrows what is not about the input. */
export function faultWords(error: unknown): string {
  if (error instanceof InputError) return words.inputError(error.code, error.numbers);
  throw error;
}

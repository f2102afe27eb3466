import { InputError } from '@hold-fast/core/inputError';
import {
  canGrow,
  growingReading,
  typedReading,
  type Keying,
} from '@hold-fast/core/gauge/typedReading';
import { useState } from 'react';
import { inTab } from '../../../remembered';
import { verdictWords } from '../../../words/verdictWords';

const LONGEST = 8;

/**
 * A number being keyed, digit by digit, by touch or keyboard. What is keyed survives a reload.
 * @param name tells this number from others that are being keyed elsewhere
 */
export function useKeyed(name: string, keying: Keying) {
  const key = `hold-fast.keyed.${name}`;
  const [text, setText] = useState(() => inTab.getItem(key) ?? '');
  const [fault, setFault] = useState<string | null>(null);

  const set = (now: string) => {
    setText(now);
    setFault(null);
    if (now) inTab.setItem(key, now);
    else inTab.removeItem(key);
  };
  return {
    text,
    fault,
    setFault,
    set,
    growing: growingReading(text, keying),
    /**
     * Keys one more character and answers with the text. A digit too many is shown and said: it likely belongs to the next
     * reading.
     */
    type: (character: string): string => {
      const now = text.length < LONGEST ? text + character : text;
      set(now);
      if (!canGrow(text, keying))
        setFault(verdictWords.inputError('too-many-digits', { decimals: keying.decimals }));
      return now;
    },
    erase: () => set(text.slice(0, -1)),
    clear: () => set(''),
    /** A text as a number, or null with the fault said. */
    read: (typed = text): number | null => {
      try {
        return typedReading(typed, keying);
      } catch (error) {
        setFault(faultWords(error));
        return null;
      }
    },
  };
}

/** What is wrong with an input, in words. Rethrows what is not about the input. */
function faultWords(error: unknown): string {
  if (error instanceof InputError) return verdictWords.inputError(error.code, error.numbers);
  throw error;
}

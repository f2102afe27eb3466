import { useRef } from 'react';
import { v7 as uuid } from 'uuid';

/**
 * One try at saving something keeps its id and time until it is answered: a second press of a button, or another try
 * after a lost connection, is the same write. Something else to save is another try.
 */
export function useAttempt() {
  const attempt = useRef<{ id: string; at: string; saves: string } | null>(null);
  return {
    of: (body: object) => {
      const saves = JSON.stringify(body);
      if (attempt.current?.saves !== saves)
        attempt.current = { id: uuid(), at: new Date().toISOString(), saves };
      const { id, at } = attempt.current;
      return { id, at };
    },
    answered: () => {
      attempt.current = null;
    },
  };
}

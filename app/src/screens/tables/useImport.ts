import { ROWS_A_REQUEST, type BikeRow, type RowOutcome } from '@hold-fast/contract/bikeRows';
import { useEffect, useRef, useState } from 'react';
import { useImportBikes } from '../../data/writes';

/** How far a table has come: what became of the rows that were sent, of so many; stopped where one request failed. */
export interface Going {
  done: RowOutcome[];
  of: number;
  error: Error | null;
}

/** Sends rows a request at a time, and goes on where it stopped. It ends with its screen. */
export function useImport(mode: 'preview' | 'take') {
  const send = useImportBikes();
  const [going, setGoing] = useState<Going | null>(null);
  const run = useRef(0);
  useEffect(() => () => void (run.current += 1), []);
  const go = async (rows: readonly BikeRow[], from: RowOutcome[] = []): Promise<void> => {
    const mine = (run.current += 1);
    const done = [...from];
    setGoing({ done, of: rows.length, error: null });
    while (done.length < rows.length) {
      const part = rows.slice(done.length, done.length + ROWS_A_REQUEST);
      try {
        done.push(...(await send(mode, part)));
      } catch (error) {
        if (run.current === mine)
          setGoing({ done: [...done], of: rows.length, error: error as Error });
        return;
      }
      if (run.current !== mine) return;
      setGoing({ done: [...done], of: rows.length, error: null });
    }
  };
  const clear = () => {
    run.current += 1;
    setGoing(null);
  };
  return { going, go, clear };
}

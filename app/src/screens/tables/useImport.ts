import { ROWS_A_REQUEST, type RowOutcome } from '@hold-fast/contract/rowsIn';
import { useEffect, useRef, useState } from 'react';

/** How far a table has come: what became of the rows that were sent, of so many; stopped where one request failed. */
interface Going {
  done: RowOutcome[];
  of: number;
  error: Error | null;
}

export interface Importing<Row> {
  going: Going | null;
  go: (rows: readonly Row[], from?: RowOutcome[]) => Promise<void>;
  clear: () => void;
}

/** Sends rows a request at a time, and goes on where it stopped. It ends with its screen. */
export function useImport<Row>(
  send: (rows: readonly Row[]) => Promise<RowOutcome[]>,
): Importing<Row> {
  const [going, setGoing] = useState<Going | null>(null);
  const run = useRef(0);
  useEffect(() => () => void (run.current += 1), []);
  const go = async (rows: readonly Row[], from: RowOutcome[] = []): Promise<void> => {
    const mine = (run.current += 1);
    const done = [...from];
    setGoing({ done, of: rows.length, error: null });
    while (done.length < rows.length) {
      const part = rows.slice(done.length, done.length + ROWS_A_REQUEST);
      try {
        done.push(...(await send(part)));
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

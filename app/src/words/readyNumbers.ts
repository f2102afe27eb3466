import { LOCALE } from './manner';

/** Has the browser ready to write numbers before one is asked for, off the screen's thread: the first takes longer than all the rest of a job. */
export function readyNumbers(): void {
  new Worker(new URL('../workers/numbers.worker.ts', window.location.href), {
    type: 'module',
    name: LOCALE,
  });
}

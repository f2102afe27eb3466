import { createContext } from 'react';

/** Where a page's tag leads: back to what it came from. */
export interface WayBack {
  says: string;
  go: () => void;
}

/** Laid by whoever shows the pages of a job; null where nothing lies behind a page, or stands beside it already. */
export const WayBackContext = createContext<WayBack | null>(null);

import type { Traced } from '@hold-fast/contract/trace';

/** Whom a fault reached. */
export interface TraceWords {
  title: string;
  says: string;
  by: string;
  of: Record<Traced, string>;
  name: Record<Traced, string>;
  find: string;
  none: string;
  noneSays: string;
  reached: (count: number, more: boolean) => string;
  ml: (ml: string) => string;
  csv: string;
  columns: {
    tag: string;
    day: string;
    customer: string;
    phone: string;
    bike: string;
    what: string;
  };
}

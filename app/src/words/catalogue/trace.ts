import type { Traced } from '@hold-fast/contract/traced';

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
  /** Another workshop put it in, by the bike's passport. */
  brought: string;
  csv: string;
  writeAll: (count: number) => string;
  writeSays: string;
  draft: (what: string) => string;
  sentTo: (count: number, of: number) => string;
  notSent: (names: string) => string;
  changed: (what: string, was: string, now: string) => string;
  columns: {
    tag: string;
    day: string;
    customer: string;
    phone: string;
    bike: string;
    what: string;
  };
}

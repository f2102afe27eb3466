import type { Cause } from '@hold-fast/core/trouble/causes';
import type { BenchSign, Check } from '@hold-fast/core/trouble/signs';

/** From a complaint to its cause. */
export interface TroubleWords {
  title: string;
  complaint: string;
  noComplaint: string;
  known: string;
  nothingKnown: string;
  seen: (signs: string) => string;
  absent: (signs: string) => string;
  leading: string;
  estimate: string;
  chance: (percent: string) => string;
  pro: (signs: string) => string;
  con: (signs: string) => string;
  cause: Record<Cause, string>;
  cure: Record<Cause, string>;
  sign: Record<BenchSign, string>;
  check: Record<Check, string>;
  next: string;
  minutes: (minutes: number) => string;
  first: string;
  noMore: string;
  goThere: string;
  knowing: Record<'seen' | 'absent' | 'unknown', string>;
  thatIsIt: string;
  found: (causes: string) => string;
  writeItDown: string;
  unexplained: string;
  planIt: string;
  takeBack: string;
  wouldChange: string;
  would: (sign: string, seen: boolean, cause: string) => string;
  doNotRide: string;
  doNotRideBecause: (signs: string) => string;
  notOffered: string;
  warned: readonly { cure: string; why: string }[];
}

import type { End } from '../ends';
import { causeRule, type Cause } from '../trouble/causes';
import type { ToldSign } from '../trouble/signs';
import { fault, type EntryBase } from './entry';
import { never, tells } from './told';

/**
 * A sign that nothing in the inspection shows, seen, or looked for and absent. What a look or a measurement shows is written down
 * there: it bars, and is cured, by what it is.
 */
export interface SignEntry extends EntryBase {
  kind: 'sign';
  end: End;
  sign: ToldSign;
  seen: boolean;
}

declare module './told' {
  interface ToldEntries {
    cause: CauseEntry;
    sign: SignEntry;
  }
}

/** A cause that was found behind the complaint: what it leaves unexplained is asked again. */
export interface CauseEntry extends EntryBase {
  kind: 'cause';
  end: End;
  cause: Cause;
}

export const sign = tells<SignEntry>('sign', { whose: 'bench', registers: [], stays: never });

/** What takes the bike off the road is written down as it was found, where it bars, and not by its name here. */
export const cause = tells<CauseEntry>('cause', {
  whose: 'bench',
  registers: [],
  stays: never,
  fault: (_job, entry) =>
    causeRule(entry.cause).forbids ? fault('invalid-input', 'cause', 'by-what-was-found') : null,
});

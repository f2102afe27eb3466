import type { End } from '../ends';
import type { Answer } from '../plan/quote';
import type { ProcedureId } from '../procedure/procedures';
import type { EntryBase } from './entry';
import { never, tells } from './told';

/** What the customer said to lines of the quote. */
export interface CustomerAnswerEntry extends EntryBase {
  kind: 'customer-answer';
  answer: Answer;
  lines: { end: End; procedure: ProcedureId }[];
  who: string;
  how: 'in-person' | 'by-phone' | 'in-writing';
  words: string;
}

declare module './told' {
  interface ToldEntries {
    'customer-answer': CustomerAnswerEntry;
  }
}

export const customerAnswer = tells<CustomerAnswerEntry>('customer-answer', {
  whose: 'anybody',
  registers: [],
  stays: never,
});

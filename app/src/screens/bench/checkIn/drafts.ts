import type { FoundBike } from '@hold-fast/contract/bikes';
import { inTab } from '../../../remembered';
import { blankBike, type NewBike } from './newBike';
import { blankVisit, type VisitForm } from './visitForm';

/** A check-in half written, as this tab keeps it for whoever began it until it is sent or thrown away. */
export interface Draft {
  /** A bike out of the list, or none yet. */
  known: FoundBike | null;
  /** A bike that nobody knows yet is written down, of a new customer or of the known one. */
  fresh: boolean;
  /** What a new customer and bike are sent as, however often: what arrived once is not made a second time. */
  made: { customer: string; bike: string };
  written: VisitForm & NewBike;
  /** It stands on the screen: after a reload it stands there again. */
  open: boolean;
}

/** Nothing written yet, of a customer by this name. */
export const blankWritten = (customerName: string): Draft['written'] => ({
  ...blankBike(customerName),
  ...blankVisit(''),
});

/** The half-written check-ins of somebody, the latest last. */
export function draftsOf(personId: string) {
  const key = `hold-fast.check-in.${personId}`;
  const all = () => JSON.parse(inTab.getItem(key) ?? '[]') as Draft[];
  const put = (drafts: readonly Draft[]) =>
    drafts.length > 0 ? inTab.setItem(key, JSON.stringify(drafts)) : inTab.removeItem(key);
  const besides = (draft: Draft) => all().filter(({ made }) => made.bike !== draft.made.bike);
  return {
    all,
    has: (draft: Draft) => all().some(({ made }) => made.bike === draft.made.bike),
    keep: (draft: Draft) => put([...besides(draft), draft]),
    /** Off the screen, and kept. */
    shut: () => put(all().map((draft) => ({ ...draft, open: false }))),
    letGo: (draft: Draft) => put(besides(draft)),
  };
}

export type Drafts = ReturnType<typeof draftsOf>;

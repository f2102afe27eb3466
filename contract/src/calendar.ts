import { DUES } from '@hold-fast/core/due/due';
import { z } from 'zod';
import { Id, words } from './fields';

/** The words of a calendar that is fed by the server, which has none of its own: as the screens of whoever made it say them. */
export const CalendarWords = z.strictObject({
  title: words(60),
  of: z.record(z.enum(DUES), words(60)),
  end: z.strictObject({ front: words(30), rear: words(30), third: words(30).optional() }),
});
export type CalendarWords = z.infer<typeof CalendarWords>;

export const MakeFeed = z.strictObject({ id: Id, words: CalendarWords });
export type MakeFeed = z.infer<typeof MakeFeed>;
export const WithdrawFeed = z.strictObject({ id: Id });

/** An address from which a calendar takes what is due. */
export interface CalendarFeed {
  id: string;
  /** 128 bits of chance, base64url: the last part of the address. */
  token: string;
  madeAt: string;
  madeBy: string;
  withdrawn: { at: string; by: string } | null;
}

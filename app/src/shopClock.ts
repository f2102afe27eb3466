/** A difference of less is the network's, and the second that a server's date leaves out, ms [D]. */
const SLIGHT_MS = 60_000;

let aheadMs = 0;

/**
 * Takes the shop's time from an answer of its server, just in: a phone's clock may be a day wrong.
 * @param date the answer's `Date`; null where it has none
 */
export function hearShopClock(date: string | null): void {
  const off = Date.parse(date ?? '') - Date.now();
  if (!Number.isNaN(off)) aheadMs = Math.abs(off) < SLIGHT_MS ? 0 : off;
}

/** Now, as the shop's clock has it, as far as this device heard of it. */
export const shopNow = () => new Date(Date.now() + aheadMs);

/** A time that this device wrote down, as the shop will have it once it is sent, ISO 8601. */
export const atShop = (at: string): string =>
  aheadMs === 0 ? at : new Date(Date.parse(at) + aheadMs).toISOString();

/** How phones on the shop’s network reach it, and what they have to trust first. */
export interface Trust {
  /** Where the shop is, over TLS. */
  shop: string;
  /** Where a phone that does not trust it yet is told how, in the clear. */
  page: string;
  /** The SHA-256 of the shop’s root certificate, in pairs of digits: what the phone shows has to be the same. */
  fingerprint: string;
}

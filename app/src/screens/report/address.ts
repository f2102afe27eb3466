/** Where a report is read by whoever has its address. */
export const addressOf = (token: string): string => `${globalThis.location.origin}/r/${token}`;

/** A number as it is written into a field, with point or comma; null when it is none. */
export function numberOf(text: string): number | null {
  const trimmed = text.trim();
  return /^\d{1,5}([.,]\d{1,3})?$/.test(trimmed) ? Number(trimmed.replace(',', '.')) : null;
}

/** {@link numberOf}, with a sign before it. */
export function signedNumberOf(text: string): number | null {
  const [, sign, digits] = /^([-−]?)(.*)$/.exec(text.trim()) ?? [];
  const number = numberOf(digits ?? '');
  return number === null ? null : sign ? -number : number;
}

/** How many digits a PIN has [D]. */
export const PIN_DIGITS = { least: 4, most: 8 } as const;

/** A whole PIN, right or wrong. */
export const PIN = new RegExp(`^\\d{${PIN_DIGITS.least},${PIN_DIGITS.most}}$`);

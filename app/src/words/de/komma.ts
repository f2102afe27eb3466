/** A number of the trade within a German sentence. */
export const komma = (value: number): string => String(value).replace('.', ',');

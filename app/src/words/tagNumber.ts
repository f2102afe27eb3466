/** A job's number, as its tag shows it. */
export const tagNumber = (number: number): string => String(number).padStart(4, '0');

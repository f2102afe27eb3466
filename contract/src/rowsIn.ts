/** As many rows go in one request, and as many in one table [D]. */
export const ROWS_A_REQUEST = 200;
export const MOST_ROWS = 20_000;

/** What becomes of a row: it is added, it is there already and left alone, or it cannot be taken and why. */
export interface RowOutcome {
  line: number;
  does: 'add' | 'there' | 'refused';
  fault: 'which-customer' | 'serial-taken' | 'no-such-bike' | 'which-bike' | 'not-yet' | null;
}

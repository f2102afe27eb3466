/** Years a workshop's dates lie in [D]: another one is a slip, or a clock that was never set. */
export const YEARS = { from: 2000, to: 2100 } as const;

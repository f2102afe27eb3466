// Where a single test is worked, in a file that is walked at both widths.

export const AT_THE_BENCH = { tag: '@bench' };
export const AT_THE_COUNTER = { tag: '@counter' };

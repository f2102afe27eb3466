/**
 * Where a value comes from. `S` a published source, `P` common practice of the trade, `M` from memory
 * (unverified), `D` our own design choice. A value tagged `M` is never the sole ground for passing a part.
 */
export type Tag = 'S' | 'P' | 'M' | 'D';

/** Who laid a limit or a torque down, strongest first: stamped on the part, the maker's sheet, the shop's default. */
export const ORIGINS = ['stamped', 'sheet', 'shop'] as const;
export type Origin = (typeof ORIGINS)[number];

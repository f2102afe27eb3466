export type LeverSign =
  /** Goes on sinking under a held pull: a leak or a bypassing seal. */
  | { code: 'sinks'; byMm: number }
  | { code: 'to-the-bar' }
  /** Shorter after pumping: air, or pistons rolled back. */
  | { code: 'firms-when-pumped'; byMm: number }
  /** Soft after the bite: air. */
  | { code: 'soft'; airMl: number }
  /** Long travel and firm at the end: worn pads or pistons rolled back, and no work for a bleed. */
  | { code: 'long-and-firm' };

/** Upper ends of the bands, mm, inclusive; above the last one, replace. */
export interface RunoutBands {
  goodMm: number;
  watchMm: number;
  trueMm: number;
}

export type RunoutBand = 'good' | 'watch' | 'true' | 'replace';

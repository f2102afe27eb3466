/** An icon as Lucide draws it (ISC), 24 by 24: `of` is its name there; lines have round ends and corners. */
export interface Drawing {
  of: string;
  paths: readonly string[];
  /** By centre and radius. */
  circles?: readonly (readonly [cx: number, cy: number, r: number])[];
  /** By size, corner and roundness. */
  rects?: readonly (readonly [width: number, height: number, x: number, y: number, rx: number])[];
}

/** Those the app shows, out of thousands; a test holds them against the set. */
export const ICONS = {
  bench: {
    of: 'wrench',
    paths: [
      'M14.7 6.3a1 1 0 0 0 0 1.4l1.6 1.6a1 1 0 0 0 1.4 0l3.106-3.105c.32-.322.863-.22.983.218a6 6 0 0 1-8.259 7.057l-7.91 7.91a1 1 0 0 1-2.999-3l7.91-7.91a6 6 0 0 1 7.057-8.259c.438.12.54.662.219.984z',
    ],
  },
  bikes: {
    of: 'bike',
    paths: ['M12 17.5V14l-3-3l4-3l2 3h2'],
    circles: [
      [18.5, 17.5, 3.5],
      [5.5, 17.5, 3.5],
      [15, 5, 1],
    ],
  },
  reckoner: {
    of: 'calculator',
    paths: ['M8 6h8m0 8v4m0-8h.01M12 10h.01M8 10h.01M12 14h.01M8 14h.01M12 18h.01M8 18h.01'],
    rects: [[16, 20, 4, 2, 2]],
  },
  stores: {
    of: 'droplets',
    paths: [
      'M7 16.3c2.2 0 4-1.83 4-4.05c0-1.16-.57-2.26-1.71-3.19S7.29 6.75 7 5.3c-.29 1.45-1.14 2.84-2.29 3.76S3 11.1 3 12.25c0 2.22 1.8 4.05 4 4.05',
      'M12.56 6.6A11 11 0 0 0 14 3.02c.5 2.5 2 4.9 4 6.5s3 3.5 3 5.5a6.98 6.98 0 0 1-11.91 4.97',
    ],
  },
  ledger: {
    of: 'book-check',
    paths: [
      'M4 19.5v-15A2.5 2.5 0 0 1 6.5 2H19a1 1 0 0 1 1 1v18a1 1 0 0 1-1 1H6.5a1 1 0 0 1 0-5H20',
      'm9 9.5l2 2l4-4',
    ],
  },
  grip: {
    of: 'grip-vertical',
    paths: [],
    circles: [
      [9, 12, 1],
      [9, 5, 1],
      [9, 19, 1],
      [15, 12, 1],
      [15, 5, 1],
      [15, 19, 1],
    ],
  },
} satisfies Record<string, Drawing>;

import { arrangementOf } from './useRoom';

// Sizes of our own choice: what a phone's browser leaves of 390×844, a small phone, each on its side, the counter.
it.each([
  [390, 844, 'tall'],
  [390, 664, 'low'],
  [360, 640, 'low'],
  [360, 560, 'small'],
  [844, 390, 'lying'],
  [640, 360, 'lying'],
  [1280, 800, 'wide'],
] as const)('%d × %d is %s', (width, height, arrangement) =>
  expect(arrangementOf({ width, height })).toBe(arrangement),
);

/** Numbers from 0 to 1, the same for the same seed. Source [S]: Park and Miller, CACM 31 (1988), minimal standard. */
export function randomOf(seed: number): () => number {
  let state = seed % 2_147_483_647 || 1;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

/** A seed for another row of numbers. */
export const seedBy = (random: () => number): number => 1 + Math.floor(random() * 2_000_000_000);

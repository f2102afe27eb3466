import type { ThicknessLimit } from './verdict';

/**
 * The limit in force: the one stamped on the part, then the maker's sheet, then the shop's default.
 * @returns the first of these that exists, or null when nobody laid one down.
 */
export function limitInForce(
  candidates: readonly (ThicknessLimit | null)[],
): ThicknessLimit | null {
  const rank = { stamped: 0, sheet: 1, shop: 2 } as const;
  return (
    candidates
      .filter((candidate) => candidate !== null)
      .sort((a, b) => rank[a.origin] - rank[b.origin])[0] ?? null
  );
}

/** The shop's own default for a rotor, editable: 1.5 mm is the commonest minimum [P]; the wording is unknown. */
export const USUAL_ROTOR_LIMIT: ThicknessLimit = {
  limitMm: 1.5,
  atLimitIsWorn: null,
  origin: 'shop',
  tag: 'P',
};

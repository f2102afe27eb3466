import { nameOf, type Fluid } from './families';

/** What fluid stays in, part by part: each is an individual, and has seals or walls that met what went through it. */
export const WET_PARTS = ['lever', 'hose', 'caliper'] as const;
export type WetPart = (typeof WET_PARTS)[number];

/** The fluids each part of a brake has met since it was new or its seals were, each once, the oldest first. */
export type Met = Readonly<Record<WetPart, readonly Fluid[]>>;
export const NOTHING_MET: Met = { lever: [], hose: [], caliper: [] };

/** What happens to a brake that its fluids go by, in order. */
export type WetEvent =
  /** Fluid went in: it goes through all of it. */
  | { what: 'filled'; fluid: Fluid }
  /** Another part, or every seal of it new. */
  | { what: 'renewed'; parts: readonly WetPart[] };

/**
 * What the parts of a brake have met after all this. What is in the hose goes through lever and caliper with the next fill, also
 * through one that was put on new: a hose keeps what it held until it is flushed, or rinsed while both its ends are apart and
 * renewed [D].
 */
export function metAfter(before: Met, events: readonly WetEvent[]): Met {
  return events.reduce<Met>((met, event) => {
    if (event.what === 'renewed') {
      const left = (part: WetPart) => (event.parts.includes(part) ? [] : met[part]);
      const lever = left('lever');
      const caliper = left('caliper');
      const bothNew = lever.length === 0 && caliper.length === 0;
      return { lever, hose: bothNew ? [] : left('hose'), caliper };
    }
    const through = [...met.hose, event.fluid];
    return {
      lever: eachOnce([...met.lever, ...through]),
      hose: [event.fluid],
      caliper: eachOnce([...met.caliper, ...through]),
    };
  }, before);
}

/** A fluid of another family that a brake has met and that may not meet this one, with the parts that hold it; null for none. */
export function otherFamilyIn(
  met: Met,
  family: Fluid['family'],
): { fluid: Fluid; parts: WetPart[] } | null {
  const fluid = WET_PARTS.flatMap((part) => met[part]).find((each) => each.family !== family);
  return fluid
    ? {
        fluid,
        parts: WET_PARTS.filter((part) => met[part].some((each) => each.family !== family)),
      }
    : null;
}

/** Whether two are the same fluid: one grade, or one maker's blend. */
export const isSame = (one: Fluid, other: Fluid): boolean =>
  one.family === other.family && nameOf(one) === nameOf(other);

const eachOnce = (fluids: readonly Fluid[]): Fluid[] =>
  fluids.filter((fluid, i) => fluids.findIndex((other) => isSame(other, fluid)) === i);

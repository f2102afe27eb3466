import { InputError } from '../inputError';
import { micrometres, millimetres } from '../units/length';

/** How far the pad's top is to lie inside the rotor's edge, mm: the pads sweep the whole track, and nothing but it [P]. */
export const RADIAL_TARGET_MM = { least: 0, most: 0.5, aim: 0.25 } as const;
/** Washers a shop keeps, mm [D], and how many at most go under one bolt [P]. */
export const WASHERS_MM = [0.2, 0.5, 1.0, 1.5] as const;
export const MOST_WASHERS = 3;
/** What e can be on a brake that is bolted to a bike at all, mm [D]. */
const PLAUSIBLE_E_MM = { least: -15, most: 25 } as const;

/** What is done about where the pads sweep. Thicknesses are of one side; the other side gets the same. */
export type RadialChoice =
  | { code: 'within' }
  /** The caliper moves outward. */
  | { code: 'add'; washersMm: number[]; landsAtMm: number }
  /** It overhangs: these come out from under it. */
  | { code: 'take-out'; washersMm: number[]; landsAtMm: number }
  /** These would bring it within the target, and are not there. */
  | { code: 'out-of-stock'; washersMm: number[]; landsAtMm: number }
  /** No washers in stock bring it within the target, or none are there to be taken out: another adapter. */
  | { code: 'another-adapter'; overhangs: boolean };

/** How the pads sweep the track at an end: what of it is not in order, or null. */
export type Unswept =
  /** e was measured, and lies outside the target. */
  | 'outside'
  /** The witness ring runs off the edge, and nobody measured e and looked at the ring again since. */
  | 'off-the-edge'
  /** Measured, and something was moved since. */
  | 'moved'
  /** A step was done by e, and that was taken back. */
  | 'unmeasured';

/** Whether e is where it is to be, whole micrometres, ends inclusive. */
export function isRadialWithin(eMm: number): boolean {
  const e = micrometres(eMm);
  return e >= micrometres(RADIAL_TARGET_MM.least) && e <= micrometres(RADIAL_TARGET_MM.most);
}

/**
 * Which washers go under a caliper, or come out: the set that lands nearest the aim, then the fewest, then the thickest
 * first; none where e is within the target already. Common practice [P], the target and the stock our choice [D].
 * @param eMm how far the pad's top lies inside the rotor's edge, mm; negative where it overhangs
 * @param fittedMm washers under one side now, mm
 * @param stockMm thicknesses that are there to be put in, mm
 * @throws InputError as {@link plausibleE}
 * @example washersFor(2.3, []) // add 1.5 + 0.5, lands at 0.30
 */
export function washersFor(
  eMm: number,
  fittedMm: readonly number[],
  stockMm: readonly number[] = WASHERS_MM,
): RadialChoice {
  const choice = chosenFrom(eMm, fittedMm, stockMm);
  if (choice.code !== 'another-adapter' || choice.overhangs) return choice;
  const whole = chosenFrom(eMm, fittedMm, WASHERS_MM);
  return whole.code === 'add' ? { ...whole, code: 'out-of-stock' } : choice;
}

function chosenFrom(
  eMm: number,
  fittedMm: readonly number[],
  stockMm: readonly number[],
): Exclude<RadialChoice, { code: 'out-of-stock' }> {
  const e = micrometres(plausibleE(eMm));
  if (isRadialWithin(eMm)) return { code: 'within' };
  const overhangs = e < 0;
  const sets = overhangs
    ? subsetsOf(fittedMm.map((mm) => micrometres(mm)))
    : setsOf(
        stockMm.map((mm) => micrometres(mm)),
        Math.max(0, MOST_WASHERS - fittedMm.length),
      );
  const landing = (set: readonly number[]) => {
    const moved = set.reduce((sum, each) => sum + each, 0);
    return overhangs ? e + moved : e - moved;
  };
  const off = (set: readonly number[]) =>
    Math.abs(landing(set) - micrometres(RADIAL_TARGET_MM.aim));
  const [best] = sets
    .map((set) => [...set].sort((a, b) => b - a))
    .sort((a, b) => off(a) - off(b) || a.length - b.length || thickestFirst(a, b));
  if (!best || best.length === 0 || !isRadialWithin(millimetres(landing(best))))
    return { code: 'another-adapter', overhangs };
  return {
    code: overhangs ? 'take-out' : 'add',
    washersMm: best.map(millimetres),
    landsAtMm: millimetres(landing(best)),
  };
}

/** e as it may be written down, mm. @throws InputError `not-a-number`, `implausible` */
export function plausibleE(eMm: number): number {
  if (!Number.isFinite(eMm)) throw new InputError('not-a-number', 'eMm');
  if (eMm < PLAUSIBLE_E_MM.least || eMm > PLAUSIBLE_E_MM.most)
    throw new InputError('implausible', 'eMm', { eMm });
  return eMm;
}

/** Every set of up to so many of these, each as often as one likes. */
function setsOf(of: readonly number[], most: number): number[][] {
  if (most === 0) return [[]];
  return [
    [],
    ...of.flatMap((each, i) => setsOf(of.slice(i), most - 1).map((set) => [each, ...set])),
  ];
}

/** Every choice among these. */
const subsetsOf = (of: readonly number[]): number[][] =>
  of.reduce<number[][]>((sets, each) => [...sets, ...sets.map((set) => [...set, each])], [[]]);

function thickestFirst(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((each, i) => each !== b[i]);
  return at < 0 ? 0 : (b[at] ?? 0) - a[at]!;
}

// Definitions the factors rest on. Source [S]: NIST SP 811 (2008), Appendix B.8 (pound avoirdupois, inch, standard gravity).
const KG_PER_POUND = 0.45359237;
const STANDARD_GRAVITY = 9.80665;
const M_PER_INCH = 0.0254;
const INCHES_PER_FOOT = 12;

const NEWTONS_PER_POUND_FORCE = KG_PER_POUND * STANDARD_GRAVITY;

/** Newton metres in one of each torque unit. */
export const NM_PER_UNIT = {
  'N·m': 1,
  'lbf·in': NEWTONS_PER_POUND_FORCE * M_PER_INCH,
  'lbf·ft': NEWTONS_PER_POUND_FORCE * M_PER_INCH * INCHES_PER_FOOT,
  'kgf·cm': STANDARD_GRAVITY / 100,
} as const;

export type TorqueUnit = keyof typeof NM_PER_UNIT;

/**
 * A torque in newton metres, in another unit.
 * @example torqueIn('lbf·in', 6) // 53.1044…
 */
export function torqueIn(unit: TorqueUnit, torqueNm: number): number {
  return torqueNm / NM_PER_UNIT[unit];
}

/** Air near 300 K: conductivity W/mK, kinematic viscosity m²/s, Prandtl number [S: Incropera, app. A]. */
const AIR = { k: 0.026, nu: 1.5e-5, pr: 0.71 } as const;
/** Reynolds number from which the air round a turning disc is turbulent [M]. */
const TURBULENT_FROM = 2.4e5;
/** Radius of a wheel with its tyre, m [D]. */
const WHEEL_M = 0.34;

/**
 * How well air takes heat from both faces of a rotor: the disc's turning and the road's wind, as roots of their squares.
 * Turning disc Nu = 0.36 Re^½, turbulent 0.015 Re^0.8 [M: Kreith]; flat plate Nu = 0.664 Re^½ Pr^⅓ [S: Incropera, ch. 7].
 * @param sizeMm the rotor's diameter, mm
 * @returns W/m²K
 */
export function coolingWm2K(sizeMm: number, speedKmh: number): number {
  const speed = speedKmh / 3.6;
  const diameter = sizeMm / 1000;
  const radius = diameter / 2;
  const turning = ((speed / WHEEL_M) * radius ** 2) / AIR.nu;
  const disc =
    ((turning < TURBULENT_FROM ? 0.36 * Math.sqrt(turning) : 0.015 * turning ** 0.8) * AIR.k) /
    radius;
  const along = (speed * diameter) / AIR.nu;
  const wind = (0.664 * Math.sqrt(along) * Math.cbrt(AIR.pr) * AIR.k) / diameter;
  return Math.hypot(disc, wind);
}

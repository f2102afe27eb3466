import { InputError, positive } from '../inputError';
import { figure, type Figures } from '../rules/figures';

/** Standard firm pull at the blade, N [D]. */
const STANDARD_PULL_N = 100;
/** A sound brake's own give for that pull, mL [D], until it is learned: with it the test may condemn, not pass. */
export const USUAL_OWN_GIVE_ML = 0.1;
/** Atmospheric pressure, MPa [S: standard atmosphere, ISO 2533]. */
export const ATMOSPHERE_MPA = 0.101325;

export interface SpongeTest {
  /** Blade travel from rest to the bite, and to the end of a firm standard pull, mm. */
  biteMm: number;
  firmMm: number;
  /** Blade travel per piston travel, 4 to 7 as a rule [M]. */
  leverRatio: number;
  /** Master cylinder's bore, mm. */
  boreMm: number;
  /** The sound brake's own give for this pull, mL. */
  ownGiveMl: number;
  pullN?: number;
  /** Share of the pull that reaches the piston, 0 to 1. */
  efficiency?: number;
  /** Line pressure at the bite, MPa (gauge). */
  bitePressureMpa?: number;
  /** Numbers the shop lays down in place of the usual ones. */
  figures: Figures;
}

export type AirReadOut = 'sound' | 'top-up' | 'full-bleed';

export interface TrappedAir {
  pistonMm: number;
  /** Volume pushed after the bite, mL. */
  pushedMl: number;
  /** The same less the brake's own give, mL; below zero the bite was misread or the give is too large. */
  extraMl: number;
  /** Line pressure at the firm pull, MPa (gauge). */
  pressureMpa: number;
  /** Air at atmospheric pressure, mL, at least; null when nothing can be said. */
  airMl: number | null;
  readOut: AirReadOut | null;
}

/**
 * How much air a spongy lever holds at least. Source [S]: Boyle's law, any physics text: air of volume V at
 * atmospheric pressure p₀ gives way by ΔV = V·p₀·(1/(p₀ + p_bite) − 1/(p₀ + p)).
 * @throws InputError `firm-before-bite`, `not-positive`, `not-a-number`
 * @example spongeTest({ biteMm: 10, firmMm: 25, leverRatio: 5, boreMm: 10, ownGiveMl: 0.1, figures: {} }).airMl // 0.1378
 */
export function spongeTest(test: SpongeTest): TrappedAir {
  const { pullN = STANDARD_PULL_N, efficiency = 1, bitePressureMpa = 0 } = test;
  for (const [field, value] of Object.entries({ bite: test.biteMm, firm: test.firmMm }))
    if (!Number.isFinite(value) || value < 0) throw new InputError('not-a-number', field);
  if (test.firmMm < test.biteMm)
    throw new InputError('firm-before-bite', 'firm', { biteMm: test.biteMm, firmMm: test.firmMm });
  const area = (Math.PI / 4) * positive(test.boreMm, 'bore') ** 2;
  const ratio = positive(test.leverRatio, 'ratio');

  const pistonMm = (test.firmMm - test.biteMm) / ratio;
  const pushedMl = (area * pistonMm) / 1000;
  const extraMl = pushedMl - test.ownGiveMl;
  const pressureMpa = (positive(pullN, 'pull') * ratio * positive(efficiency, 'efficiency')) / area;
  const airMl = extraMl < 0 ? null : extraMl / givePerMl(pressureMpa, bitePressureMpa);
  return {
    pistonMm,
    pushedMl,
    extraMl,
    pressureMpa,
    airMl,
    readOut: airMl === null ? null : airReadOut(airMl, test.figures),
  };
}

/** By how much one mL of air gives way between two line pressures, MPa (gauge). */
function givePerMl(pressureMpa: number, bitePressureMpa: number): number {
  return (
    ATMOSPHERE_MPA * (1 / (ATMOSPHERE_MPA + bitePressureMpa) - 1 / (ATMOSPHERE_MPA + pressureMpa))
  );
}

/** What so much air asks for, by the shop's bands: nothing, a top-up, or a full bleed. */
export function airReadOut(airMl: number, figures: Figures): AirReadOut {
  if (airMl < figure(figures, 'air-sound').value) return 'sound';
  return airMl <= figure(figures, 'air-top-up').value ? 'top-up' : 'full-bleed';
}

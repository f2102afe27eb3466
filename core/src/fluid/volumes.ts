import type { UsualEnd } from '../ends';
import { positive } from '../inputError';

/** Flush: so many times what the system holds [D]. */
const VOLUMES_A_FLUSH = 3;
/** Share of a syringe kept back, so that no air follows [D]. */
const KEPT_BACK = 0.1;
/** The usual syringe, mL, and how full it is drawn: 1/2 to 2/3 of it [P]. */
export const USUAL_SYRINGE = { capacityMl: 30, share: 2 / 3 } as const;
/** What caliper and lever hold together where the sheet is silent, mL: 3 to 6, from memory [M]. */
export const USUAL_KIT_ML = 4.5;
/** Bore where the sheet is silent, mm: 2.0 to 2.5, from memory [M]; the wider one, so that enough is laid out. */
export const USUAL_BORE_MM = 2.5;

/** Length of a hose before anybody measured it, mm [D]. */
export const USUAL_HOSE_MM: Readonly<Record<UsualEnd, number>> = { front: 900, rear: 1700 };

/**
 * What a hose holds: π/4·d²·L.
 * @returns mL
 * @example hoseMl(2.5, 900) // 4.42
 */
export function hoseMl(boreMm: number, lengthMm: number): number {
  return ((Math.PI / 4) * positive(boreMm, 'bore') ** 2 * positive(lengthMm, 'length')) / 1000;
}

export interface Volumes {
  hoseMl: number;
  systemMl: number;
  flushMl: number;
  /** Bore or kit were not on the sheet. */
  assumed: boolean;
}

/** What a brake holds, and what a flush of it takes. */
export function volumesOf(
  hose: { boreMm: number | null; kitMl: number | null } | null,
  lengthMm: number,
): Volumes {
  const inHose = hoseMl(hose?.boreMm ?? USUAL_BORE_MM, lengthMm);
  const systemMl = inHose + (hose?.kitMl ?? USUAL_KIT_ML);
  return {
    hoseMl: inHose,
    systemMl,
    flushMl: VOLUMES_A_FLUSH * systemMl,
    assumed: hose?.boreMm == null || hose.kitMl === null,
  };
}

/**
 * How often a syringe is filled for a volume: it goes to `share` of its capacity, and a tenth of it is kept back.
 * @param share how full it is drawn, up to 1; must be above {@link KEPT_BACK}
 */
export function fillsFor(
  volumeMl: number,
  capacityMl: number = USUAL_SYRINGE.capacityMl,
  share: number = USUAL_SYRINGE.share,
): number {
  const usable = positive(capacityMl, 'capacity') * share - KEPT_BACK * capacityMl;
  return Math.ceil(positive(volumeMl, 'volume') / positive(usable, 'fill') - 1e-9);
}

import { InputError, positive } from '../inputError';
import type { TorqueWindow } from './window';

/** A crowfoot or extension on a wrench. */
export interface Crowfoot {
  /** Middle of the grip to the wrench's drive, mm. */
  leverMm: number;
  /** Drive to the middle of the fastener, mm. */
  extensionMm: number;
  /** Off the handle's line, degrees: 0 straight out, 90 square, 180 pointing back. */
  angleDegrees: number;
}

/** What a crowfoot can measure, mm and degrees [D]. */
export const PLAUSIBLE_CROWFOOT = {
  leverMm: { least: 50, most: 1000 },
  extensionMm: { least: 1, most: 300 },
  angleDegrees: { least: 0, most: 180 },
} as const satisfies Readonly<Record<keyof Crowfoot, { least: number; most: number }>>;

/** What of a crowfoot cannot be; null where all can. */
export function implausibleOf(crowfoot: Crowfoot): keyof Crowfoot | null {
  const fields = Object.keys(PLAUSIBLE_CROWFOOT) as (keyof Crowfoot)[];
  return (
    fields.find((field) => {
      const { least, most } = PLAUSIBLE_CROWFOOT[field];
      return !(crowfoot[field] >= least && crowfoot[field] <= most);
    }) ?? null
  );
}

/**
 * Torque at the fastener for one N·m at the wrench's drive: (L + E·cos θ) / L.
 * Source [S]: the lever rule, as torque wrench manuals print it.
 * @throws InputError `not-positive` for a length, or `points-back` when the extension reaches back to the grip or past it.
 */
export function crowfootGain({ leverMm, extensionMm, angleDegrees }: Crowfoot): number {
  positive(leverMm, 'leverMm');
  positive(extensionMm, 'extensionMm');
  if (!Number.isFinite(angleDegrees)) throw new InputError('not-a-number', 'angleDegrees');
  const reach = leverMm + extensionMm * Math.cos((angleDegrees * Math.PI) / 180);
  if (reach <= 0) throw new InputError('points-back', 'extensionMm', { reach });
  return reach / leverMm;
}

/**
 * What to set the wrench to for a torque at the fastener: S = T·L / (L + E·cos θ).
 * @example settingWith({ leverMm: 250, extensionMm: 30, angleDegrees: 0 }, 6) // 5.357
 */
export function settingWith(crowfoot: Crowfoot, torqueNm: number): number {
  return torqueNm / crowfootGain(crowfoot);
}

/** A fastener's window as the wrench sees it, through the crowfoot if there is one. */
export function windowAtWrench(
  { loNm, hiNm }: Pick<TorqueWindow, 'loNm' | 'hiNm'>,
  crowfoot: Crowfoot | null,
): { loNm: number; hiNm: number } {
  const gain = crowfoot === null ? 1 : crowfootGain(crowfoot);
  return { loNm: loNm / gain, hiNm: hiNm / gain };
}

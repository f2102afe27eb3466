import type { End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import type { Reckoned } from '@hold-fast/core/job/reckoned';
import type { ReckonedOf } from '@hold-fast/core/procedure/reckons';
import { createContext, use } from 'react';

/** The brake a calculator is asked for, and what was written down for it, the newest first; null where no job is open. */
export interface AtBrake {
  job: Job;
  end: End;
  kept: readonly Reckoned[];
}
export const AtBrakeContext = createContext<AtBrake | null>(null);

export const useAtBrake = () => use(AtBrakeContext);

/** What was written down of one kind for the brake in hand; null for none, and where no job is open. */
export function keptOf<Of extends ReckonedOf>(
  at: AtBrake | null,
  of: Of,
): Extract<Reckoned, { of: Of }> | null {
  const kept = at?.kept.find((each) => each.of === of);
  return (kept as Extract<Reckoned, { of: Of }> | undefined) ?? null;
}

/** A number as it is keyed; nothing where there is none. */
export const keyedFrom = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(value);

import { CORNERS } from '../clearance/corners';
import { LEVER_PLACES } from '../lever/lever';
import { PAD_PLACES } from '../wear/pads';

/** What is measured at one end of a bike, each in a sitting of its own. */
export const MEASURANDS = ['rotor', 'pads', 'runout', 'clearance', 'lever', 'mount-face'] as const;
export type Measurand = (typeof MEASURANDS)[number];

export const FACE_PLACES = ['gap', 'spacing', 'pad-offset'] as const;

/** Places that only help to judge: with nothing else read there is nothing to judge. */
const AIDS: readonly string[] = ['zero', 'lip', 'radius', 'span', 'reach', 'spacing', 'pad-offset'];

/** Whether a reading at this place is evidence by itself. */
export function isEvidence(place: string): boolean {
  return !AIDS.includes(place);
}

/** Every place a sitting can have a reading at, in the usual order; points are counted from 1. */
export function placesOf(measurand: Measurand, pointCount: number | null): string[] {
  const points = Array.from({ length: pointCount ?? 0 }, (_, i) => String(i + 1));
  switch (measurand) {
    case 'rotor':
      return ['zero', 'lip', ...points];
    case 'pads':
      return ['zero', ...PAD_PLACES];
    case 'runout':
      return ['radius', ...points];
    case 'clearance':
      return ['span', ...CORNERS];
    case 'lever':
      return [...LEVER_PLACES];
    case 'mount-face':
      return [...FACE_PLACES];
  }
}

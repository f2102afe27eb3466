import type { Material } from '../kit/bike';
import { DRESS_ABOVE_DEGREES } from './mountFace';

/** What lifts a face that stands out: what lies on it, or the metal itself. */
export const FACE_CAUSES = ['unknown', 'burr-or-paint', 'parent-metal'] as const;
export type FaceCause = (typeof FACE_CAUSES)[number];

/** What is done about a mount face. */
export type FaceWay =
  | { code: 'leave' }
  /** Burr and paint come off, until metal just shows. */
  | { code: 'dress' }
  /** No file yet: what it is of is not known, it is carbon and takes the maker's written word, or nobody saw what lifts it. */
  | { code: 'stop'; because: 'material-unknown' | 'carbon' | 'cause-unknown' }
  /** Wrong by make: photographed, measured, told to maker and customer; parent metal takes the facing tool. */
  | { code: 'deviation' };

/**
 * What may be done about a face that stands out of square. Common practice [P]; the angle from which it is dressed is our choice [D].
 * @param angleDegrees zero or more
 * @param material of fork or frame; null while nobody said
 */
export function faceWay(
  angleDegrees: number,
  material: Material | null,
  cause: FaceCause,
): FaceWay {
  if (angleDegrees <= DRESS_ABOVE_DEGREES) return { code: 'leave' };
  if (cause === 'parent-metal') return { code: 'deviation' };
  if (material === null) return { code: 'stop', because: 'material-unknown' };
  if (material === 'carbon') return { code: 'stop', because: 'carbon' };
  return cause === 'unknown' ? { code: 'stop', because: 'cause-unknown' } : { code: 'dress' };
}

import { positive } from '../inputError';
import type { Tag } from '../source';
import { fastenerRule, type FastenerId } from './fasteners';
import type { ThreadTreatment } from './thread';

interface NutFactor {
  k: number;
  tag: Tag;
}

/**
 * Nut factor K by what is on the thread, each with where it is from. Source [S] for the table: Shigley, Mechanical Engineering Design,
 * nut factors; the values are from memory [M]. Threadlocker counts as received while it is wet; of a paste whose maker says
 * nothing the lower end counts, since it loads the bolt most [D].
 */
export const NUT_FACTOR: Readonly<Record<ThreadTreatment, NutFactor>> = {
  'new-coated': { k: 0.2, tag: 'M' },
  'medium-threadlocker': { k: 0.2, tag: 'D' },
  dry: { k: 0.2, tag: 'M' },
  'black-dry': { k: 0.3, tag: 'M' },
  grease: { k: 0.18, tag: 'M' },
  'carbon-paste': { k: 0.2, tag: 'D' },
  'anti-seize': { k: 0.15, tag: 'M' },
};

/** Proof load of a bolt of property class 8.8, N. Source [S]: ISO 898-1, proof load tables. */
export const PROOF_LOAD_N = { M5: 8230, M6: 11600 } as const;
const DIAMETER_MM = { M5: 5, M6: 6 } as const;
/** Share of the proof load from which it is warned. */
const WARN_SHARE = 0.75;

interface ClampLoad {
  loadN: number;
  /** What it would be with the treatment the sheet asks for. */
  askedN: number;
  shareOfProof: number;
  warn: boolean;
}

/**
 * Clamp load F = T / (K·d).
 * @param torqueNm above zero
 * @param k nut factor, above zero
 * @param diameterMm nominal diameter, mm
 * @returns newtons
 * @example clampLoadN(6, 0.2, 5) // 6000
 */
export function clampLoadN(torqueNm: number, k: number, diameterMm: number): number {
  return (
    positive(torqueNm, 'torque') / (positive(k, 'k') * (positive(diameterMm, 'diameter') / 1000))
  );
}

/** The clamp load where what went on the thread is not what the sheet asks; null where it is, or where none is known. */
export function clampLoadOf(
  fastener: FastenerId,
  torqueNm: number,
  used: ThreadTreatment,
  asked: ThreadTreatment,
): ClampLoad | null {
  const { size } = fastenerRule(fastener);
  if (size === null || used === asked) return null;
  const loadN = clampLoadN(torqueNm, NUT_FACTOR[used].k, DIAMETER_MM[size]);
  const askedN = clampLoadN(torqueNm, NUT_FACTOR[asked].k, DIAMETER_MM[size]);
  const shareOfProof = loadN / PROOF_LOAD_N[size];
  return { loadN, askedN, shareOfProof, warn: shareOfProof >= WARN_SHARE };
}

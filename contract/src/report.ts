import type { DueOf } from '@hold-fast/core/due/due';
import type { End } from '@hold-fast/core/ends';
import type { Bike } from '@hold-fast/core/kit/bike';
import { ORIGINS } from '@hold-fast/core/source';
import { WORDS } from '@hold-fast/core/wear/verdict';
import { z } from 'zod';
import { Id } from './fields';
import type { RecordRead } from './recordRead';

/** What a customer is shown of a record: nothing of phones, of who keyed what, or of the shop’s prices. */
const SHOWN = [
  'id',
  'tag',
  'complaint',
  'symptoms',
  'notRepaired',
  'inspection',
  'notInspected',
  'measured',
  'tightened',
  'filled',
  'fittings',
  'repaired',
  'stepped',
  'decided',
] as const satisfies readonly (keyof RecordRead)[];
export type ShownRecord = Pick<RecordRead, (typeof SHOWN)[number]>;

export const shownOf = (record: RecordRead): ShownRecord =>
  Object.fromEntries(SHOWN.map((name) => [name, record[name]])) as ShownRecord;

/** One customer’s report: a sealed visit, what was amended since, and what it left due. */
export interface Report {
  /** What the shop is called now; empty where it is not said. */
  shop: string;
  recordId: string;
  number: number;
  seal: string;
  sealedAt: string;
  sealedBy: string;
  bikeName: string;
  customerName: string;
  /** What tells its ends apart. */
  third: Pick<Bike, 'thirdBrake' | 'thirdPlace'>;
  record: ShownRecord;
  amendments: { id: string; words: string; takesBack: { end: End; subject: string }[] }[];
  dues: { end: End; of: DueOf; on: string }[];
}

/** An address nobody can guess, which shows one report to whoever has it. */
export interface ReportLink {
  id: string;
  /** 128 bits of chance, base64url: the last part of the address. */
  token: string;
  madeAt: string;
  madeBy: string;
  withdrawn: { at: string; by: string } | null;
}

export const MakeLink = z.strictObject({ id: Id });
export const WithdrawLink = z.strictObject({ id: Id });

const word = z.enum(WORDS);
const RotorWear = z.object({
  word,
  thinnest: z.object({ thicknessMm: z.number(), doubtMm: z.number() }),
  limit: z.object({ limitMm: z.number(), origin: z.enum(ORIGINS).nullable().catch(null) }),
  newMm: z.number().nullable().catch(null),
});
const PadWear = z.object({
  word,
  decidedBy: z.string(),
  thinnest: z.object({ doubtMm: z.number() }),
  schools: z.array(
    z.object({
      school: z.string(),
      limitMm: z.number().nullable().catch(null),
      leastMm: z.number().nullable().catch(null),
      shareLeft: z.number().nullable().catch(null),
    }),
  ),
});

/** A worn thickness as it is drawn on its rule, mm. */
export interface Wear {
  leastMm: number;
  doubtMm: number;
  limitMm: number;
  /** Where the limit is from; null where the record does not say. */
  origin: (typeof ORIGINS)[number] | null;
  /** When new; null where nobody knows. */
  newMm: number | null;
  word: (typeof WORDS)[number];
}

/** What was measured of wear at one sitting; null where it is of something else, or has no number to stand on. */
export function wearOf({ part, verdict }: RecordRead['measured'][number]): Wear | null {
  const judged = verdict?.judgement.verdict;
  if (part === 'rotor') {
    const read = RotorWear.safeParse(judged);
    if (!read.success) return null;
    const { thinnest, limit, newMm, word } = read.data;
    return { leastMm: thinnest.thicknessMm, doubtMm: thinnest.doubtMm, ...limit, newMm, word };
  }
  if (part !== 'pads') return null;
  const read = PadWear.safeParse(judged);
  if (!read.success) return null;
  const { decidedBy, schools, thinnest, word } = read.data;
  const school = schools.find((each) => each.school === decidedBy);
  if (!school || school.limitMm === null || school.leastMm === null) return null;
  const { limitMm, leastMm, shareLeft } = school;
  const newMm =
    shareLeft !== null && shareLeft > 0 ? limitMm + (leastMm - limitMm) / shareLeft : null;
  return { leastMm, doubtMm: thinnest.doubtMm, limitMm, origin: null, newMm, word };
}

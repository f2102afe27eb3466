import type { End } from '../ends';
import type { EntryBase } from './entry';
import { never, tells, toldOf, type Told } from './told';

/** Where in a job a sum belongs: the thing that is measured, tightened, filled, fitted or looked for there. */
export type SumPlace =
  | 'rotor'
  | 'pads'
  | 'runout'
  | 'clearance'
  | 'lever'
  | 'mount-face'
  | 'bolts'
  | 'fluid'
  | 'kit'
  | 'trouble';

/** The calculators whose sums prove and judge nothing in a job, and where each is looked up. */
const SUMS = {
  trouble: { at: 'trouble' },
  wear: { at: 'rotor' },
  pads: { at: 'pads' },
  runout: { at: 'runout' },
  life: { at: 'rotor' },
  air: { at: 'lever' },
  wrench: { at: 'bolts' },
  thread: { at: 'bolts' },
  face: { at: 'mount-face' },
  align: { at: 'clearance' },
  fluid: { at: 'fluid' },
  heat: { at: 'kit' },
  share: { at: 'lever' },
} as const satisfies Record<string, { at: SumPlace }>;
export type SumOf = keyof typeof SUMS;
export const SUM_IDS = Object.keys(SUMS) as SumOf[];

/**
 * What was keyed into a calculator for a brake: kept as it was keyed, and reckoned anew whenever it is opened. It is no reading and no
 * proof: nothing stands or falls by it [D].
 */
export interface SumEntry extends EntryBase {
  kind: 'sum';
  end: End;
  calculator: SumOf;
  keyed: Readonly<Record<string, string>>;
}

declare module './told' {
  interface ToldEntries {
    sum: SumEntry;
  }
}

export const sum = tells<SumEntry>('sum', { whose: 'anybody', registers: [], stays: never });

/** The last sum of each calculator at an end, those that belong at one place where one is named. */
export function sumsAt(
  job: { told: readonly Told[] },
  end: End,
  at?: SumPlace,
): { calculator: SumOf; keyed: Readonly<Record<string, string>> }[] {
  const sums = toldOf(job, 'sum', end);
  return SUM_IDS.flatMap((calculator) => {
    const last = sums.findLast((each) => each.calculator === calculator);
    const isHere = at === undefined || SUMS[calculator].at === at;
    return last && isHere ? [{ calculator, keyed: last.keyed }] : [];
  });
}

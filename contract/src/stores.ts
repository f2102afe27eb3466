import { CONDITIONS } from '@hold-fast/core/fluid/container';
import { GAUGE_KINDS } from '@hold-fast/core/gauge/gauge';
import { z } from 'zod';
import { Day, Id, Ml, Mm, Nm, words, wordsOrNone } from './fields';
import { Fluid } from './sheets';

export const Gauge = z.strictObject({
  id: Id,
  name: words(40),
  kind: z.enum(GAUGE_KINDS),
  resolutionMm: Mm.positive(),
  uncertaintyMm: Mm.positive(),
  /** The doubt is our default for the kind, and no certificate's value. */
  uncertaintyAssumed: z.boolean(),
  anvils: z.enum(['point', 'flat']),
  calibrationDueOn: Day.nullable(),
});
export type Gauge = z.infer<typeof Gauge>;

export const Wrench = z.strictObject({
  id: Id,
  name: words(40),
  maxNm: Nm,
  markNm: Nm,
  tolerance: z.number().positive().max(0.2),
  toleranceAssumed: z.boolean(),
  calibrationDueOn: Day.nullable(),
  uses: z.int().min(0),
});
export type Wrench = z.infer<typeof Wrench>;

export const Container = z.strictObject({
  id: Id,
  label: words(40),
  fluid: Fluid,
  lot: words(40),
  sizeMl: Ml,
  openedOn: Day.nullable(),
  printedUseBy: Day.nullable(),
  monthsAfterOpening: z.int().min(0).max(120).nullable(),
  condition: z.enum(CONDITIONS),
  writtenOff: z.boolean(),
  writtenOffReason: wordsOrNone(200),
});
export type Container = z.infer<typeof Container>;

export interface ContainerInStore extends Container {
  remainingMl: number;
}

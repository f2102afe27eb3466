import { CONDITIONS } from '@hold-fast/core/fluid/container';
import { GAUGE_KINDS } from '@hold-fast/core/gauge/gauge';
import { z } from 'zod';
import { Day, Id, Ml, Mm, Nm, words, wordsOrNone } from './fields';
import { Fluid } from './sheets';

/** What a gauge calls itself on the feed. */
export const FeedSerial = z.string().regex(/^[A-Z0-9][A-Z0-9-]{1,23}$/);

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
  /** What the gauge calls itself on the feed; null for one that is read by eye. */
  feedSerial: FeedSerial.nullable(),
  retired: z.boolean(),
});
export type Gauge = z.infer<typeof Gauge>;

/** A gauge as the register keeps it. */
export interface GaugeInStore extends Gauge {
  version: number;
  /** Readings taken with it. */
  uses: number;
}

/** A change to a gauge, made from one version of it. */
export const GaugeEdit = z.strictObject({ version: z.int().min(1), gauge: Gauge });
export type GaugeEdit = z.infer<typeof GaugeEdit>;

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

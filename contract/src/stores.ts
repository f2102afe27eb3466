import { CONDITIONS } from '@hold-fast/core/fluid/container';
import { GAUGE_KINDS } from '@hold-fast/core/gauge/gauge';
import { gaugeFault } from '@hold-fast/core/gauge/register';
import { FAMILIES } from '@hold-fast/core/fluid/families';
import type { End } from '@hold-fast/core/ends';
import { NEW_PARTS } from '@hold-fast/core/stock/stock';
import { isUnderAssumed, PLAUSIBLE_TOLERANCE, WRENCH_KINDS } from '@hold-fast/core/torque/wrench';
import { z } from 'zod';
import { Day, Id, Ml, Mm, Nm, words, wordsOrNone } from './fields';
import { Fluid } from './sheets';

/** What a gauge calls itself on the feed. */
const FeedSerial = z.string().regex(/^[A-Z0-9][A-Z0-9-]{1,23}$/);

/** A step or a doubt of a gauge: what is coarser measures no brake [D]. */
const Step = Mm.min(0.001).max(10);

export const Gauge = z
  .strictObject({
    id: Id,
    name: words(40),
    kind: z.enum(GAUGE_KINDS),
    resolutionMm: Step,
    uncertaintyMm: Step,
    /** The doubt is our default for the kind, and no certificate's value. */
    uncertaintyAssumed: z.boolean(),
    anvils: z.enum(['point', 'flat']),
    calibrationDueOn: Day.nullable(),
    /** What the gauge calls itself on the feed; null for one that is read by eye. */
    feedSerial: FeedSerial.nullable(),
    retired: z.boolean(),
  })
  .superRefine((gauge, context) => {
    const fault = gaugeFault(gauge);
    if (fault) context.addIssue({ code: 'custom', path: [fault.field], message: fault.code });
  });
export type Gauge = z.infer<typeof Gauge>;

/** A used part that is thrown away after all, and why. */
export const ScrapUsedPart = z.strictObject({ id: Id, words: words(200) });
export type ScrapUsedPart = z.infer<typeof ScrapUsedPart>;

/** A gauge as the register keeps it. */
export interface GaugeInStore extends Gauge {
  version: number;
  /** Readings taken with it. */
  uses: number;
}

/** A change to a gauge, made from one version of it. */
export const GaugeEdit = z.strictObject({ version: z.int().min(1), gauge: Gauge });
export type GaugeEdit = z.infer<typeof GaugeEdit>;

export const Wrench = z
  .strictObject({
    id: Id,
    name: words(40),
    kind: z.enum(WRENCH_KINDS),
    maxNm: Nm,
    markNm: Nm,
    tolerance: z.number().min(PLAUSIBLE_TOLERANCE.least).max(PLAUSIBLE_TOLERANCE.most),
    toleranceAssumed: z.boolean(),
    calibrationDueOn: Day.nullable(),
    /** Clicks or readings since calibration. */
    uses: z.int().min(0).max(10_000_000),
    /** What it calls itself on the feed; null for one that is not on it. */
    feedSerial: FeedSerial.nullable(),
    retired: z.boolean(),
  })
  .refine((wrench) => !isUnderAssumed(wrench), { path: ['tolerance'], message: 'under-assumed' });
export type Wrench = z.infer<typeof Wrench>;

/** A wrench as the register keeps it. */
export interface WrenchInStore extends Wrench {
  version: number;
}

/** A change to a wrench, made from one version of it; a new calibration sets its uses back. */
export const WrenchEdit = z.strictObject({ version: z.int().min(1), wrench: Wrench });
export type WrenchEdit = z.infer<typeof WrenchEdit>;

export const Container = z
  .strictObject({
    id: Id,
    label: words(40),
    fluid: Fluid,
    lot: words(40),
    sizeMl: Ml,
    openedOn: Day.nullable(),
    printedUseBy: Day.nullable(),
    monthsAfterOpening: z.int().min(0).max(60).nullable(),
    condition: z.enum(CONDITIONS),
    writtenOff: z.boolean(),
    writtenOffReason: wordsOrNone(200),
    /** It held another fluid than it says: every brake it went into is quarantined. */
    wrongFluid: z.boolean(),
  })
  .refine(({ wrongFluid, writtenOff }) => writtenOff || !wrongFluid, {
    path: ['writtenOff'],
    message: 'wrong-fluid-kept',
  });
export type Container = z.infer<typeof Container>;

export interface ContainerInStore extends Container {
  remainingMl: number;
  version: number;
}

/** Where fluid of a container went: the bikes and customers to ring when something is wrong with it. */
export interface FilledFrom {
  id: string;
  at: string;
  end: End;
  ml: number;
  jobId: string;
  tag: number;
  bikeId: string;
  bikeName: string;
  customerName: string;
}

/** A change to a container, made from one version of it: how the fluid looks, what is printed on it, written off or not. */
export const ContainerEdit = z.strictObject({ version: z.int().min(1), container: Container });
export type ContainerEdit = z.infer<typeof ContainerEdit>;

/** What stands in a waste can. */
export interface WasteCan {
  family: (typeof FAMILIES)[number];
  ml: number;
  /** When it was last handed over for recycling. */
  handedOverAt: string | null;
}

export const HandOver = z.strictObject({ id: Id, family: z.enum(FAMILIES) });
export type HandOver = z.infer<typeof HandOver>;

/** A kind of part on the shelf. */
export const StockLine = z.strictObject({
  id: Id,
  part: z.enum(NEW_PARTS),
  description: words(80),
  fits: wordsOrNone(60),
  reorderAt: z.int().min(0).max(1000),
  /** Price to the customer, in the shop's money, hundredths. */
  priceCents: z.int().min(0).max(1_000_000),
});
export type StockLine = z.infer<typeof StockLine>;

/** A kind of part as the shelf holds it: what came in, less what jobs took. */
export interface StockInStore extends StockLine {
  version: number;
  count: number;
  /** The batches of which more came in than was taken, the newest first; where some came without one, an empty one. */
  batches: string[];
}

/** A change to what is written of a kind of part, made from one version of it; what it is and is called stays. */
export const StockEdit = StockLine.omit({ id: true, part: true, description: true }).extend({
  version: z.int().min(1),
});
export type StockEdit = z.infer<typeof StockEdit>;

/** Parts that came in, or a count that was put right. */
export const StockMove = z.strictObject({
  id: Id,
  stockId: Id,
  pieces: z
    .int()
    .min(-1000)
    .max(1000)
    .refine((pieces) => pieces !== 0, 'no-pieces'),
  batch: wordsOrNone(40),
  why: words(120),
});
export type StockMove = z.infer<typeof StockMove>;

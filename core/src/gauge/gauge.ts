import type { Tag } from '../source';

export const GAUGE_KINDS = [
  'outside-micrometer',
  'thickness-gauge',
  'digital-caliper',
  'vernier-caliper',
  'dial-indicator',
  'feeler-gauges',
  'rule',
] as const;
export type GaugeKind = (typeof GAUGE_KINDS)[number];

/** `point`: narrow enough to sit inside the brake track. `flat`: long jaws that bridge a ridge. */
export type Anvils = 'point' | 'flat';

/** What a reading's worth depends on. */
export interface Gauge {
  kind: GaugeKind;
  /** Smallest step the gauge shows, mm. */
  resolutionMm: number;
  /** Expanded uncertainty U of one reading, k = 2, mm. */
  uncertaintyMm: number;
  anvils: Anvils;
  /** Last day the calibration is valid (it counts as valid through that day), `yyyy-mm-dd`; null when there is none. */
  calibrationDueOn: string | null;
}

interface GaugeDefault {
  resolutionMm: number;
  resolutionTag: Tag;
  uncertaintyMm: number;
  uncertaintyTag: Tag;
  anvils: Anvils;
}

/**
 * Sensible defaults by kind. The doubts are from memory and wide on purpose: they are shown as "assumed"
 * and give way to the value on the certificate.
 */
export const GAUGE_DEFAULTS: Readonly<Record<GaugeKind, GaugeDefault>> = {
  'outside-micrometer': {
    resolutionMm: 0.01,
    resolutionTag: 'P',
    uncertaintyMm: 0.01,
    uncertaintyTag: 'M',
    anvils: 'point',
  },
  'thickness-gauge': {
    resolutionMm: 0.01,
    resolutionTag: 'P',
    uncertaintyMm: 0.03,
    uncertaintyTag: 'M',
    anvils: 'point',
  },
  'digital-caliper': {
    resolutionMm: 0.01,
    resolutionTag: 'P',
    uncertaintyMm: 0.03,
    uncertaintyTag: 'M',
    anvils: 'flat',
  },
  'vernier-caliper': {
    resolutionMm: 0.05,
    resolutionTag: 'P',
    uncertaintyMm: 0.06,
    uncertaintyTag: 'M',
    anvils: 'flat',
  },
  'dial-indicator': {
    resolutionMm: 0.01,
    resolutionTag: 'P',
    uncertaintyMm: 0.02,
    uncertaintyTag: 'M',
    anvils: 'point',
  },
  'feeler-gauges': {
    resolutionMm: 0.01,
    resolutionTag: 'M',
    uncertaintyMm: 0.02,
    uncertaintyTag: 'M',
    anvils: 'flat',
  },
  rule: {
    resolutionMm: 0.5,
    resolutionTag: 'M',
    uncertaintyMm: 0.5,
    uncertaintyTag: 'M',
    anvils: 'flat',
  },
};

/** Decimals the gauge honestly shows, in millimetres. @example decimalsOf({ resolutionMm: 0.05 }) // 2 */
export function decimalsOf(gauge: Pick<Gauge, 'resolutionMm'>): number {
  return Math.max(0, Math.ceil(-Math.log10(gauge.resolutionMm) - 1e-9));
}

/** Whether a calibration valid through `dueOn` still stands on `day` (both `yyyy-mm-dd`). No calibration never stands. */
export function inCalibration(dueOn: string | null, day: string): boolean {
  return dueOn !== null && day <= dueOn;
}

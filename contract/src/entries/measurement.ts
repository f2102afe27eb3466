import { MEASURANDS } from '@hold-fast/core/measurand/measurand';
import type { MeasurementEntry } from '@hold-fast/core/job/measurement';
import { RUNOUT_POINTS } from '@hold-fast/core/runout/runout';
import { ROTOR_POINTS } from '@hold-fast/core/wear/rotor';
import { z } from 'zod';
import { End, Id } from '../fields';
import { entry } from './entry';

/** {@link MeasurementEntry} */
export const Measurement = z.strictObject({
  kind: z.literal('measurement'),
  ...entry,
  end: End,
  part: z.enum(MEASURANDS),
  gaugeId: Id,
  basis: z.enum(['total', 'friction', 'travel', 'from-bar']).nullable(),
  pointCount: z.int().min(ROTOR_POINTS.fewest).max(RUNOUT_POINTS.most).nullable(),
}) satisfies z.ZodType<MeasurementEntry>;

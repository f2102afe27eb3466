import { FAMILIES, GLYCOL_GRADES } from '@hold-fast/core/fluid/families';
import { THREAD_TREATMENTS } from '@hold-fast/core/torque/thread';
import { z } from 'zod';
import { Mm, Nm, Tag, words, wordsOrNone } from './fields';

/** Who laid a value down, and where the number comes from when no maker's sheet gives it. */
const origin = { origin: z.enum(['stamped', 'sheet', 'shop']), tag: Tag.nullable() };

export const ThicknessLimit = z.strictObject({
  limitMm: Mm.positive(),
  atLimitIsWorn: z.boolean().nullable(),
  ...origin,
});

export const Fluid = z.discriminatedUnion('family', [
  z.strictObject({ family: z.literal(FAMILIES[0]), grade: z.enum(GLYCOL_GRADES) }),
  z.strictObject({ family: z.literal(FAMILIES[1]), grade: z.literal('DOT 5') }),
  z.strictObject({ family: z.literal(FAMILIES[2]), blend: words(60) }),
]);
export type Fluid = z.infer<typeof Fluid>;

/** Fasteners a torque step can be done on: what holds the rotor to the hub. */
export const Fastener = z.enum(['rotor-bolts', 'rotor-lockring']);
export type Fastener = z.infer<typeof Fastener>;

export const TorqueRow = z.strictObject({
  fastener: Fastener,
  drive: words(40),
  boltCount: z.int().min(1).max(24),
  window: z.strictObject({ loNm: Nm, hiNm: Nm, namedNm: Nm.nullable(), ...origin }),
  thread: z.enum(THREAD_TREATMENTS),
});
export type TorqueRow = z.infer<typeof TorqueRow>;

/** What a spec sheet says. Every value carries who laid it down. */
export const SpecSheetBody = z.strictObject({
  title: words(80),
  /** The maker's sheet and its revision, or that the values are the shop's own. */
  source: words(120),
  brake: z.strictObject({
    actuation: z.enum(['hydraulic', 'cable', 'cable-pulled-hydraulic']),
    pistons: z.int().min(1).max(8),
    mount: z.enum(['post', 'flat', 'is']),
  }),
  rotor: z.strictObject({
    hold: z.enum(['six-bolt', 'lockring']),
    construction: z.enum(['one-piece', 'two-piece']),
    newMm: Mm.positive().nullable(),
    limit: ThicknessLimit.nullable(),
  }),
  pads: z.strictObject({
    shape: wordsOrNone(40),
    newTotalMm: Mm.positive().nullable(),
    plateMm: Mm.positive().nullable(),
    plateAssumed: z.boolean(),
  }),
  torque: z.array(TorqueRow).max(30),
  fluid: z
    .strictObject({ fluid: Fluid, alsoNamedBlends: z.array(words(60)).max(10), ...origin })
    .nullable(),
});
export type SpecSheetBody = z.infer<typeof SpecSheetBody>;

/** A revision of a sheet as the app sees it. */
export interface SheetRevision {
  id: string;
  sheetId: string;
  revision: number;
  body: SpecSheetBody;
}

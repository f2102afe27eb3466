import { ACTUATIONS } from '@hold-fast/core/kit/actuation';
import { PISTON_LUBRICANTS } from '@hold-fast/core/kit/pistonLubricant';
import {
  FAMILIES,
  gradesOf,
  type Family,
  type Fluid as FluidOfCore,
} from '@hold-fast/core/fluid/families';
import { COMPOUNDS } from '@hold-fast/core/kit/compound';
import { sheetFault } from '@hold-fast/core/sheet/sheetFault';
import { PLAIN_VALUES, type SheetRevision, type SpecSheet } from '@hold-fast/core/sheet/sheet';
import { FASTENER_IDS } from '@hold-fast/core/torque/fasteners';
import { THREAD_TREATMENTS } from '@hold-fast/core/torque/thread';
import { PAD_SCHOOLS } from '@hold-fast/core/wear/pads';
import { z } from 'zod';
import { Id, Mm, Nm, Tag, words, wordsOrNone } from './fields';
import type { FieldFault } from './problem';

/** Who laid a value down, and where the number comes from when no maker's sheet gives it. */
const origin = { origin: z.enum(['stamped', 'sheet', 'shop']), tag: Tag.nullable() };

export const ThicknessLimit = z.strictObject({
  limitMm: Mm.positive(),
  atLimitIsWorn: z.boolean().nullable(),
  ...origin,
});

const fluidOf = (family: Family) => {
  const grades = gradesOf(family);
  return grades.length > 0
    ? z.strictObject({ family: z.literal(family), grade: z.enum(grades) })
    : z.strictObject({ family: z.literal(family), blend: words(60) });
};
const [first, ...others] = FAMILIES.map(fluidOf);
export const Fluid = z.discriminatedUnion('family', [first!, ...others]) as unknown as z.ZodType<
  FluidOfCore,
  FluidOfCore
>;
export type Fluid = FluidOfCore;

export const Fastener = z.enum(FASTENER_IDS);
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
export const SpecSheetBody = z
  .strictObject({
    title: words(80),
    /** The maker's sheet and its revision, or that the values are the shop's own. */
    source: words(120),
    brake: z.strictObject({
      actuation: z.enum(ACTUATIONS),
      pistons: z.int().min(1).max(8),
      mount: z.enum(['post', 'flat', 'is']),
      /** Cable calipers push from one side or from both; null for hydraulic ones. */
      sides: z.enum(['one-sided', 'two-sided']).nullable().default(null),
      /** How the bleed ports are made. */
      port: wordsOrNone(60),
      /** What goes on the pistons when they are serviced; null where the sheet is silent. */
      pistonLubricant: z.enum(PISTON_LUBRICANTS).nullable().default(null),
    }),
    rotor: z.strictObject({
      hold: z.enum(['six-bolt', 'lockring']),
      construction: z.enum(['one-piece', 'two-piece']),
      newMm: Mm.positive().nullable(),
      limit: ThicknessLimit.nullable(),
      sizeMm: Mm.positive().nullable().default(null),
      /** Marked for organic pads only. */
      organicOnly: z.boolean().default(false),
    }),
    pads: z.strictObject({
      shape: wordsOrNone(40),
      newTotalMm: Mm.positive().nullable(),
      plateMm: Mm.positive().nullable(),
      plateAssumed: z.boolean(),
      compounds: z.array(z.enum(COMPOUNDS)).max(COMPOUNDS.length).default([]),
      finned: z.boolean().default(false),
      limits: z
        .strictObject({ total: ThicknessLimit.optional(), friction: ThicknessLimit.optional() })
        .default({}),
      schools: z.array(z.enum(PAD_SCHOOLS)).max(PAD_SCHOOLS.length).default([]),
    }),
    lever: z
      .strictObject({
        ratio: z.number().min(1).max(12).nullable(),
        boreMm: Mm.positive().max(30).nullable(),
        /** A sound brake's own give at the standard pull, mL. */
        ownGiveMl: z.number().min(0).max(2).nullable(),
      })
      .default({ ratio: null, boreMm: null, ownGiveMl: null }),
    hose: z
      .strictObject({
        boreMm: Mm.positive().max(6).nullable(),
        barb: wordsOrNone(40),
        olive: wordsOrNone(40),
        banjoSeals: wordsOrNone(40),
        /** What caliper and lever hold together, mL. */
        kitMl: z.number().positive().max(50).nullable(),
      })
      .nullable()
      .default(null),
    torque: z.array(TorqueRow).max(30),
    fluid: z
      .strictObject({ fluid: Fluid, alsoNamedBlends: z.array(words(60)).max(10), ...origin })
      .nullable(),
    /** Plain values that do not come from the sheet's own source. */
    origins: z.partialRecord(z.enum(PLAIN_VALUES), z.strictObject(origin)).default({}),
  })
  .superRefine((sheet, context) => {
    const fault = sheetFault(sheet);
    if (fault) context.addIssue({ code: 'custom', path: fault.path, message: fault.code });
  }) satisfies z.ZodType<SpecSheet>;
export type SpecSheetBody = SpecSheet;

/** One revision in a sheet's history. */
export interface SheetHistoryRow extends SheetRevision {
  at: string;
  by: string | null;
  note: string;
}

/** A revision made from another; a sheet that is new has no base. */
export const SheetEdit = z.strictObject({
  id: Id,
  sheetId: Id,
  baseId: Id.nullable(),
  body: SpecSheetBody,
  note: wordsOrNone(200),
});
export type SheetEdit = z.infer<typeof SheetEdit>;

/** A file of spec sheets, as exported and as taken in. */
export const SHEETS_FORMAT = 'hold-fast/spec-sheets/1';
export const SheetsFile = z.strictObject({
  format: z.literal(SHEETS_FORMAT),
  sheets: z.array(SpecSheetBody).max(200),
});
export type SheetsFile = z.infer<typeof SheetsFile>;

/** What taking a file in would do, row by row; nothing is written by a preview. */
export interface ImportRow {
  row: number;
  title: string;
  /** `older`: it is a revision that stood here before the one that does now, which is not gone back on. */
  does: 'add' | 'revise' | 'nothing' | 'older' | 'refused';
  faults: FieldFault[];
}

export const SheetsImport = z.strictObject({
  id: Id,
  /** `preview` writes nothing; `all` writes when no row is refused; `good-rows` leaves the refused ones out. */
  mode: z.enum(['preview', 'all', 'good-rows']),
  file: z.strictObject({
    format: z.literal(SHEETS_FORMAT),
    sheets: z.array(z.unknown()).min(1).max(200),
  }),
});
export type SheetsImport = z.infer<typeof SheetsImport>;

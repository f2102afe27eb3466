import { PISTON_LUBRICANTS } from '@hold-fast/core/kit/pistonLubricant';
import { BEDDING_SCHOOLS } from '@hold-fast/core/bedding/pulls';
import { isTimeZone } from '@hold-fast/core/job/day';
import type { ShopRules as Rules } from '@hold-fast/core/rules/shopRules';
import { RUNOUT_POINTS } from '@hold-fast/core/runout/runout';
import { PAD_SCHOOLS } from '@hold-fast/core/wear/pads';
import { ROTOR_POINTS } from '@hold-fast/core/wear/rotor';
import { FIGURE_IDS, figureRule, figuresFault } from '@hold-fast/core/rules/figures';
import { PROCEDURE_IDS } from '@hold-fast/core/procedure/procedures';
import { z } from 'zod';
import { Id, Mm } from './fields';
import { Currency, Manner } from './manner';
import { TroubleLaid } from './trouble';

const days = z.int().min(7).max(1500);
/** `mm-dd`, a day of every year. */
const MonthDay = z
  .string()
  .refine((day) => z.iso.date().safeParse(`2027-${day}`).success, 'no-month-day');
/** `hh:mm`. */
const TimeOfDay = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'no-time');
/** As customers read it on a report; empty where it has none. */
export const ShopName = z.string().trim().max(80);
export const TimeZone = z.string().max(64).refine(isTimeZone, 'no-time-zone');
const band = Mm.positive().max(2);

/** The shop's rules as the owner lays them down. */
export const ShopRules = z
  .strictObject({
    schools: z
      .array(z.enum(PAD_SCHOOLS))
      .min(1)
      .max(PAD_SCHOOLS.length)
      .refine((schools) => new Set(schools).size === schools.length, 'twice'),
    rotorPoints: z.int().min(ROTOR_POINTS.fewest).max(ROTOR_POINTS.most),
    runoutPoints: z.int().min(RUNOUT_POINTS.fewest).max(RUNOUT_POINTS.most),
    runoutBands: z
      .strictObject({ goodMm: band, watchMm: band, trueMm: band })
      .refine(
        ({ goodMm, watchMm, trueMm }) => goodMm < watchMm && watchMm < trueMm,
        'bands-overlap',
      ),
    serviceDays: z.strictObject({ rotor: days, pads: days }),
    winterEnds: MonthDay.nullable(),
    manner: Manner,
    currency: Currency,
    beddingIn: z.enum(BEDDING_SCHOOLS),
    pistonLubricant: z.enum(PISTON_LUBRICANTS),
    labourPerHourCents: z.int().min(0).max(100_000),
    figures: z.partialRecord(z.enum(FIGURE_IDS), z.number()).superRefine((figures, context) => {
      const fault = figuresFault(figures);
      if (!fault) return;
      const { least, most } = figureRule(fault.id);
      const params = { least, most };
      context.addIssue({ code: 'custom', path: [fault.id], message: fault.code, params });
    }),
    minutes: z.partialRecord(z.enum(PROCEDURE_IDS), z.number().min(1).max(480)),
    trouble: TroubleLaid,
    opensAt: TimeOfDay,
    closesAt: TimeOfDay,
    openDays: z
      .array(z.int().min(1).max(7))
      .max(7)
      .refine((chosen) => new Set(chosen).size === chosen.length, 'twice'),
    taxPercent: z.number().min(0).max(50),
    pricesWithTax: z.boolean(),
    timeZone: TimeZone,
    name: ShopName,
  })
  .refine(({ opensAt, closesAt }) => opensAt < closesAt, {
    path: ['closesAt'],
    message: 'closes-before-it-opens',
  }) satisfies z.ZodType<Rules>;

export interface RulesInForce {
  version: number;
  rules: Rules;
  at: string | null;
  by: string | null;
}

/** New rules, made from one version of them. */
export const RulesEdit = z.strictObject({ id: Id, version: z.int().min(0), rules: ShopRules });
export type RulesEdit = z.infer<typeof RulesEdit>;

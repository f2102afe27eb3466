import type { Actuation } from '../kit/actuation';
import type { Part } from '../ends';
import type { Outlook } from '../forecast/forecast';
import type { FittedPart, Individual } from '../kit/kit';
import type { LeverSpec } from '../lever/lever';
import { USUAL_RULES, type ShopRules } from '../rules/shopRules';
import type { Laid, PlainValue } from '../sheet/sheet';
import { limitInForce, shopRotorLimit, stricter, type ReadStamp } from '../wear/limitInForce';
import type { PadSpec } from '../wear/pads';
import type { RotorDamage } from '../wear/rotor';
import type { ThicknessLimit } from '../wear/verdict';

/** What of a spec sheet a judgement rests on. */
export interface SheetFacts {
  brake: { actuation: Actuation };
  rotor: {
    construction: 'one-piece' | 'two-piece';
    newMm: number | null;
    limit: ThicknessLimit | null;
  };
  pads: PadSpec;
  lever: LeverSpec;
  /** Where plain values come from that are not of the sheet's own source. */
  origins?: Partial<Record<PlainValue, Laid>>;
}

/** What one end is judged by: its sheet, what is known of the parts themselves, and the shop's rules. */
export interface Standard {
  sheet: SheetFacts;
  /** Every reading of the stamp of the rotor that is on, oldest first. */
  stamps: readonly ReadStamp[];
  /** The rotor fitted since, if one was: it goes by its own stamp, construction and thickness when new. */
  fittedRotor?: Pick<Individual, 'newMm' | 'constructions'> | null;
  damage?: readonly RotorDamage[];
  /** A ridge was felt on the rotor that is on, in whichever sitting. */
  ridgeFelt?: boolean;
  outlook?: Partial<Record<Part, Outlook>>;
  /** The rotor's wobble, for what is left of the gaps; null when it was not measured. */
  runout?: { tirMm: number | null; doubtMm: number; proven: boolean } | null;
  rules?: ShopRules;
}

/**
 * The limit in force for a rotor: its own stamp, then the sheet's, then the shop's. A rotor fitted since goes by the
 * sheet only when it is of the sheet's construction: a limit is chosen by construction [P]. Where it may be or not be, by what was
 * written of it, the stricter of the two counts [D].
 */
export function rotorLimit({
  sheet,
  stamps,
  fittedRotor,
  rules = USUAL_RULES,
}: Standard): ThicknessLimit {
  const shop = shopRotorLimit(rules.figures);
  const { limit } = sheet.rotor;
  const of = constructionOf(sheet, fittedRotor);
  const bySheet =
    of === 'another' || !limit ? null : of === 'either' ? stricter(limit, shop) : limit;
  return limitInForce(stamps, bySheet, shop);
}

/** Thickness when new: the rotor's own, else the sheet's when it is of the sheet's construction; mm. */
export function rotorNewMm({ sheet, fittedRotor }: Standard): number | null {
  const { newMm } = sheet.rotor;
  return fittedRotor?.newMm ?? (constructionOf(sheet, fittedRotor) === 'sheet' ? newMm : null);
}

/** Whether the rotor that is on is of the sheet's construction, by everything that was written of it. */
function constructionOf(
  { rotor }: SheetFacts,
  fitted: Standard['fittedRotor'],
): 'sheet' | 'another' | 'either' {
  const written = fitted?.constructions ?? [];
  const isSheets = (of: FittedPart['construction']) => of === null || of === rotor.construction;
  if (written.every(isSheets)) return 'sheet';
  return written.some(isSheets) ? 'either' : 'another';
}

/** Whether a plain value of a sheet is from memory: it may condemn, or warn, and never pass. */
export function fromMemory({ origins = {} }: SheetFacts, value: PlainValue): boolean {
  return origins[value]?.tag === 'M';
}

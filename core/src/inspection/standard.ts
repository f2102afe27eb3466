import type { Actuation } from '../kit/actuation';
import type { Part } from '../ends';
import type { Outlook } from '../forecast/forecast';
import type { FittedPart } from '../kit/kit';
import type { LeverSpec } from '../lever/lever';
import { USUAL_RULES, type ShopRules } from '../rules/shopRules';
import type { Laid, PlainValue } from '../sheet/sheet';
import { limitInForce, shopRotorLimit, type ReadStamp } from '../wear/limitInForce';
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
  fittedRotor?: FittedPart | null;
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
 * sheet only when it is of the sheet's construction: a limit is chosen by construction [P].
 */
export function rotorLimit({
  sheet,
  stamps,
  fittedRotor,
  rules = USUAL_RULES,
}: Standard): ThicknessLimit {
  const ofSheet = isOfSheet(sheet, fittedRotor) ? sheet.rotor.limit : null;
  return limitInForce(stamps, ofSheet, shopRotorLimit(rules.figures));
}

/** Thickness when new: the rotor's own, else the sheet's when it is of the sheet's construction; mm. */
export function rotorNewMm({ sheet, fittedRotor }: Standard): number | null {
  return fittedRotor?.newMm ?? (isOfSheet(sheet, fittedRotor) ? sheet.rotor.newMm : null);
}

function isOfSheet(sheet: SheetFacts, fitted: FittedPart | null | undefined): boolean {
  return !fitted?.construction || fitted.construction === sheet.rotor.construction;
}

/** Whether a plain value of a sheet is from memory: it may condemn, or warn, and never pass. */
export function fromMemory({ origins = {} }: SheetFacts, value: PlainValue): boolean {
  return origins[value]?.tag === 'M';
}

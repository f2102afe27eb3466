import { clearanceVerdict, type ClearanceVerdict } from '../clearance/corners';
import { faceVerdict, type FaceVerdict } from '../face/mountFace';
import type { Outlook } from '../forecast/forecast';
import { InputError } from '../inputError';
import { leverVerdict, type LeverSpec, type LeverVerdict } from '../lever/lever';
import type { Part } from '../ends';
import { USUAL_RULES, type ShopRules } from '../rules/shopRules';
import { runoutVerdict, type RunoutVerdict } from '../runout/runout';
import { padVerdict, type PadSpec, type PadVerdict } from '../wear/pads';
import { limitInForce, USUAL_ROTOR_LIMIT, type ReadStamp } from '../wear/limitInForce';
import { rotorVerdict, type RotorDamage, type RotorVerdict } from '../wear/rotor';
import type { Reason, ThicknessLimit, Word } from '../wear/verdict';
import type { Actuation } from './findings';
import type { FittedPart } from '../kit/kit';
import type { Laid, PlainValue } from '../sheet/sheet';
import type { Measurand } from './measurand';
import {
  clearanceMeasurement,
  faceMeasurement,
  leverMeasurement,
  padMeasurement,
  rotorMeasurement,
  runoutMeasurement,
  type MeasuringSession,
} from './session';

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

export type Judgement =
  | { ok: true; part: 'rotor'; word: Word; rotor: RotorVerdict }
  | { ok: true; part: 'pads'; word: Word; pads: PadVerdict }
  | { ok: true; part: 'runout'; word: Word; runout: RunoutVerdict }
  | { ok: true; part: 'clearance'; word: Word; clearance: ClearanceVerdict }
  | { ok: true; part: 'lever'; word: Word; lever: LeverVerdict }
  | { ok: true; part: 'mount-face'; word: Word; face: FaceVerdict }
  /** The numbers contradict the sheet or each other: nothing can be said, and nothing passed. */
  | { ok: false; code: InputError['code']; field: string; numbers: InputError['numbers'] };

/**
 * The limit in force for a rotor: its own stamp, then the sheet's, then the shop's. A rotor fitted since goes by the
 * sheet only when it is of the sheet's construction: a limit is chosen by construction [P].
 */
export function rotorLimit({ sheet, stamps, fittedRotor }: Standard): ThicknessLimit {
  const ofSheet = isOfSheet(sheet, fittedRotor) ? sheet.rotor.limit : null;
  return limitInForce(stamps, ofSheet, USUAL_ROTOR_LIMIT);
}

/** Thickness when new: the rotor's own, else the sheet's when it is of the sheet's construction; mm. */
export function rotorNewMm({ sheet, fittedRotor }: Standard): number | null {
  return fittedRotor?.newMm ?? (isOfSheet(sheet, fittedRotor) ? sheet.rotor.newMm : null);
}

function isOfSheet(sheet: SheetFacts, fitted: FittedPart | null | undefined): boolean {
  return !fitted?.construction || fitted.construction === sheet.rotor.construction;
}

/** Version of the rules a verdict was given by; it changes whenever a verdict could. */
export const RULE: Readonly<Record<Measurand, string>> = {
  rotor: 'rotor/3',
  pads: 'pads/3',
  runout: 'runout/3',
  clearance: 'clearance/3',
  lever: 'lever/3',
  'mount-face': 'mount-face/3',
};

/**
 * Judges one sitting. This is the one computation with two callers: the app at once, and the server again from what
 * it stored.
 */
export function judge(
  measurand: Measurand,
  session: MeasuringSession,
  standard: Standard,
): Judgement {
  try {
    return verdictOn(measurand, session, standard);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, code: error.code, field: error.field, numbers: error.numbers };
  }
}

function verdictOn(measurand: Measurand, session: MeasuringSession, standard: Standard): Judgement {
  const { sheet, damage = [], ridgeFelt = false, outlook = {}, rules = USUAL_RULES } = standard;
  switch (measurand) {
    case 'rotor': {
      const rotor = rotorVerdict(
        rotorMeasurement(session, damage, ridgeFelt),
        rotorLimit(standard),
        rotorNewMm(standard),
        outlook.rotor ?? null,
      );
      return { ok: true, part: 'rotor', word: rotor.word, rotor };
    }
    case 'pads': {
      const measurement = padMeasurement(session);
      const plateAssumed = sheet.pads.plateAssumed || fromMemory(sheet, 'pads.plateMm');
      const spec = { ...sheet.pads, plateAssumed };
      const pads = padVerdict(measurement, spec, rules.schools, outlook.pads ?? null);
      return { ok: true, part: 'pads', word: pads.word, pads };
    }
    case 'runout': {
      const runout = runoutVerdict(runoutMeasurement(session), rules.runoutBands);
      return { ok: true, part: 'runout', word: runout.word, runout };
    }
    case 'clearance': {
      const clearance = clearanceVerdict(clearanceMeasurement(session, standard.runout ?? null));
      return { ok: true, part: 'clearance', word: clearance.word, clearance };
    }
    case 'lever': {
      const hydraulic = sheet.brake.actuation !== 'cable';
      const spec = {
        ...sheet.lever,
        giveFromMemory: fromMemory(sheet, 'lever.ownGiveMl'),
        factsFromMemory: fromMemory(sheet, 'lever.ratio') || fromMemory(sheet, 'lever.boreMm'),
      };
      const lever = leverVerdict(leverMeasurement(session, hydraulic), spec);
      return { ok: true, part: 'lever', word: lever.word, lever };
    }
    case 'mount-face': {
      const face = faceVerdict(faceMeasurement(session));
      return { ok: true, part: 'mount-face', word: face.word, face };
    }
  }
}

/** Whether a plain value of a sheet is from memory: it may condemn, or warn, and never pass. */
function fromMemory({ origins = {} }: SheetFacts, value: PlainValue): boolean {
  return origins[value]?.tag === 'M';
}

/** What of a judgement says that a reading cannot be what it is taken for, with its numbers; null where nothing does. */
export function contradictionAt(
  judgement: Judgement,
  place: string,
): { code: string; numbers: Readonly<Record<string, number>> } | null {
  if (!judgement.ok)
    return judgement.field === place ? { code: judgement.code, numbers: judgement.numbers } : null;
  const reasons: readonly Reason[] =
    judgement.part === 'rotor'
      ? judgement.rotor.contradicts
      : judgement.part === 'pads'
        ? judgement.pads.contradicts
        : [];
  const found = reasons.find((reason) => 'place' in reason && reason.place === place);
  if (!found) return null;
  const numbers = Object.entries(found).filter(([, value]) => typeof value === 'number');
  return { code: found.code, numbers: Object.fromEntries(numbers) as Record<string, number> };
}

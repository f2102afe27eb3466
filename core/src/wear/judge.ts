import { InputError } from '../inputError';
import type { Part } from '../procedure/signOff';
import { limitInForce, USUAL_ROTOR_LIMIT } from './limitInForce';
import { PAD_SCHOOLS, padVerdict, type PadSchool, type PadSpec, type PadVerdict } from './pads';
import { rotorVerdict, type RotorVerdict } from './rotor';
import { padMeasurement, rotorMeasurement, type MeasuringSession } from './session';
import type { ThicknessLimit, Word } from './verdict';

/** What a part is judged by: its sheet, and a limit read off the part itself. */
export interface Standard {
  sheet: {
    rotor: { newMm: number | null; limit: ThicknessLimit | null };
    pads: PadSpec;
  };
  stampedLimit: { limitMm: number; atLimitIsWorn: boolean | null } | null;
}

/** Schools of judging pads in force until the shop chooses others [D]: all, and the one that bites first decides. */
export const USUAL_SCHOOLS: readonly PadSchool[] = PAD_SCHOOLS;

export type Judgement =
  | { ok: true; part: 'rotor'; word: Word; rotor: RotorVerdict }
  | { ok: true; part: 'pads'; word: Word; pads: PadVerdict }
  /** The numbers contradict the sheet or each other: nothing can be said, and nothing passed. */
  | { ok: false; code: InputError['code']; field: string; numbers: InputError['numbers'] };

/** The limit in force for a rotor: stamped, then the sheet's, then the shop's. */
export function rotorLimit({ sheet, stampedLimit }: Standard): ThicknessLimit {
  const stamped: ThicknessLimit | null = stampedLimit && {
    ...stampedLimit,
    origin: 'stamped',
    tag: null,
  };
  return limitInForce([stamped, sheet.rotor.limit, USUAL_ROTOR_LIMIT])!;
}

/** Version of the rules a verdict was given by; it changes whenever a verdict could. */
export const RULE: Readonly<Record<Part, string>> = { rotor: 'rotor/1', pads: 'pads/1' };

/**
 * Judges one sitting at a part. This is the one computation with two callers: the app at once, and the
 * server again from what it stored.
 */
export function judge(
  part: Part,
  session: MeasuringSession,
  standard: Standard,
  schools: readonly PadSchool[] = USUAL_SCHOOLS,
): Judgement {
  try {
    if (part === 'rotor') {
      const limit = rotorLimit(standard);
      const rotor = rotorVerdict(rotorMeasurement(session), limit, standard.sheet.rotor.newMm);
      return { ok: true, part, word: rotor.word, rotor };
    }
    const pads = padVerdict(padMeasurement(session), standard.sheet.pads, schools);
    return { ok: true, part, word: pads.word, pads };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, code: error.code, field: error.field, numbers: error.numbers };
  }
}

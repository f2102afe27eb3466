import type { GaugeKind } from '../gauge/gauge';
import type { Touch } from '../evidence/touch';
import type { Basis, MeasuringSession } from '../inspection/session';
import type { Standard } from '../inspection/standard';
import type { Work } from '../inspection/work';
import { InputError } from '../inputError';
import type { Reason, Settle, Word } from '../wear/verdict';

/** What every verdict has, whatever was measured. */
export interface CommonVerdict {
  word: Word;
  /** Why, the gravest first. */
  reasons: readonly Reason[];
  /** What would settle it; empty unless it is unproven. */
  settle: readonly Settle[];
  /** Numbers that cannot be, by what the sheet says. */
  contradicts?: readonly Reason[];
  /** The bike is not to be ridden with it. */
  doNotRide?: boolean;
}

/** Everything the trade knows of one thing that is measured. */
export interface MeasurandRule<Verdict extends CommonVerdict> {
  /** Version of the rule a verdict is given by; it changes whenever a verdict could. */
  version: string;
  /** Measured at points round the rotor, counted from 1; else at named places. */
  round: boolean;
  /** Every place of a sitting, in the usual order. */
  places: (points: readonly string[]) => readonly string[];
  /**
   * Places that only help to judge: with nothing else read there is nothing to judge. Each returns a value that can be one, mm.
   * @throws InputError for a slip
   */
  aids: Readonly<Record<string, (valueMm: number) => number>>;
  /** Returns a reading that can be one, mm. @throws InputError for a slip such as 12 mm of rotor, before anything is judged by it */
  plausible: (valueMm: number) => number;
  /** The ways its numbers can be taken. */
  bases: readonly (Basis | null)[];
  /** What it is measured with. */
  gauges: readonly GaugeKind[];
  /** What its proof lapses with: then it says nothing of the brake as it is now. */
  lapses: readonly Touch[];
  /** A stand test after a lapse answers for it. */
  answeredByStandTest: boolean;
  /** Work that can mend what a number condemned; none where it is worn away. */
  mendedBy: readonly Touch[];
  /** Each place condemns by itself, and has to be read again to be answered. */
  condemnsByPlace: boolean;
  /** The reasons with which a lead may accept it as unproven, all of them; null where any will do. */
  acceptedWith: readonly Reason['code'][] | null;
  judge: (session: MeasuringSession, standard: Standard) => Verdict;
  /** The work a verdict calls for; none when nothing is wrong or nothing is known. */
  work: (verdict: Verdict) => readonly Work[];
}

/** What can be a distance that helps to judge, ends inclusive, mm. */
export const within = (leastMm: number, mostMm: number) => (valueMm: number) => {
  if (!(valueMm >= leastMm && valueMm <= mostMm))
    throw new InputError('implausible', 'reading', { leastMm, mostMm });
  return valueMm;
};

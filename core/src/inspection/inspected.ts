import type { End } from '../ends';
import { MEASURANDS, type Measurand } from '../measurand/measurand';
import { AREAS, type Area, type Finding } from './findings';
import type { MeasuringSession } from './session';

/** A sitting as recorded on a job. */
export interface Sitting extends MeasuringSession {
  id: string;
  /** Its place in the order in which the shop took all entries. */
  seq: number;
  end: End;
  part: Measurand;
}

/** One area looked over: what was found, or nothing. */
export interface LookOver {
  id: string;
  seq: number;
  end: End;
  area: Area;
  found: readonly Finding[];
  words: string;
  /** Findings of earlier looks that were seen wrong; the words say why. */
  takesBack: readonly Finding[];
}

/** What an end's items are about. A rotor or pads looked over count with what was measured of them. */
export type Subject = Measurand | Exclude<Area, 'rotor' | 'pads' | 'lever'>;
export const SUBJECTS: readonly Subject[] = [...new Set([...MEASURANDS, ...AREAS] as Subject[])];

/** What stands at one end. */
export interface Thing {
  end: End;
  subject: Subject;
}
export const isSameThing = (a: Thing, b: Thing) => a.end === b.end && a.subject === b.subject;

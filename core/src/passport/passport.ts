import { ENDS, type End } from '../ends';
import { FINDINGS, type Finding } from '../inspection/findings';
import { SUBJECTS, type Subject } from '../inspection/inspected';
import type { Bike } from '../kit/bike';
import { saidOfThird } from '../kit/brakes';
import { bare, isCopyOf } from '../notice/label';
import { canonicalJson, type Json } from '../seal/canonical';
import { sealOf } from '../seal/chain';
import type { Word } from '../wear/verdict';

/** Version of what is written of a bike for elsewhere. Documented in docs/formats/passport.md. */
export const PASSPORT_FORMAT = 'hold-fast/passport/1';

type ThirdBrake = Pick<Bike, 'thirdBrake' | 'thirdPlace' | 'sharedLever'>;

/** What hangs on a bike, as another workshop says it: it may know findings that are not known here. */
export interface HangsOn {
  end: End;
  subject: Subject;
  found: string[];
}

/** A bike as it is taken elsewhere: what it is, what hangs on it, and its records with their seals. Nobody’s name but the workshop’s. */
export interface Passport {
  format: typeof PASSPORT_FORMAT;
  /** ISO 8601, UTC. */
  writtenAt: string;
  bike: Omit<Bike, 'id' | 'customerId' | 'name' | keyof ThirdBrake> & Partial<ThirdBrake>;
  doNotRide: HangsOn[];
  againstAdvice: (HangsOn & { words: string })[];
  /** In the order they were sealed, corrections among them. */
  records: { number: number; prev: string | null; seal: string; canonical: string }[];
  /** SHA-256 of all the rest by RFC 8785, lower-case hex. */
  seal: string;
}

/** A bike as a passport says it: of a third brake only where there is one. */
export function bikeSaid<B extends Omit<Bike, 'id' | 'customerId' | 'name'>>(bike: B) {
  const { thirdBrake, thirdPlace, sharedLever, ...written } = bike;
  return { ...written, ...saidOfThird({ thirdBrake, thirdPlace, sharedLever }) };
}

export const sealPassport = (passport: Omit<Passport, 'seal'>): Passport => ({
  ...passport,
  seal: sealOf(canonicalJson(passport as unknown as Json)),
});

/** Why a passport is not believed. */
type PassportFault =
  | { code: 'altered' }
  | { code: 'record-altered'; number: number }
  /** Its serial, or that of one of its records, is not this bike’s. */
  | { code: 'other-bike'; serial: string };

/** One of a list of a record, as whatever version of whatever workshop wrote it. */
export type Item = Partial<
  Record<
    'end' | 'subject' | 'found' | 'word' | 'doNotRide' | 'part' | 'batch' | 'batches' | 'lot',
    unknown
  >
>;

interface Sealed {
  prev?: unknown;
  record?: {
    bike?: { serial?: unknown };
    inspection?: unknown;
    notRepaired?: unknown;
    /** Of a correction: what it says no more of. */
    takesBack?: unknown;
  };
}

const read = (canonical: string): Sealed | null => {
  try {
    return JSON.parse(canonical) as Sealed;
  } catch {
    return null;
  }
};

/** The records of a passport as they can be read; one that cannot says nothing. */
export const recordsOf = ({ records }: Pick<Passport, 'records'>) =>
  records.map(({ canonical }) => read(canonical)?.record ?? {});

/** What can be read of a list; nothing of what is none. */
export const itemsOf = (list: unknown): Item[] =>
  Array.isArray(list) ? list.filter((each) => typeof each === 'object' && each !== null) : [];

/**
 * What is wrong with a passport for this bike; null where nothing is. That it was not altered since it was written is all that its seals
 * say: anybody can write one, so nothing in it proves anything here.
 * @param serial of the bike it is taken in for; empty where it is not known
 */
export function passportFault(passport: Passport, serial: string): PassportFault | null {
  const { seal, ...rest } = passport;
  if (sealOf(canonicalJson(rest as unknown as Json)) !== seal) return { code: 'altered' };
  const serials = [serial, passport.bike.serial];
  for (const { number, seal: sealed, prev, canonical } of passport.records) {
    const link = read(canonical);
    if (!link || sealOf(canonical) !== sealed || link.prev !== prev)
      return { code: 'record-altered', number };
    const of = link.record?.bike?.serial;
    if (typeof of === 'string') serials.push(of);
  }
  const known = serials.filter((each) => bare(each) !== '');
  const other = known.find((each) => !isCopyOf(each, known[0]!));
  return other === undefined ? null : { code: 'other-bike', serial: other };
}

const KNOWN = Object.keys(FINDINGS) as Finding[];
/** Of what was found, what is known here: what else was found asks for more to take it off, not for less. */
export const knownOf = (found: readonly string[]): Finding[] =>
  found.every((each) => (KNOWN as readonly string[]).includes(each)) ? (found as Finding[]) : [];

/** What hangs on a bike that left as it came. */
const HUNG: readonly string[] = ['replace', 'unproven'] satisfies Word[];

/**
 * The do-not-rides that come with a passport: those it says hang on the bike; and those its last visit was sealed or left unrepaired
 * with, or that a correction since took back, should it say nothing of them. None is lost on the way [D].
 */
export function doNotRidesOf({ doNotRide, records }: Passport): HangsOn[] {
  const texts = recordsOf({ records });
  const at = texts.findLastIndex(({ inspection }) => Array.isArray(inspection));
  const { inspection, notRepaired } = texts[at] ?? {};
  const last = [
    ...itemsOf(inspection).filter(
      ({ doNotRide: forbids, word }) =>
        forbids === true || (Boolean(notRepaired) && HUNG.includes(String(word))),
    ),
    ...texts.slice(at + 1).flatMap(({ takesBack }) => itemsOf(takesBack)),
  ].flatMap(hangsOn);
  const said = (each: HangsOn) =>
    doNotRide.some((tag) => tag.end === each.end && tag.subject === each.subject);
  return [...doNotRide, ...last.filter((each) => !said(each))];
}

/** What an inspection of a record says, as far as it is known here. */
function hangsOn({ end, subject, found }: Item): HangsOn[] {
  const at = ENDS.find((each) => each === end);
  const of = SUBJECTS.find((each) => each === subject);
  if (!at || !of) return [];
  return [{ end: at, subject: of, found: Array.isArray(found) ? found.map(String) : [] }];
}

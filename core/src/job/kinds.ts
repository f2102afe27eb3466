import { barsLifted } from './bars';
import { beddingPull } from './beddingPull';
import { bite } from './bite';
import { bleedCycle } from './bleedCycle';
import { clampGaps } from './clampGaps';
import { customerAnswer } from './customerAnswer';
import { decision } from './decision';
import { deviation } from './deviation';
import { edit } from './edit';
import { endsOf } from '../kit/brakes';
import { fault, type EntryFault, type EntryOfKind, type KnownOfKind, type Place } from './entry';
import { fill } from './fill';
import { fitting } from './fitting';
import { fluidBack } from './fluidBack';
import { identification } from './identification';
import type { Facts, Job } from './job';
import { look } from './look';
import { makerAnswer } from './makerAnswer';
import { noticeAnswer } from './noticeAnswer';
import { secondLook } from './secondLook';
import { lookOver } from './lookOver';
import { measurement } from './measurement';
import { partBrought } from './partBrought';
import { partOff } from './partOff';
import { partTaken } from './partTaken';
import { passMark } from './passMark';
import { photo } from './photo';
import { planChoice } from './planChoice';
import { planStep } from './planStep';
import { radial } from './radial';
import { reckoned } from './reckoned';
import { repair } from './repair';
import { reading } from './reading';
import { cause, sign } from './sign';
import { takenBack } from './takenBack';
import { test } from './finalTest';
import { stay } from './stay';
import { ticked } from './ticked';
import type { TellingKind, Told, ToldEntries, ToldKind } from './told';
import { sum } from './sum';
import { tightening } from './tightening';
import { waits } from './waits';
import { waste } from './waste';
import { witness } from './witness';

/** Every kind of entry that a phone may send. */
export const SENT = {
  identification,
  measurement,
  reading,
  look,
  'look-over': lookOver,
  fitting,
  tightening,
  'pass-mark': passMark,
  'clamp-gaps': clampGaps,
  'part-taken': partTaken,
  'part-off': partOff,
  fill,
  'fluid-back': fluidBack,
  waste,
  test,
  'bleed-cycle': bleedCycle,
  ticked,
  deviation,
  'bedding-pull': beddingPull,
  witness,
  bite,
  radial,
  reckoned,
  sum,
  waits,
  stay,
  'customer-answer': customerAnswer,
  'part-brought': partBrought,
  'taken-back': takenBack,
  'plan-choice': planChoice,
  'plan-step': planStep,
  repair,
  'maker-answer': makerAnswer,
  'notice-answer': noticeAnswer,
  'second-look': secondLook,
  sign,
  cause,
} as const;

/** Every kind of entry: those that are sent, and those the server makes of what is done under a PIN or with a picture. */
export const KINDS = { ...SENT, decision, edit, photo } as const;

export type SentKind = keyof typeof SENT;
export type EntryKind = keyof typeof KINDS;
export type EntryOf<K extends EntryKind> = EntryOfKind<(typeof KINDS)[K]>;
export type KnownOf<K extends EntryKind> = KnownOfKind<(typeof KINDS)[K]>;
/** An entry that a phone may send. */
export type SentEntry = EntryOf<SentKind>;
type Entry = EntryOf<EntryKind>;

/** An entry with what the shop's registers said when it was made, and its place in the order. */
export type Logged = {
  [K in EntryKind]: { entry: EntryOf<K>; known: KnownOf<K> } & Place;
}[EntryKind];

interface AnyKind {
  whose: 'bench' | 'anybody';
  fault?: (job: Job, entry: Entry, known: unknown) => EntryFault | null;
  add: (facts: Facts, entry: Entry, known: unknown, place: Place) => Facts;
}
const kindOf = (entry: Entry) => KINDS[entry.kind] as unknown as AnyKind;

/** Whether it was written with the brake in hand, and not at the counter. */
export const isBench = (entry: Entry): boolean =>
  entry.kind !== 'edit' && entry.kind !== 'decision' && kindOf(entry).whose === 'bench';

/** Nothing is written of a third brake that the bike has not; one that was taken off its page in the middle of a visit is answered. */
function missingEnd(job: Job, entry: object): EntryFault | null {
  const there = job.identified.third !== null || endsOf(job.bike).includes('third');
  const asked = 'end' in entry && entry.end === 'third';
  return asked && !there ? fault('invalid-input', 'end', 'no-disc') : null;
}

/** Every kind that is told, by what of it stays said. */
const TOLD: { readonly [K in ToldKind]: Pick<TellingKind<ToldEntries[K]>, 'stays'> } = SENT;

/**
 * What was told is taken back as a slip of the hand; what was seen not in order is not, nor what would take a bar with it: to unsay it is
 * no answer.
 */
function unsaid(job: Job, entry: Entry): EntryFault | null {
  if (entry.kind !== 'taken-back') return null;
  const told = job.told.find(({ id }) => id === entry.of);
  if (!told) return null;
  const { stays } = TOLD[told.kind] as { stays: (told: Told, bike: Job['bike']) => boolean };
  const lifted = barsLifted(job, { ...job, told: job.told.filter((each) => each !== told) });
  return lifted.length > 0 || stays(told, job.bike)
    ? fault('invalid-input', 'of', 'failed-check')
    : null;
}

/** Why a job cannot take an entry as it stands, or null. */
export function faultOf<K extends EntryKind>(
  job: Job,
  entry: EntryOf<K>,
  known: KnownOf<K>,
): EntryFault | null {
  return (
    missingEnd(job, entry) ??
    unsaid(job, entry as Entry) ??
    kindOf(entry as Entry).fault?.(job, entry as Entry, known) ??
    null
  );
}

/** A job's facts with one more entry. */
export function add(facts: Facts, { entry, known, seq, by }: Logged): Facts {
  return kindOf(entry).add(facts, entry, known, { seq, by });
}

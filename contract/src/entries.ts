import type { EntryOf, SentEntry as EntryOfCore, SentKind } from '@hold-fast/core/job/kinds';
import { z } from 'zod';
import { Identification } from './entries/identification';
import { Measurement } from './entries/measurement';
import { Reading } from './entries/reading';
import { Look } from './entries/look';
import { LookOver } from './entries/lookOver';
import { Fitting } from './entries/fitting';
import { Tightening } from './entries/tightening';
import { PassMark } from './entries/passMark';
import { ClampGaps } from './entries/clampGaps';
import { PartOff } from './entries/partOff';
import { PartTaken } from './entries/partTaken';
import { FluidBack } from './entries/fluidBack';
import { Stay } from './entries/stay';
import { Waits } from './entries/waits';
import { Waste } from './entries/waste';
import { Fill } from './entries/fill';
import { Test } from './entries/finalTest';
import { PlanChoice } from './entries/planChoice';
import { BleedCycle } from './entries/bleedCycle';
import { Ticked } from './entries/ticked';
import { Deviation } from './entries/deviation';
import { BeddingPull } from './entries/beddingPull';
import { MakerAnswer } from './entries/makerAnswer';
import { NoticeAnswer } from './entries/noticeAnswer';
import { Radial } from './entries/radial';
import { Reckoned } from './entries/reckoned';
import { SecondLook } from './entries/secondLook';
import { Cause, Sign } from './entries/sign';
import { Bite } from './entries/bite';
import { Sum } from './entries/sum';
import { Witness } from './entries/witness';
import { CustomerAnswer } from './entries/customerAnswer';
import { PartBrought } from './entries/partBrought';
import { TakenBack } from './entries/takenBack';
import { PlanStep } from './entries/planStep';
import { Repair } from './entries/repair';
import { Id, Instant } from './fields';

// A job is a row of entries, each appended once and never changed. The offline queue holds them until the
// server has them; the id makes a repeated entry the same entry.

const SCHEMAS = {
  identification: Identification,
  measurement: Measurement,
  reading: Reading,
  look: Look,
  'look-over': LookOver,
  fitting: Fitting,
  tightening: Tightening,
  'pass-mark': PassMark,
  'clamp-gaps': ClampGaps,
  'part-taken': PartTaken,
  'part-off': PartOff,
  'fluid-back': FluidBack,
  waste: Waste,
  fill: Fill,
  test: Test,
  'plan-choice': PlanChoice,
  'bleed-cycle': BleedCycle,
  ticked: Ticked,
  deviation: Deviation,
  'bedding-pull': BeddingPull,
  witness: Witness,
  bite: Bite,
  sum: Sum,
  radial: Radial,
  reckoned: Reckoned,
  waits: Waits,
  stay: Stay,
  'customer-answer': CustomerAnswer,
  'part-brought': PartBrought,
  'taken-back': TakenBack,
  'plan-step': PlanStep,
  repair: Repair,
  'maker-answer': MakerAnswer,
  'notice-answer': NoticeAnswer,
  'second-look': SecondLook,
  sign: Sign,
  cause: Cause,
} as const satisfies { readonly [K in SentKind]: z.ZodType<EntryOf<K>> };

export const Entry = z.discriminatedUnion(
  'kind',
  Object.values(SCHEMAS) as unknown as [
    (typeof SCHEMAS)[SentKind],
    ...(typeof SCHEMAS)[SentKind][],
  ],
);
export type Entry = EntryOfCore;
/** An entry as it may come in: what has a usual value can be left out. */
export type EntryAsSent = z.input<typeof Entry>;

/** What the app's own computation said when it sent an entry; the server logs a difference as a fault. */
export const SentEntry = z.strictObject({
  entry: Entry,
  appWord: z.enum(['holds', 'watch', 'unproven', 'replace']).nullable(),
  /** Whose entry it is: nobody else's sign-in makes it theirs. Left out by whoever sends only their own. */
  by: Id.optional(),
  /** What the phone's clock said when it was sent; left out by whoever goes by the server's. */
  sentAt: Instant.optional(),
  /** The entry that the same phone made ahead of it on this job. */
  after: Id.optional(),
});
export interface SentEntry {
  entry: Entry;
  appWord: z.infer<typeof SentEntry>['appWord'];
  by?: string | undefined;
  sentAt?: string | undefined;
  after?: string | undefined;
}

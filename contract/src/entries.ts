import { WITNESS_RINGS } from '@hold-fast/core/bedding/pulls';
import { CHOICES, choicesFor, DECIDERS, DEVIATIONS } from '@hold-fast/core/deviation/deviations';
import { BLEED_METHODS, BUBBLES } from '@hold-fast/core/fluid/bleedRun';
import { FAMILIES } from '@hold-fast/core/fluid/families';
import { ANSWERS } from '@hold-fast/core/plan/quote';
import { CHECKS } from '@hold-fast/core/procedure/finalCheck';
import { AREAS, FINDINGS, type Finding } from '@hold-fast/core/inspection/findings';
import { MEASURANDS, placesOf } from '@hold-fast/core/inspection/measurand';
import { LOOKS } from '@hold-fast/core/inspection/session';
import { COMPOUNDS } from '@hold-fast/core/kit/compound';
import { CONDITIONS_FITTED } from '@hold-fast/core/kit/kit';
import { RUNOUT_POINTS } from '@hold-fast/core/runout/runout';
import { ROTOR_DAMAGE, ROTOR_POINTS } from '@hold-fast/core/wear/rotor';
import { BLEEDS, PROCEDURE_IDS } from '@hold-fast/core/procedure/procedures';
import { NEW_PARTS, STEP_IDS } from '@hold-fast/core/procedure/steps';
import { PASSES } from '@hold-fast/core/torque/sequence';
import { THREAD_TREATMENTS } from '@hold-fast/core/torque/thread';
import { z } from 'zod';
import { End, Id, Instant, Ml, Mm, Nm, Part, text, words, wordsOrNone } from './fields';
import { Fastener } from './sheets';

// A job is a row of entries, each appended once and never changed. The offline queue holds them until the
// server has them; the id makes a repeated entry the same entry.

const entry = { id: Id, at: Instant };

/** A limit read off the part itself. */
export const StampedLimit = z
  .strictObject({ limitMm: Mm.min(0.5).max(3), atLimitIsWorn: z.boolean().nullable() })
  .nullable();

/** Which brake this is: the sheet it is judged by, and a limit read off the part. */
export const Identification = z.strictObject({
  kind: z.literal('identification'),
  ...entry,
  end: End,
  sheetRevisionId: Id,
  stampedLimit: StampedLimit,
});

/** One sitting with one gauge at one thing to measure. */
export const Measurement = z.strictObject({
  kind: z.literal('measurement'),
  ...entry,
  end: End,
  part: z.enum(MEASURANDS),
  gaugeId: Id,
  basis: z.enum(['total', 'friction', 'travel', 'from-bar']).nullable(),
  pointCount: z.int().min(ROTOR_POINTS.fewest).max(RUNOUT_POINTS.most).nullable(),
});

const PLACES = [...new Set(MEASURANDS.flatMap((part) => placesOf(part, RUNOUT_POINTS.most)))];

/** A reading as taken. A correction is a new reading that names the one it replaces. */
export const Reading = z.strictObject({
  kind: z.literal('reading'),
  ...entry,
  measurementId: Id,
  place: z.enum(PLACES),
  valueMm: Mm,
  /** What was keyed, or what the gauge sent, to the letter. */
  typed: text(12),
  via: z.enum(['keys', 'feed']).default('keys'),
  replaces: Id.nullable(),
});

/** What only whoever measures can say: a ridge felt, the wheel at the rotor's mid reading. */
export const Look = z.strictObject({
  kind: z.literal('look'),
  ...entry,
  measurementId: Id,
  subject: z.enum(LOOKS),
  seen: z.boolean(),
});

/** One area looked over by eye and hand, with everything found there; nothing found is worth saying too. */
export const LookOver = z.strictObject({
  kind: z.literal('look-over'),
  ...entry,
  end: End,
  area: z.enum(AREAS),
  found: z.array(z.enum(Object.keys(FINDINGS) as Finding[])).max(12),
  words: wordsOrNone(300),
});

/** What is done about a compound that the rotor was not bedded with; schools differ. */
export const REBEDDINGS = ['new-rotor', 'strip-and-bed-in', 'ridden-as-is'] as const;
export type Rebedding = (typeof REBEDDINGS)[number];

/** A part fitted, or found on the bike. A new or used one closes the old one's life; its verdict stays with it. */
export const Fitting = z.strictObject({
  kind: z.literal('fitting'),
  ...entry,
  end: End,
  part: Part,
  description: words(120),
  condition: z.enum(CONDITIONS_FITTED).default('new'),
  compound: z.enum(COMPOUNDS).nullable().default(null),
  organicOnly: z.boolean().default(false),
  construction: z.enum(['one-piece', 'two-piece']).nullable().default(null),
  newMm: Mm.min(0.5).max(8).nullable().default(null),
  stampedLimit: StampedLimit.default(null),
  cameOffFor: z
    .enum([...ROTOR_DAMAGE, 'worn', 'changed'])
    .nullable()
    .default(null),
  rebedding: z.enum(REBEDDINGS).nullable().default(null),
});

/** A torque step begun: the wrench, what it is set to, and what is on the thread. */
export const Tightening = z.strictObject({
  kind: z.literal('tightening'),
  ...entry,
  end: End,
  fastener: Fastener,
  wrenchId: Id,
  setNm: Nm,
  treatment: z.enum(THREAD_TREATMENTS),
  /** A window read off the part or the maker's sheet in hand, where the spec sheet has none. */
  asked: z
    .strictObject({
      loNm: Nm,
      hiNm: Nm,
      origin: z.enum(['stamped', 'sheet']),
      source: words(120),
    })
    .refine(({ loNm, hiNm }) => loNm <= hiNm, 'From low to high.')
    .nullable()
    .default(null),
  crowfoot: z
    .strictObject({
      leverMm: Mm.min(50).max(1000),
      extensionMm: Mm.min(1).max(300),
      angleDegrees: z.number().min(0).max(180),
    })
    .nullable()
    .default(null),
});

/** One bolt confirmed in a pass, or the whole pass. */
export const PassMark = z.strictObject({
  kind: z.literal('pass-mark'),
  ...entry,
  tighteningId: Id,
  pass: z.enum(PASSES),
  bolt: z.int().min(1).max(24).nullable(),
  /** What a reading wrench showed. */
  measuredNm: Nm.nullable().default(null),
  via: z.enum(['keys', 'feed']).default('keys'),
});

/** The gaps at both ends of a clamp once it is tight. */
export const ClampGaps = z.strictObject({
  kind: z.literal('clamp-gaps'),
  ...entry,
  tighteningId: Id,
  oneMm: Mm.min(0).max(20),
  otherMm: Mm.min(0).max(20),
});

/** A part taken from the shelf for one end. */
export const PartTaken = z.strictObject({
  kind: z.literal('part-taken'),
  ...entry,
  end: End,
  stockId: Id,
  pieces: z.int().min(1).max(24),
  batch: wordsOrNone(40),
});

/** Clean fluid that was never in a brake, poured back into its container: mineral only. */
export const FluidBack = z.strictObject({
  kind: z.literal('fluid-back'),
  ...entry,
  fillId: Id,
  ml: Ml,
});

/** Drained fluid, into the waste can of its family. */
export const Waste = z.strictObject({
  kind: z.literal('waste'),
  ...entry,
  end: End,
  family: z.enum(FAMILIES),
  ml: Ml,
});

/** Fluid that left a container for a brake. */
export const Fill = z.strictObject({
  kind: z.literal('fill'),
  ...entry,
  end: End,
  containerId: Id,
  ml: Ml,
  colour: wordsOrNone(40),
});

export const TESTS = ['lever-side', 'lever-feel', 'cut-off'] as const;

/** A test of the final check. `end` names the brake whose lever was felt; null for the bike as a whole. */
export const Test = z.strictObject({
  kind: z.literal('test'),
  ...entry,
  test: z.enum(TESTS),
  end: End.nullable(),
  outcome: z.enum(['passed', 'failed']),
});

/** What is to be done at each end, and how a joint that is opened is bled there. The last one stands; a change asks again. */
export const PlanChoice = z.strictObject({
  kind: z.literal('plan-choice'),
  ...entry,
  procedures: z.strictObject({
    front: z.array(z.enum(PROCEDURE_IDS)).max(PROCEDURE_IDS.length),
    rear: z.array(z.enum(PROCEDURE_IDS)).max(PROCEDURE_IDS.length),
  }),
  bleed: z.strictObject({ front: z.enum(BLEEDS), rear: z.enum(BLEEDS) }),
  /** Procedures to be done once more, after they were done on this visit. */
  again: z
    .array(z.strictObject({ end: End, procedure: z.enum(PROCEDURE_IDS) }))
    .max(60)
    .default([]),
  /** Whether the customer agreed to it, refused it, or is to be asked. */
  agreed: z.enum(['agreed', 'not-asked']),
  words: wordsOrNone(300),
});

// What follows is told by whoever was there and stands by itself; nothing else in the shop counts on it.

/** One cycle of a bleed, as it was seen. */
export const BleedCycle = z.strictObject({
  kind: z.literal('bleed-cycle'),
  ...entry,
  end: End,
  method: z.enum(BLEED_METHODS),
  bubbles: z.enum(BUBBLES),
  colour: wordsOrNone(40),
  ml: z.number().min(0).max(500).multipleOf(0.1),
});

/** Something ticked by name at the final check. */
export const Ticked = z.strictObject({
  kind: z.literal('ticked'),
  ...entry,
  end: End,
  check: z.enum(CHECKS),
  outcome: z.enum(['passed', 'failed']),
});

/** What is not as its maker meant it, and who decided what becomes of it. */
export const DeviationTold = z
  .strictObject({
    kind: z.literal('deviation'),
    ...entry,
    end: End,
    deviation: z.enum(DEVIATIONS),
    words: words(300),
    measured: wordsOrNone(120),
    choice: z.enum(CHOICES),
    decidedBy: z.enum(DECIDERS),
    who: words(80),
    /** The risk was read out to whoever decided. */
    riskTold: z.literal(true),
  })
  .refine(({ deviation, choice }) => choicesFor(deviation).includes(choice), {
    path: ['choice'],
    message: 'This is not offered here.',
  });

/** One pull of bedding in. */
export const BeddingPull = z
  .strictObject({
    kind: z.literal('bedding-pull'),
    ...entry,
    end: End,
    fromKmh: z.number().min(5).max(60),
    toKmh: z.number().min(1).max(50),
  })
  .refine(({ fromKmh, toKmh }) => toKmh < fromKmh, {
    path: ['toKmh'],
    message: 'It must slow down.',
  });

/** How the witness ring looks. */
export const Witness = z.strictObject({
  kind: z.literal('witness'),
  ...entry,
  end: End,
  ring: z.enum(WITNESS_RINGS),
});

/** What the customer said to lines of the quote. */
export const CustomerAnswer = z.strictObject({
  kind: z.literal('customer-answer'),
  ...entry,
  answer: z.enum(ANSWERS),
  lines: z
    .array(z.strictObject({ end: End, procedure: z.enum(PROCEDURE_IDS) }))
    .min(1)
    .max(60),
  who: words(80),
  how: z.enum(['in-person', 'by-phone', 'in-writing']),
  words: wordsOrNone(300),
});

/** A new part that is not from the shelf: it came with the bike, or with something that was taken. */
export const PartBrought = z.strictObject({
  kind: z.literal('part-brought'),
  ...entry,
  end: End,
  part: z.enum(NEW_PARTS),
  pieces: z.int().min(1).max(24),
  from: words(120),
});

/** Takes back something told by a slip of the hand; both stay in the record. */
export const TakenBack = z.strictObject({ kind: z.literal('taken-back'), ...entry, of: Id });

export const TOLD_KINDS = [
  'bleed-cycle',
  'ticked',
  'deviation',
  'bedding-pull',
  'witness',
  'customer-answer',
  'part-brought',
  'taken-back',
] as const;

/** A step of the plan done, or left out with a reason; or the last one that stands taken back, after a slip of the hand. */
export const PlanStep = z.strictObject({
  kind: z.literal('plan-step'),
  ...entry,
  step: z.enum(['wash-hands', ...STEP_IDS]),
  /** Null for what belongs to the whole bike. */
  end: End.nullable(),
  outcome: z.enum(['done', 'skipped', 'taken-back']),
  reason: wordsOrNone(200),
  /** The step before it as whoever did it saw; null for the first. Two phones cannot do the same step twice. */
  after: Id.nullable(),
});

export const Entry = z.discriminatedUnion('kind', [
  Identification,
  Measurement,
  Reading,
  Look,
  LookOver,
  Fitting,
  Tightening,
  PassMark,
  ClampGaps,
  PartTaken,
  Fill,
  FluidBack,
  Waste,
  Test,
  BleedCycle,
  Ticked,
  DeviationTold,
  BeddingPull,
  Witness,
  CustomerAnswer,
  PartBrought,
  TakenBack,
  PlanChoice,
  PlanStep,
]);
export type Entry = z.infer<typeof Entry>;
/** An entry as it may come in: what has a usual value can be left out. */
export type EntryAsSent = z.input<typeof Entry>;
export type EntryKind = Entry['kind'];
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>;
export type ToldKind = (typeof TOLD_KINDS)[number];

/** What the app's own computation said when it sent an entry; the server logs a difference as a fault. */
export const SentEntry = z.strictObject({
  entry: Entry,
  appWord: z.enum(['holds', 'watch', 'unproven', 'replace']).nullable(),
  /** Whose entry it is: nobody else's sign-in makes it theirs. Left out by whoever sends only their own. */
  by: Id.optional(),
});
export type SentEntry = z.infer<typeof SentEntry>;

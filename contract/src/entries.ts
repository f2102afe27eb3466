import { PAD_PLACES } from '@hold-fast/core/wear/pads';
import { ROTOR_DAMAGE, ROTOR_POINTS } from '@hold-fast/core/wear/rotor';
import { PASSES } from '@hold-fast/core/torque/sequence';
import { THREAD_TREATMENTS } from '@hold-fast/core/torque/thread';
import { z } from 'zod';
import { End, Id, Instant, Ml, Mm, Nm, Part, words, wordsOrNone } from './fields';
import { Fastener } from './sheets';

// A job is a row of entries, each appended once and never changed. The offline queue holds them until the
// server has them; the id makes a repeated entry the same entry.

const entry = { id: Id, at: Instant };

/** Which brake this is: the sheet it is judged by, and a limit read off the part. */
export const Identification = z.strictObject({
  kind: z.literal('identification'),
  ...entry,
  end: End,
  sheetRevisionId: Id,
  stampedLimit: z
    .strictObject({ limitMm: Mm.min(0.5).max(3), atLimitIsWorn: z.boolean().nullable() })
    .nullable(),
});

/** One sitting with one gauge at one part. */
export const Measurement = z.strictObject({
  kind: z.literal('measurement'),
  ...entry,
  end: End,
  part: Part,
  gaugeId: Id,
  basis: z.enum(['total', 'friction']).nullable(),
  pointCount: z.int().min(ROTOR_POINTS.fewest).max(ROTOR_POINTS.most).nullable(),
});

const ROTOR_PLACES = Array.from({ length: ROTOR_POINTS.most }, (_, i) => String(i + 1));

/** A reading as taken. A correction is a new reading that names the one it replaces. */
export const Reading = z.strictObject({
  kind: z.literal('reading'),
  ...entry,
  measurementId: Id,
  place: z.enum(['zero', 'lip', ...ROTOR_PLACES, ...PAD_PLACES]),
  valueMm: Mm,
  /** What was keyed, to the letter. */
  typed: z.string().max(12),
  replaces: Id.nullable(),
});

/** A look at the rotor: the ridge, or damage. */
export const Look = z.strictObject({
  kind: z.literal('look'),
  ...entry,
  measurementId: Id,
  subject: z.enum(['ridge', ...ROTOR_DAMAGE]),
  seen: z.boolean(),
});

/** A new part fitted: the old one's life closes and its verdict stays with it. */
export const Fitting = z.strictObject({
  kind: z.literal('fitting'),
  ...entry,
  end: End,
  part: Part,
  description: words(120),
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
});

/** One bolt confirmed in a pass, or the whole pass. */
export const PassMark = z.strictObject({
  kind: z.literal('pass-mark'),
  ...entry,
  tighteningId: Id,
  pass: z.enum(PASSES),
  bolt: z.int().min(1).max(24).nullable(),
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

export const Entry = z.discriminatedUnion('kind', [
  Identification,
  Measurement,
  Reading,
  Look,
  Fitting,
  Tightening,
  PassMark,
  Fill,
  Test,
]);
export type Entry = z.infer<typeof Entry>;
export type EntryKind = Entry['kind'];
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>;

/** What the app's own computation said when it sent an entry; the server logs a difference as a fault. */
export const SentEntry = z.strictObject({
  entry: Entry,
  appWord: z.enum(['holds', 'watch', 'unproven', 'replace']).nullable(),
});
export type SentEntry = z.infer<typeof SentEntry>;

import { TOUCHES } from '@hold-fast/core/evidence/touch';
import { AREAS } from '@hold-fast/core/inspection/findings';
import { WORKS } from '@hold-fast/core/inspection/work';
import { CAME_ALONG } from '@hold-fast/core/job/job';
import { GOES } from '@hold-fast/core/kit/usedPart';
import {
  BRAKE_TYPES,
  MATERIALS,
  SHARED_LEVERS,
  TERRAINS,
  THIRD_PLACES,
} from '@hold-fast/core/kit/bike';
import type { ChangedBy as ChangedByOfCore } from '@hold-fast/core/evidence/changes';
import { RECORD_FORMAT } from '@hold-fast/core/job/record';
import { PROCEDURE_IDS } from '@hold-fast/core/procedure/procedures';
import { FIGURE_IDS } from '@hold-fast/core/rules/figures';
import { WORDS } from '@hold-fast/core/wear/verdict';
import { z } from 'zod';
import { BeddingPull } from './entries/beddingPull';
import { BleedCycle } from './entries/bleedCycle';
import { CustomerAnswer } from './entries/customerAnswer';
import { Deviation } from './entries/deviation';
import { PartBrought } from './entries/partBrought';
import { Ticked } from './entries/ticked';
import { MakerAnswer } from './entries/makerAnswer';
import { NoticeAnswer } from './entries/noticeAnswer';
import { Radial } from './entries/radial';
import { Reckoned } from './entries/reckoned';
import { SecondLook } from './entries/secondLook';
import { Cause, Sign } from './entries/sign';
import { Stay } from './entries/stay';
import { Waits } from './entries/waits';
import { Bite } from './entries/bite';
import { Sum } from './entries/sum';
import { Witness } from './entries/witness';
import { End, Part, Tag } from './fields';
import { Fluid } from './sheets';

// The sealed record of a job, as `core/job/record.ts` builds it: every field is named on both sides, and another one is refused.

const Id = z.string();
/** ISO 8601, UTC. */
const At = z.string();
const Mm = z.number();
const Nm = z.number();
const Seq = z.int().min(0);
const by = { at: At, by: z.string() };
const placed = { id: Id, seq: Seq, end: End };
const StampedLimit = z
  .strictObject({ limitMm: Mm, atLimitIsWorn: z.boolean().nullable() })
  .nullable();
const origin = { origin: z.enum(['stamped', 'sheet', 'shop']), tag: Tag.nullable() };
const Window = z.strictObject({ loNm: Nm, hiNm: Nm, namedNm: Nm.nullable(), ...origin });
const calibrated = { calibrationDueOn: z.string().nullable() };

const intake = {
  complaint: z.string(),
  symptoms: z.array(z.string()),
  frontLever: z.enum(['left', 'right']).nullable(),
  odometerKm: z.number().nullable(),
  promisedAt: At,
  minutes: z.number().nullable(),
  cameAlong: z.array(z.enum(CAME_ALONG)),
  damage: z.string(),
  /** Hundredths of the shop's money. */
  ringAboveCents: z.int().nullable(),
  mayRide: z.boolean().nullable(),
  oldPartsBack: z.boolean().nullable(),
  comebackOf: Id.nullable(),
};
const Intake = z.strictObject(intake);

const Rules = z.strictObject({
  version: z.int(),
  schools: z.array(z.string()),
  rotorPoints: z.int(),
  runoutPoints: z.int(),
  runoutBands: z.strictObject({ goodMm: Mm, watchMm: Mm, trueMm: Mm }),
  serviceDays: z.strictObject({ rotor: z.int(), pads: z.int() }),
  figures: z.partialRecord(z.enum(FIGURE_IDS), z.number()),
  minutes: z.partialRecord(z.enum(PROCEDURE_IDS), z.number()),
  lengthUnit: z.enum(['mm', 'in']),
  beddingIn: z.string(),
  pistonLubricant: z.string(),
  timeZone: z.string(),
});

const SheetLimit = z.strictObject({
  limitMm: Mm,
  atLimitIsWorn: z.boolean().nullable(),
  ...origin,
});

/** A spec sheet as it stood, whole. */
const Sheet = z.strictObject({
  title: z.string(),
  source: z.string(),
  brake: z.strictObject({
    actuation: z.string(),
    pistons: z.int(),
    mount: z.enum(['post', 'flat', 'is']),
    sides: z.string().nullable(),
    port: z.string(),
    pistonLubricant: z.string().nullable(),
  }),
  rotor: z.strictObject({
    hold: z.string(),
    construction: z.string(),
    newMm: Mm.nullable(),
    limit: z
      .strictObject({ limitMm: Mm, atLimitIsWorn: z.boolean().nullable(), ...origin })
      .nullable(),
    sizeMm: Mm.nullable(),
    organicOnly: z.boolean(),
  }),
  pads: z.strictObject({
    shape: z.string(),
    newTotalMm: Mm.nullable(),
    plateMm: Mm.nullable(),
    plateAssumed: z.boolean(),
    compounds: z.array(z.string()),
    finned: z.boolean(),
    limits: z.strictObject({ total: SheetLimit.optional(), friction: SheetLimit.optional() }),
    schools: z.array(z.string()),
  }),
  lever: z.strictObject({
    ratio: z.number().nullable(),
    boreMm: Mm.nullable(),
    ownGiveMl: z.number().nullable(),
  }),
  hose: z
    .strictObject({
      boreMm: Mm.nullable(),
      barb: z.string(),
      olive: z.string(),
      banjoSeals: z.string(),
      kitMl: z.number().nullable(),
    })
    .nullable(),
  torque: z.array(
    z.strictObject({
      fastener: z.string(),
      drive: z.string(),
      boltCount: z.int(),
      window: Window,
      thread: z.string(),
    }),
  ),
  fluid: z
    .strictObject({ fluid: Fluid, alsoNamedBlends: z.array(z.string()), ...origin })
    .nullable(),
  origins: z.record(z.string(), z.strictObject(origin)),
});

const Identified = z
  .strictObject({
    id: Id,
    seq: Seq,
    sheet: z.strictObject({ id: Id, sheetId: Id, revision: z.int(), body: Sheet }),
    stampedLimit: StampedLimit,
    limit: z.strictObject({ limitMm: Mm, atLimitIsWorn: z.boolean().nullable(), ...origin }),
    ...by,
  })
  .nullable();

const Measured = z.strictObject({
  ...placed,
  part: z.string(),
  gaugeId: Id,
  gaugeName: z.string(),
  gauge: z.strictObject({
    kind: z.string(),
    resolutionMm: Mm,
    uncertaintyMm: Mm,
    anvils: z.enum(['point', 'flat']),
    ...calibrated,
  }),
  basis: z.string().nullable(),
  pointCount: z.int().nullable(),
  measuredOn: z.string(),
  readings: z.array(
    z.strictObject({
      id: Id,
      place: z.string(),
      valueMm: Mm,
      replaces: Id.nullable(),
      words: z.string(),
      ...by,
    }),
  ),
  looks: z.array(z.strictObject({ subject: z.string(), seen: z.boolean() })),
  superseded: z.boolean(),
  /** The working of a verdict is as its rule, in that version, gives it. */
  verdict: z
    .strictObject({
      sheetRevisionId: Id,
      rule: z.string(),
      judgement: z.looseObject({ ok: z.boolean() }),
    })
    .nullable(),
  ...by,
});

const LookedOver = z.strictObject({
  ...placed,
  area: z.enum(AREAS),
  found: z.array(z.string()),
  words: z.string(),
  takesBack: z.array(z.string()),
  ...by,
});

const REPAIRED = { ...placed, work: z.enum(WORKS), words: z.string(), ...by };

const FITTED = {
  ...placed,
  jobId: Id,
  part: Part,
  description: z.string(),
  condition: z.enum(['found', 'new', 'used']),
  compound: z.string().nullable(),
  organicOnly: z.boolean(),
  construction: z.string().nullable(),
  newMm: Mm.nullable(),
  stampedLimit: StampedLimit,
  stampAgainMm: Mm.nullable(),
  cameOffFor: z.string().nullable(),
  rebedding: z.string().nullable(),
  usedPartId: Id.nullable(),
  batches: z.array(z.string()),
  ...by,
};

const Tightened = z.strictObject({
  ...placed,
  fastener: z.string(),
  boltCount: z.int(),
  window: Window,
  askedSource: z.string(),
  /** The sheet's row that a lead set aside for what was read at the bench, with the words why. */
  setAside: z.strictObject({ loNm: Nm, hiNm: Nm, words: z.string() }).nullable(),
  wrench: z.strictObject({
    id: Id,
    name: z.string(),
    kind: z.string(),
    maxNm: Nm,
    markNm: Nm,
    tolerance: z.number(),
    toleranceAssumed: z.boolean(),
    uses: z.int(),
    ...calibrated,
  }),
  setNm: Nm,
  treatment: z.string(),
  treatmentAsked: z.string(),
  crowfoot: z.strictObject({ leverMm: Mm, extensionMm: Mm, angleDegrees: z.number() }).nullable(),
  gaps: z.strictObject({ oneMm: Mm, otherMm: Mm }).nullable(),
  marks: z.array(
    z.strictObject({
      id: Id,
      pass: z.string(),
      bolt: z.int().nullable(),
      measuredNm: Nm.nullable(),
      via: z.enum(['keys', 'feed']),
      ...by,
    }),
  ),
  flaws: z.array(z.string()),
  ...by,
});

const Filled = z.strictObject({
  ...placed,
  containerId: Id,
  label: z.string(),
  fluid: z.string(),
  family: z.string(),
  lot: z.string(),
  ml: z.number(),
  backMl: z.number(),
  colour: z.string(),
  ...by,
});

/** What is told, as its entry says it, with its place in the order and whose it is. */
const told = { seq: Seq, by: z.string() };
const Told = z.discriminatedUnion('kind', [
  BleedCycle.extend(told),
  Ticked.extend(told),
  Deviation.safeExtend(told),
  BeddingPull.safeExtend(told),
  Witness.extend(told),
  Bite.extend(told),
  Sum.extend(told),
  Radial.extend(told),
  Reckoned.extend(told),
  MakerAnswer.extend(told),
  NoticeAnswer.extend(told),
  SecondLook.extend(told),
  Sign.extend(told),
  Cause.extend(told),
  Waits.safeExtend(told),
  Stay.safeExtend(told),
  CustomerAnswer.safeExtend(told),
  PartBrought.extend(told),
]);

/** What there is at each end: a bike of two brakes says nothing of a third. */
const atEnds = <S extends z.ZodType>(of: S) =>
  z.strictObject({ front: of, rear: of, third: of.optional() });

const Planned = z.strictObject({
  id: Id,
  seq: Seq,
  procedures: atEnds(z.array(z.string())),
  bleed: atEnds(z.string()),
  again: z.array(z.strictObject({ end: End, procedure: z.string() })),
  agreed: z.enum(['agreed', 'not-asked']),
  words: z.string(),
  ...by,
});

/** What changed a thing, by its code and what it names. */
const CHANGED_BY = {
  step: z.strictObject({ code: z.literal('step'), step: z.string() }),
  fitted: z.strictObject({ code: z.literal('fitted'), part: Part }),
  'taken-off': z.strictObject({ code: z.literal('taken-off'), part: Part }),
  filled: z.strictObject({ code: z.literal('filled') }),
  bled: z.strictObject({ code: z.literal('bled') }),
  repaired: z.strictObject({ code: z.literal('repaired'), work: z.enum(WORKS) }),
  tightened: z.strictObject({ code: z.literal('tightened'), fastener: z.string() }),
  edited: z.strictObject({ code: z.literal('edited') }),
  away: z.strictObject({ code: z.literal('away') }),
} as const satisfies { readonly [C in ChangedByOfCore['code']]: z.ZodType<{ code: C }> };
const ChangedBy = z.discriminatedUnion(
  'code',
  Object.values(CHANGED_BY) as [
    (typeof CHANGED_BY)['step'],
    ...(typeof CHANGED_BY)[ChangedByOfCore['code']][],
  ],
);

const Inspected = z.strictObject({
  end: End,
  subject: z.string(),
  word: z.enum(WORDS),
  doNotRide: z.boolean(),
  sittingId: Id.nullable(),
  lookOverId: Id.nullable(),
  found: z.array(z.string()),
  lesserLooks: z.array(z.string()),
  words: z.string(),
  held: z.array(
    z.strictObject({
      sittingId: Id,
      seq: Seq,
      places: z.array(z.strictObject({ place: z.string(), readMm: Mm })),
      doNotRide: z.boolean(),
      lacks: z
        .array(
          z.discriminatedUnion('code', [
            z.strictObject({ code: z.literal('places'), places: z.array(z.string()) }),
            z.strictObject({
              code: z.enum(['incomplete', 'doubt-larger', 'words', 'lead', 'work']),
            }),
          ]),
        )
        .nullable(),
    }),
  ),
  lapsed: z.strictObject({ seq: Seq, touch: z.enum(TOUCHES), by: ChangedBy }).nullable(),
  unbelieved: z.array(z.string()),
  unmeasured: z.boolean(),
  settle: z.array(z.string()),
  work: z.array(z.enum(WORKS)),
});

const Met = z.strictObject({
  lever: z.array(Fluid),
  hose: z.array(Fluid),
  caliper: z.array(Fluid),
});

const ofSubject = { end: End, subject: z.string() };

/** A job as it is sealed. Documented in docs/formats/job-record.md. */
export const JobRecord = z.strictObject({
  format: z.literal(RECORD_FORMAT),
  id: Id,
  tag: z.int(),
  ...intake,
  comeback: z.strictObject({ jobId: Id, tag: z.int() }).nullable(),
  checkedIn: z.strictObject(by),
  bike: z.strictObject({
    id: Id,
    customerId: Id,
    name: z.string(),
    maker: z.string(),
    serial: z.string(),
    motor: z.boolean(),
    systemMassKg: z.number().nullable(),
    terrain: z.enum(TERRAINS).nullable(),
    wet: z.boolean(),
    kmPerWeek: z.number().nullable(),
    forkMaterial: z.enum(MATERIALS).nullable(),
    frameMaterial: z.enum(MATERIALS).nullable(),
    frontBrake: z.enum(BRAKE_TYPES),
    rearBrake: z.enum(BRAKE_TYPES),
    thirdBrake: z.enum(BRAKE_TYPES).optional(),
    thirdPlace: z.enum(THIRD_PLACES).optional(),
    sharedLever: z.enum(SHARED_LEVERS).optional(),
    furtherBrakes: z.string(),
  }),
  customer: z.strictObject({ id: Id, name: z.string() }),
  rules: Rules,
  identified: atEnds(Identified),
  measured: z.array(Measured),
  lookedOver: z.array(LookedOver),
  photos: z.array(
    z.strictObject({ id: Id, end: End.nullable(), area: z.string(), sha256: z.string(), ...by }),
  ),
  fittings: z.array(z.strictObject(FITTED)),
  neverFitted: z.array(z.strictObject({ ...FITTED, takenBack: Seq })),
  tightened: z.array(Tightened),
  filled: z.array(Filled),
  wasted: z.array(z.strictObject({ id: Id, end: End, family: z.string(), ml: z.number(), ...by })),
  taken: z.array(
    z.strictObject({
      id: Id,
      end: End,
      stockId: Id,
      part: z.string(),
      description: z.string(),
      pieces: z.int(),
      batch: z.string(),
      batches: z.array(z.string()),
      ...by,
    }),
  ),
  told: z.array(Told),
  takenBack: z.array(z.strictObject({ of: Id, ...by })),
  repaired: z.array(z.strictObject(REPAIRED)),
  neverRepaired: z.array(z.strictObject({ ...REPAIRED, takenBack: Seq })),
  tested: z.array(
    z.strictObject({
      id: Id,
      seq: Seq,
      test: z.string(),
      end: End.nullable(),
      outcome: z.enum(['passed', 'failed']),
      words: z.string(),
      ...by,
    }),
  ),
  decided: z.array(
    z.strictObject({
      ...placed,
      subject: z.string(),
      decision: z.string(),
      words: z.string(),
      byLead: z.boolean(),
      keeps: Id.nullable(),
      stands: z.boolean(),
      ...by,
    }),
  ),
  planned: z.array(Planned),
  stepped: z.array(
    z.strictObject({
      id: Id,
      seq: Seq,
      step: z.string(),
      end: End.nullable(),
      outcome: z.enum(['done', 'skipped', 'taken-back']),
      reason: z.string(),
      after: Id.nullable(),
      ...by,
    }),
  ),
  edited: z.array(z.strictObject({ seq: Seq, was: Intake, became: Intake, ...by })),
  takenOff: z.array(z.strictObject({ ...placed, part: Part, goes: z.enum(GOES), ...by })),
  byApprentice: z.array(z.strictObject({ id: Id, seq: Seq })),
  handsOn: z.array(z.strictObject({ by: z.string(), from: At, to: At })),
  notices: z.array(
    z.strictObject({
      id: Id,
      version: z.int(),
      title: z.string(),
      source: z.string(),
      doNotRide: z.boolean(),
    }),
  ),
  tags: z.array(
    z.strictObject({
      ...ofSubject,
      found: z.array(z.string()),
      tag: z.int(),
      jobId: Id,
      foundAfter: z.int().nullable(),
    }),
  ),
  againstAdvice: z.array(
    z.strictObject({ ...ofSubject, words: z.string(), tag: z.int(), jobId: Id, at: At }),
  ),
  modifiedBefore: atEnds(z.boolean()),
  metBefore: atEnds(Met),
  inspection: z.array(Inspected),
  notInspected: z.array(z.strictObject(ofSubject)),
  signedOff: z.strictObject({ number: z.int(), ...by, toldOf: z.array(z.strictObject(ofSubject)) }),
  notRepaired: z
    .strictObject({ words: z.string(), takenBy: z.string(), open: z.array(z.string()) })
    .nullable(),
});

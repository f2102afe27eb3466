import type { Subject } from '../inspection/inspected';
import type { Outlook } from '../forecast/forecast';
import type { VisitThickness } from '../forecast/outlook';
import type { End, Part } from '../ends';
import type { Finding } from '../inspection/findings';
import type { Bike } from '../kit/bike';
import type { NoticeAtJob } from '../notice/notice';
import type { Judgement } from '../inspection/judge';
import type { Rebedding } from '../kit/compound';
import type { Fitting } from '../kit/kit';
import type { BatchPutIn } from '../stock/batches';
import type { Bar } from '../procedure/signOff';
import type { ShopRules } from '../rules/shopRules';
import type { SheetRevision } from '../sheet/sheet';
import type { ProofFlaw } from '../torque/proof';
import type { Symptom } from '../trouble/symptoms';
import type { ReadStamp } from '../wear/limitInForce';
import type { ThicknessLimit } from '../wear/verdict';
import type { Met } from '../fluid/met';
import type { NotRepaired } from './notRepaired';
import type { Worked } from './handsOn';

/** Who did something, and when. */
export interface By {
  at: string;
  by: string;
}

/** A do-not-ride that an earlier visit left on the bike. */
export interface BikeTag {
  end: End;
  subject: Subject;
  found: Finding[];
  /** The visit it was found at, or at which the fluid went in. */
  tag: number;
  jobId: string;
  /** Found of a container later, after so many of the shop's entries; null for what a visit found. */
  foundAfter: number | null;
}

/** A Replace that the customer refused at an earlier visit: the bike is ridden against advice. */
export interface Advice {
  end: End;
  subject: Subject;
  words: string;
  /** The visit, and when it was signed. */
  tag: number;
  jobId: string;
  at: string;
}

/** A correction to a sealed record. */
export interface Amended extends By {
  id: string;
  number: number;
  words: string;
  seal: string;
}

/** What is taken down at check-in, and can be edited. */
export interface Intake {
  complaint: string;
  symptoms: Symptom[];
  /** Which lever works the front brake, as the rider confirmed; null while nobody asked. */
  frontLever: 'left' | 'right' | null;
  odometerKm: number | null;
  promisedAt: string;
  /** Bench time set aside, minutes. */
  minutes: number | null;
  /** What came with the bike, and goes back with it. */
  cameAlong: CameAlong[];
  /** Damage that was there when it came in. */
  damage: string;
  /** The customer wants to be rung before it costs more than this, in hundredths of the shop's money; null for no such word. */
  ringAboveCents: number | null;
  /** Whether the shop may ride it; null while nobody asked. */
  mayRide: boolean | null;
  /** Whether the customer wants the old parts; null while nobody asked. */
  oldPartsBack: boolean | null;
  /** The earlier visit it comes back from; null where it does not. */
  comebackOf: string | null;
}

export const CAME_ALONG = [
  'battery',
  'charger',
  'keys',
  'lights',
  'bags',
  'lock',
  'child-seat',
  'parts',
] as const;
export type CameAlong = (typeof CAME_ALONG)[number];

/** A visit that nothing came along with, and at which nobody asked the customer further. */
export const NOTHING_SAID = {
  cameAlong: [],
  damage: '',
  ringAboveCents: null,
  mayRide: null,
  oldPartsBack: null,
  comebackOf: null,
} satisfies Partial<Intake>;

/** What was taken down at check-in, of a job that holds more. */
export const intakeOf = (job: Intake): Intake => ({
  complaint: job.complaint,
  symptoms: job.symptoms,
  frontLever: job.frontLever,
  odometerKm: job.odometerKm,
  promisedAt: job.promisedAt,
  minutes: job.minutes,
  cameAlong: job.cameAlong,
  damage: job.damage,
  ringAboveCents: job.ringAboveCents,
  mayRide: job.mayRide,
  oldPartsBack: job.oldPartsBack,
  comebackOf: job.comebackOf,
});

/** The visit that a bike comes back from: what was to be done there, and how each thing was left. */
export interface Comeback {
  jobId: string;
  tag: number;
  complaint: string;
  /** When it was sealed, and under which number; null while it is open. */
  sealed: (By & { number: number; recordId: string }) | null;
  procedures: { end: End; procedure: string }[];
  left: { end: End; subject: string; word: string }[];
}

export interface Fitted extends Fitting, By {
  end: End;
  rebedding: Rebedding | null;
  usedPartId?: string | null;
  /** The makers' batches that a used part put in at this visit may be of. */
  batches?: readonly string[];
}

/** What a part's sittings at an earlier visit found least, with the part's life it belongs to. */
interface EarlierThickness {
  end: End;
  part: Part;
  /** One more for every part fitted there. */
  life: number;
  visit: VisitThickness;
}

/** What a job begins with: the bike taken in, what earlier visits and the shop's registers say of it. */
export interface JobBase extends Intake {
  id: string;
  tag: number;
  status: 'open' | 'sealed';
  /** Of what was taken down at check-in: an edit is made from one. */
  version: number;
  /** Counts everything written to the job: the higher one is the later answer. */
  revision: number;
  checkedIn: By;
  bike: Bike;
  customer: { id: string; name: string };
  rules: ShopRules;
  rulesVersion: number;
  /** Everything fitted to this bike at earlier visits, oldest first. */
  earlierFittings: Fitted[];
  /** The batches that earlier visits put in, oldest first. */
  earlierBatches: (BatchPutIn & { jobId: string })[];
  /** What was measured at earlier visits, oldest first; upper bounds are not here. */
  earlierThickness: EarlierThickness[];
  /** What each end's brake has met by earlier visits: it stays in lever, hose and caliper. */
  metBefore: Record<End, Met>;
  /** Ends at which an earlier visit wrote a modified structural part down. */
  modifiedBefore: Record<End, boolean>;
  /** What earlier visits read of the rotors’ stamps by identifying a brake, oldest first; what was read by a fitting stands with it. */
  stampedBefore: { seq: number; end: End; stamp: ReadStamp }[];
  /** The sheet that each end's brake was told to be of when the bike was last here, and on which tag; none where nobody told. */
  identifiedBefore: Partial<Record<End, { sheetId: string; tag: number }>>;
  /** The newest revision of every sheet the job goes by, by the sheet's id. */
  newestSheets: Record<string, SheetRevision>;
  /** What an earlier visit left on the bike and nothing has lifted. */
  tags: BikeTag[];
  /** Makers' notices in force; {@link noticesMet} says which meet it. */
  notices: NoticeAtJob[];
  /** What an earlier visit's customer would not have replaced, and nothing has mended since. */
  againstAdvice: Advice[];
  amended: Amended[];
  /** What {@link Intake.comebackOf} names. */
  comeback: Comeback | null;
  sealed:
    | ({
        recordId: string;
        seal: string;
        prev: string | null;
        number: number;
        notRepaired: NotRepaired | null;
      } & By)
    | null;
}

/**
 * Everything recorded on a job, in the order it was taken, before anything is judged. Each kind of entry says in its own file what it
 * adds here.
 */
export interface Facts extends JobBase {
  /** Entries that an apprentice made. */
  byApprentice: { id: string; seq: number }[];
  /** When the bench wrote something down: how long hands were on it. */
  worked: Worked[];
}

type IdentifiedFacts = NonNullable<Facts['identified'][End]>;
type MeasuredFacts = Facts['measured'][number];
type TightenedFacts = Facts['tightened'][number];
type DecidedFacts = Facts['decided'][number];

export interface Identified extends IdentifiedFacts {
  /** The sheet's newest revision, when it was edited since: the job keeps the one it was judged by. */
  newerRevision: SheetRevision | null;
  /** The limit in force, with who laid it down. */
  limit: ThicknessLimit | null;
}

/** A verdict, with what it was judged by. */
export interface Judged {
  sheetRevisionId: string;
  rule: string;
  judgement: Judgement;
}

export interface Measured extends MeasuredFacts {
  /** A later sitting, or a new part, has taken this one's place. */
  superseded: boolean;
  verdict: Judged | null;
}

export interface Tightened extends TightenedFacts {
  flaws: ProofFlaw[];
}

export interface Decided extends DecidedFacts {
  /** What it was about still stands. */
  stands: boolean;
}

/** A job with all that was recorded on it, and what follows from it. */
export interface Job extends Omit<Facts, 'identified' | 'measured' | 'tightened' | 'decided'> {
  identified: Record<End, Identified | null>;
  measured: Measured[];
  tightened: Tightened[];
  decided: Decided[];
  outlooks: Record<End, Partial<Record<Part, Outlook>>>;
  /** What bars the sign-off now, watch-telling aside. */
  bars: Bar[];
}

import type { Outlook } from '@hold-fast/core/forecast/forecast';
import type { Judgement } from '@hold-fast/core/inspection/judge';
import type { LookOver, Sitting, Subject } from '@hold-fast/core/inspection/inspectEnd';
import type { Fitting } from '@hold-fast/core/kit/kit';
import type { End, Part } from '@hold-fast/core/ends';
import type { Bar, Outcome } from '@hold-fast/core/procedure/signOff';
import type { Step } from '@hold-fast/core/procedure/nextStep';
import type { ChainBreak } from '@hold-fast/core/seal/chain';
import type { ClampGaps, ProofFlaw } from '@hold-fast/core/torque/proof';
import type { TorqueWindow } from '@hold-fast/core/torque/window';
import type { ShopRules } from '@hold-fast/core/rules/shopRules';
import type { ThicknessLimit, Word } from '@hold-fast/core/wear/verdict';
import type { Bike, Customer } from './bikes';
import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import type { Finding } from '@hold-fast/core/inspection/findings';
import type { NewPart } from '@hold-fast/core/stock/stock';
import type { EntryOf, ToldKind } from './entries';
import type { TakenPhoto } from './photos';
import type { SheetRevision } from './sheets';
import type { WrenchInStore } from './stores';

export type JobStatus = 'open' | 'sealed';

/** A row of the Bench. */
export interface BenchJob {
  id: string;
  tag: number;
  status: JobStatus;
  bikeName: string;
  customerName: string;
  complaint: string;
  promisedAt: string;
  minutes: number | null;
  next: { step: Step; end: End | null };
  front: Word | null;
  rear: Word | null;
  doNotRide: boolean;
}

/** A page of a list; `after` is the key of the next page, null on the last. */
export interface Page<T> {
  items: T[];
  after: string | null;
}

/** A page of the Bench, with what all of it comes to: bikes in hand, and the bench time they were given. */
export interface BenchPage extends Page<BenchJob> {
  bikes: number;
  minutes: number;
}

/** Who did something, and when. */
export interface By {
  at: string;
  by: string;
}

export interface Identified extends By {
  id: string;
  sheet: SheetRevision;
  /** The sheet's newest revision, when it was edited since: the job keeps the one it was judged by. */
  newerRevision: { id: string; revision: number } | null;
  stampedLimit: EntryOf<'identification'>['stampedLimit'];
  /** The limit in force, with who laid it down. */
  limit: ThicknessLimit | null;
}

export interface Measured extends Sitting, By {
  gaugeId: string;
  gaugeName: string;
  /** A later sitting, or a new part, has taken this one's place. */
  superseded: boolean;
  verdict: Judged | null;
}

/** A verdict as the server derived it, with what it was judged by. */
export interface Judged {
  id: string;
  sheetRevisionId: string;
  rule: string;
  judgement: Judgement;
}

export interface Tightened extends By {
  id: string;
  /** Its place in the order in which the shop took all entries. */
  seq: number;
  end: End;
  fastener: EntryOf<'tightening'>['fastener'];
  boltCount: number;
  window: TorqueWindow;
  wrench: Omit<WrenchInStore, 'version' | 'feedSerial' | 'retired'>;
  setNm: number;
  treatment: EntryOf<'tightening'>['treatment'];
  /** What the sheet asks for on the thread. */
  treatmentAsked: EntryOf<'tightening'>['treatment'];
  /** Where the window was read, when it was read at the bench. */
  askedSource: string;
  crowfoot: EntryOf<'tightening'>['crowfoot'];
  gaps: ClampGaps | null;
  marks: (Omit<EntryOf<'pass-mark'>, 'kind' | 'at' | 'tighteningId'> & By)[];
  flaws: ProofFlaw[];
}

export interface Filled extends By {
  id: string;
  end: End;
  containerId: string;
  label: string;
  fluid: string;
  lot: string;
  ml: number;
  colour: string;
  family: EntryOf<'waste'>['family'];
  /** Clean fluid of it that was poured back. */
  backMl: number;
}

/** A part taken from the shelf. */
export interface Taken extends By {
  id: string;
  end: End;
  stockId: string;
  part: NewPart;
  description: string;
  pieces: number;
  batch: string;
}

export interface Wasted extends By {
  id: string;
  end: End;
  family: EntryOf<'waste'>['family'];
  ml: number;
}

/** Something told, with its place in the order of everything written to the job; what was taken back is not here. */
export type Told = {
  [K in ToldKind]: Omit<EntryOf<K>, 'at'> & By & { seq: number };
}[ToldKind];
export type ToldOf<K extends ToldKind> = Extract<Told, { kind: K }>;

/** What was told of one kind, and at one end where an end is given. */
export function toldOf<K extends ToldKind>(
  { told }: { told: readonly Told[] },
  kind: K,
  end?: End,
): ToldOf<K>[] {
  return told.filter(
    (each): each is ToldOf<K> =>
      each.kind === kind && (end === undefined || !('end' in each) || each.end === end),
  );
}

/** A correction to a sealed record. */
export interface Amended extends By {
  id: string;
  number: number;
  words: string;
  seal: string;
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

export interface Fitted extends Fitting, By {
  end: End;
  rebedding: EntryOf<'fitting'>['rebedding'];
}

export interface Tested extends By {
  id: string;
  test: EntryOf<'test'>['test'];
  end: End | null;
  outcome: Outcome;
}

/** What was chosen to be done, and what the customer said to it. */
export type Planned = Omit<EntryOf<'plan-choice'>, 'kind' | 'at'> & By & { seq: number };

/** A step of the plan as it was recorded. */
export type Stepped = Omit<EntryOf<'plan-step'>, 'kind' | 'at'> & By & { seq: number };

export interface Decided extends By {
  id: string;
  end: End;
  subject: Subject;
  decision: 'accepted-unproven' | 'customer-refused';
  words: string;
  /** What it was about still stands. */
  stands: boolean;
}

/** A job with all that was recorded on it, and what follows from it. */
export interface Job {
  id: string;
  tag: number;
  status: JobStatus;
  /** Of what was taken down at check-in: an edit is made from one. */
  version: number;
  /** Counts everything written to the job: the higher one is the later answer. */
  revision: number;
  complaint: string;
  symptoms: Symptom[];
  frontLever: 'left' | 'right' | null;
  odometerKm: number | null;
  promisedAt: string;
  minutes: number | null;
  checkedIn: By;
  bike: Bike;
  customer: Pick<Customer, 'id' | 'name'>;
  identified: Record<End, Identified | null>;
  measured: Measured[];
  lookedOver: (LookOver & By)[];
  photos: TakenPhoto[];
  /** Everything fitted to this bike up to now, also at earlier visits. */
  fittings: Fitted[];
  outlooks: Record<End, Partial<Record<Part, Outlook>>>;
  rules: ShopRules;
  tightened: Tightened[];
  filled: Filled[];
  wasted: Wasted[];
  taken: Taken[];
  told: Told[];
  tested: Tested[];
  decided: Decided[];
  /** Every choice of work, the last one standing. */
  planned: Planned[];
  stepped: Stepped[];
  /** What bars the sign-off now, watch-telling aside. */
  bars: Bar[];
  /** What an earlier visit left on the bike and nothing has lifted. */
  tags: BikeTag[];
  amended: Amended[];
  sealed: ({ seal: string; prev: string | null; number: number } & By) | null;
}

/** How the chain of seals stands: whole as far as it was walked, of so many links; or where it is broken, and how. */
export type ChainState =
  | { whole: true; checked: number; links: number; head: string | null }
  | { whole: false; number: number; because: ChainBreak };

/** A sealed record as the Ledger lists it. */
export interface SealedRow {
  id: string;
  number: number;
  jobId: string;
  bikeId: string;
  tag: number;
  bikeName: string;
  customerName: string;
  seal: string;
  prev: string | null;
  /** 0 for the job's own record, else the how-manieth amendment to it. */
  nth: number;
  sealedAt: string;
  sealedBy: string;
}

export interface SealedRecord extends SealedRow {
  canonical: string;
}

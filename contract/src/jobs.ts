import type { Outlook } from '@hold-fast/core/forecast/forecast';
import type { Judgement } from '@hold-fast/core/inspection/judge';
import type { LookOver, Sitting, Subject } from '@hold-fast/core/inspection/inspectEnd';
import type { Fitting } from '@hold-fast/core/kit/kit';
import type { End, Part } from '@hold-fast/core/ends';
import type { Bar, Outcome } from '@hold-fast/core/procedure/signOff';
import type { Step } from '@hold-fast/core/procedure/nextStep';
import type { ProofFlaw } from '@hold-fast/core/torque/proof';
import type { TorqueWindow } from '@hold-fast/core/torque/window';
import type { ShopRules } from '@hold-fast/core/rules/shopRules';
import type { ThicknessLimit, Word } from '@hold-fast/core/wear/verdict';
import type { Bike, Customer } from './bikes';
import type { Symptom } from '@hold-fast/core/trouble/symptoms';
import type { EntryOf } from './entries';
import type { TakenPhoto } from './photos';
import type { SheetRevision } from './sheets';
import type { Wrench } from './stores';

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
  wrench: Wrench;
  setNm: number;
  treatment: EntryOf<'tightening'>['treatment'];
  marks: ({ id: string; pass: EntryOf<'pass-mark'>['pass']; bolt: number | null } & By)[];
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
export type Planned = Omit<EntryOf<'plan-choice'>, 'kind' | 'at'> & By;

/** A step of the plan as it was recorded. */
export type Stepped = Omit<EntryOf<'plan-step'>, 'kind' | 'at'> & By;

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
  tested: Tested[];
  decided: Decided[];
  /** Every choice of work, the last one standing. */
  planned: Planned[];
  stepped: Stepped[];
  /** What bars the sign-off now, watch-telling aside. */
  bars: Bar[];
  sealed: ({ seal: string; prev: string | null; number: number } & By) | null;
}

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
  sealedAt: string;
  sealedBy: string;
}

export interface SealedRecord extends SealedRow {
  canonical: string;
}

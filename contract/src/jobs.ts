import type { Withheld } from '@hold-fast/core/job/withheld';
import type { End } from '@hold-fast/core/ends';
import type { JobBase } from '@hold-fast/core/job/job';
import type { Register } from '@hold-fast/core/job/entry';
import type { Logged } from '@hold-fast/core/job/kinds';
import type { Step } from '@hold-fast/core/procedure/nextStep';
import type { ChainBreak } from '@hold-fast/core/seal/chain';
import type { Wait } from '@hold-fast/core/job/waits';
import type { Word } from '@hold-fast/core/wear/verdict';

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
  /** Only of a bike that has a third disc. */
  third?: Word | null;
  doNotRide: boolean;
  /** The customer would not have something replaced at an earlier visit, and it is still in. */
  againstAdvice: boolean;
  /** What it waits for, and when to ask again; null where it waits for nothing. */
  waits: Wait | null;
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

/** A job as it crosses the wire: what it began with, and every entry since in the order they were taken. Core's fold makes the job. */
export interface JobLog {
  base: JobBase;
  entries: Logged[];
}

/** What a write to a job changed besides it: what entries change, and what closing a job does. */
export type Changed = Register | 'records' | 'chain' | 'dues';

/** What a write changed: of a job, which whoever has not all of `count` entries then asks for whole, and besides it. */
export interface JobChange {
  base: JobBase;
  added: Logged[];
  count: number;
  registers: readonly Changed[];
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
  /** The job was closed, and its bike left as it was. */
  notRepaired: boolean;
  sealedAt: string;
  sealedBy: string;
}

export interface SealedRecord extends SealedRow {
  canonical: string;
  /** The words of people that the text holds the digests of; null where there are none, or they were erased. */
  withheld: Withheld | null;
  /** The other records of the job: what amends this one, or what this one amends. */
  beside: {
    id: string;
    number: number;
    nth: number;
    /** What an amendment says; null of the job's own record. */
    words: string | null;
    /** What an amendment takes back: nothing that was said of it holds. */
    takesBack: { end: End; subject: string }[];
    sealedAt: string;
    sealedBy: string;
  }[];
}

import type { By, Facts, Job } from './job';

/** What every entry has: an id made by whoever sent it, and when it was made. */
export interface EntryBase {
  id: string;
  /** ISO 8601, UTC. */
  at: string;
}

/** An entry as a job keeps it, with who made it. */
export type Kept<Entry extends EntryBase> = Omit<Entry, 'kind'> & By;

/** Where an entry stands in the order of everything written, and who made it. */
export interface Place {
  seq: number;
  by: string;
  /** Made by an apprentice, whose work somebody else looks at; left out for everybody else. */
  byApprentice?: boolean;
}

/** Why a job cannot take an entry as things stand. */
export interface EntryFault {
  refusal:
    | 'invalid-input'
    | 'reading-refused'
    | 'fitting-refused'
    | 'wrench-refused'
    | 'container-refused'
    | 'stock-refused'
    | 'step-refused'
    | 'step-overtaken';
  /** Path of the field at fault within the entry; null where it is no single one. */
  field: string | null;
  code: string;
  /** What puts the fault in words. */
  facts?: Readonly<Record<string, unknown>>;
}

export const fault = (
  refusal: EntryFault['refusal'],
  field: string | null,
  code: string,
  facts?: EntryFault['facts'],
): EntryFault => ({ refusal, field, code, ...(facts ? { facts } : {}) });

/** A register of the shop that entries change. */
export type Register = 'containers' | 'notices' | 'stock' | 'usedParts' | 'waste' | 'wrenches';

/**
 * A kind of entry: what it adds to a job, and why a job may not take it.
 * `Known` is what the shop's registers said when it was made (the gauge, the wrench, the sheet); null where it rests on none.
 */
export interface Kind<Entry extends EntryBase & { kind: string }, Known = null> {
  kind: Entry['kind'];
  /** Whose it is: what hands do is the bench's, what the customer says and brings anybody's of the shop. */
  whose: 'bench' | 'anybody';
  /** What it changes besides its job: whoever shows one of these asks for it again. */
  registers: readonly Register[];
  /** The first reason against it, or null. */
  fault?: (job: Job, entry: Entry, known: Known) => EntryFault | null;
  /** The job's facts with it. */
  add: (facts: Facts, entry: Entry, known: Known, place: Place) => Facts;
}

export type EntryOfKind<K> = K extends {
  add: (facts: never, entry: infer Entry, ...rest: never) => unknown;
}
  ? Entry
  : never;
export type KnownOfKind<K> = K extends {
  add: (facts: never, entry: never, known: infer Known, ...rest: never) => unknown;
}
  ? Known
  : never;

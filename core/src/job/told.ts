import type { End } from '../ends';
import type { BeddingPullEntry } from './beddingPull';
import type { BiteEntry } from './bite';
import type { BleedCycleEntry } from './bleedCycle';
import type { CustomerAnswerEntry } from './customerAnswer';
import type { DeviationEntry } from './deviation';
import type { EntryBase, Kind } from './entry';
import type { By } from './job';
import type { PartBroughtEntry } from './partBrought';
import type { MakerAnswerEntry } from './makerAnswer';
import type { NoticeAnswerEntry } from './noticeAnswer';
import type { RadialEntry } from './radial';
import type { ReckonedEntry } from './reckoned';
import type { SecondLookEntry } from './secondLook';
import type { CauseEntry, SignEntry } from './sign';
import type { SumEntry } from './sum';
import type { TickedEntry } from './ticked';
import type { WaitsEntry } from './waits';
import type { WitnessEntry } from './witness';

/** Told by whoever was there, and standing by itself until it is taken back. */
export type ToldEntry =
  | BleedCycleEntry
  | TickedEntry
  | DeviationEntry
  | BeddingPullEntry
  | WitnessEntry
  | BiteEntry
  | SumEntry
  | WaitsEntry
  | RadialEntry
  | ReckonedEntry
  | MakerAnswerEntry
  | NoticeAnswerEntry
  | SecondLookEntry
  | SignEntry
  | CauseEntry
  | CustomerAnswerEntry
  | PartBroughtEntry;
export type ToldKind = ToldEntry['kind'];

type ToldAs<E extends ToldEntry> = E extends ToldEntry
  ? Omit<E, 'at'> & By & { seq: number }
  : never;

/** Something told, with its place in the order of everything written to the job. */
export type Told = ToldAs<ToldEntry>;
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

/** A kind of entry that is kept as it was told. */
export function tells<E extends ToldEntry & EntryBase>(
  kind: E['kind'],
  whose: Kind<E>['whose'],
  fault?: NonNullable<Kind<E>['fault']>,
): Kind<E> {
  return {
    kind,
    whose,
    ...(fault ? { fault } : {}),
    add: (facts, entry, _known, { seq, by }) => ({
      ...facts,
      told: [...facts.told, { ...entry, seq, by } as Told],
    }),
  };
}

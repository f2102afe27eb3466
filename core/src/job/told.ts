import type { End } from '../ends';
import type { EntryBase, Kind } from './entry';
import type { Bike } from '../kit/bike';
import type { By } from './job';

/** What is told by whoever was there, and stands by itself until it is taken back; each kind enters itself. */
// oxlint-disable-next-line typescript/no-empty-object-type -- filled in by the kinds
export interface ToldEntries {}
type ToldEntry = ToldEntries[keyof ToldEntries];
export type ToldKind = ToldEntry['kind'];

type ToldAs<E extends ToldEntry> = E extends ToldEntry
  ? Omit<E, 'at'> & By & { seq: number }
  : never;

/** Something told, with its place in the order of everything written to the job. */
export type Told = ToldAs<ToldEntry>;
export type ToldOf<K extends ToldKind> = Extract<Told, { kind: K }>;

declare module './job' {
  interface Facts {
    /** What was told and not taken back. */
    told: Told[];
  }
}

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
export interface TellingKind<E extends ToldEntry & EntryBase, Known = null> extends Kind<E, Known> {
  /** Whether it is not unsaid by taking it back: what was seen not in order is put in order instead [D]. */
  stays: (told: ToldOf<E['kind']>, bike: Bike) => boolean;
}

/** A slip of the hand, and no more, whatever it says. */
export const never = (): boolean => false;

export function tells<E extends ToldEntry & EntryBase, Known = null>(
  kind: E['kind'],
  telling: Pick<TellingKind<E, Known>, 'whose' | 'registers' | 'stays' | 'fault'>,
): TellingKind<E, Known> {
  return {
    kind,
    ...telling,
    add: (facts, entry, _known, { seq, by }) => ({
      ...facts,
      told: [...facts.told, { ...entry, seq, by } as Told],
    }),
  };
}

import type { Json } from '../seal/canonical';
import { sealOf } from '../seal/chain';

/** Where a record says who somebody is, or speaks in their words; `*` stands for each of a list. */
const PERSONAL = [
  'customer.name',
  'bike.name',
  'complaint',
  'edited.*.was.complaint',
  'edited.*.became.complaint',
  'notRepaired.takenBy',
].map((path) => path.split('.'));

/**
 * What is kept beside a sealed record: the words that it holds the digests of. Taken away, they are gone, and the seal of the record
 * is what it was.
 */
export interface Withheld {
  /** By chance, one for each record: without it nobody can try names against a digest. */
  salt: string;
  said: string[];
}

/** What stands where words of somebody were, once they are gone: nobody’s, in every language. */
export const ERASED = '—';

const SEALED = 'sha256:';
/** @returns the digest of a text under a salt: `sha256:` and lower-case hex. Source [S]: FIPS 180-4. */
const digestOf = (salt: string, text: string) => `${SEALED}${sealOf(`${salt}\n${text}`)}`;

/** The record with every personal text in it changed; what is empty or not there stays. */
function changed(record: Json, change: (text: string) => string): Json {
  const at = (value: Json | undefined, path: readonly string[]): Json | undefined => {
    const [step, ...rest] = path;
    if (step === undefined)
      return typeof value === 'string' && value !== '' ? change(value) : value;
    if (step === '*') return Array.isArray(value) ? value.map((each) => at(each, rest)!) : value;
    if (typeof value !== 'object' || value === null || Array.isArray(value) || !(step in value))
      return value;
    return { ...value, [step]: at(value[step], rest)! };
  };
  return PERSONAL.reduce<Json>((held, path) => at(held, path)!, record);
}

/** Puts digests in the place of what a record says of people, and gives the words to be kept beside it. */
export function withhold(
  record: Record<string, Json>,
  salt: string,
): { record: Record<string, Json>; withheld: Withheld } {
  const said = new Set<string>();
  const sealed = changed(record, (text) => {
    said.add(text);
    return digestOf(salt, text);
  });
  return { record: sealed as Record<string, Json>, withheld: { salt, said: [...said] } };
}

/**
 * The record with the words that its digests are of: what is beside it is believed as far as it gives the digest. Words that
 * are not there, or not those that were sealed, are {@link ERASED}; a record of before words were withheld is as it was sealed.
 */
export function disclose(record: Json, withheld: Withheld | null): Json {
  const words = new Map(
    (withheld?.said ?? []).map((text) => [digestOf(withheld!.salt, text), text]),
  );
  return changed(record, (text) => (text.startsWith(SEALED) ? (words.get(text) ?? ERASED) : text));
}

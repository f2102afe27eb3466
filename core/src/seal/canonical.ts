import canonicalize from 'canonicalize';

export type Json = string | number | boolean | null | Json[] | { [key: string]: Json };

/**
 * The one way a JSON value is written, so that equal values have equal bytes.
 * Source [S]: RFC 8785, JSON Canonicalization Scheme.
 * @throws when the value holds a number that JSON cannot (NaN, infinity).
 */
export function canonicalJson(value: Json): string {
  return canonicalize(value)!;
}

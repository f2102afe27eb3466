import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import { canonicalJson, type Json } from './canonical';

/** What is sealed: the record, and the seal before it in this shop (null in the first). */
interface Link {
  prev: string | null;
  record: Json;
}

/** A sealed link as it is kept. */
export interface SealedLink {
  /** RFC 8785 text of the link. */
  canonical: string;
  /** SHA-256 of that text in UTF-8, lower-case hex. */
  seal: string;
}

/** Seals a link. Source [S]: FIPS 180-4 (SHA-256) over RFC 8785 text. */
export function sealLink(link: Link): SealedLink {
  const canonical = canonicalJson({ prev: link.prev, record: link.record });
  return { canonical, seal: sealOf(canonical) };
}

/** The seal of a canonical text. */
export function sealOf(canonical: string): string {
  return bytesToHex(sha256(utf8ToBytes(canonical)));
}

export type ChainBreak = 'text-changed' | 'link-missing' | 'not-json';
type ChainCheck =
  | { whole: true; length: number; head: string | null }
  | { whole: false; brokenAt: number; because: ChainBreak };

/**
 * Walks the chain from its first link and names the first broken one (index from 0).
 * `text-changed`: the text no longer gives its seal. `link-missing`: it does not point at the seal before it.
 */
export function checkChain(links: Iterable<SealedLink>): ChainCheck {
  let prev: string | null = null;
  let length = 0;
  for (const link of links) {
    const because = continueChain(prev, link);
    if (because) return { whole: false, brokenAt: length, because };
    prev = link.seal;
    length += 1;
  }
  return { whole: true, length, head: prev };
}

/**
 * Why a link does not go on from the seal before it; null when it does.
 * @param seals gives the seal of a text, where something quicker than {@link sealOf} is at hand
 */
export function continueChain(
  prev: string | null,
  { canonical, seal }: SealedLink,
  seals = sealOf,
): ChainBreak | null {
  if (seals(canonical) !== seal) return 'text-changed';
  const pointsAt = prevOf(canonical);
  if (pointsAt === undefined) return 'not-json';
  return pointsAt === prev ? null : 'link-missing';
}

function prevOf(canonical: string): string | null | undefined {
  try {
    const link = JSON.parse(canonical) as { prev?: unknown };
    return link.prev === null || typeof link.prev === 'string' ? link.prev : undefined;
  } catch {
    return undefined;
  }
}

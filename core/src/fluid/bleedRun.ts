import type { DoneAt } from '../procedure/finalCheck';
import { bleedRule, isBleedMethod, type BleedMethod } from './bleedMethods';

export const BUBBLES = ['none', 'few', 'many'] as const;
export type Bubbles = (typeof BUBBLES)[number];

/** One push, draw or gravity run, as it was seen. */
export interface BleedCycle {
  method: BleedMethod;
  bubbles: Bubbles;
}

/** Cycles without a bubble, one after the other, that end a method [P]. */
export const CLEAN_CYCLES = 2;
/** Methods that failed after which it is no longer air that is looked for [P]. */
export const METHODS_FAILED = 3;

export type BleedStands =
  | { code: 'go-on'; method: BleedMethod; cleanToGo: number }
  /** Clean; the sponge test decides. */
  | { code: 'prove'; method: BleedMethod }
  | { code: 'done' }
  /** The lever did not prove good: the next method. */
  | { code: 'escalate'; to: BleedMethod }
  | { code: 'look-for-leak' };

/** One thing that happened in a bleed, in order. */
export type BleedEvent =
  | { what: 'cycle'; cycle: BleedCycle }
  | { what: 'sponge-test'; passed: boolean };

/**
 * Where a bleed stands: two clean cycles and a passed sponge test end it; a failed test after clean cycles sends it to the
 * next method, and three methods failed to a search for a leak. Common practice [P].
 * @param first the method the run begins with
 */
export function bleedStands(first: BleedMethod, events: readonly BleedEvent[]): BleedStands {
  let method = first;
  let clean = 0;
  let failed = 0;
  let proven = false;
  for (const event of events) {
    if (event.what === 'cycle') {
      if (event.cycle.method !== method) clean = 0;
      method = event.cycle.method;
      clean = event.cycle.bubbles === 'none' ? clean + 1 : 0;
      proven = false;
    } else if (event.passed) proven = clean >= CLEAN_CYCLES;
    else if (clean >= CLEAN_CYCLES) {
      failed += 1;
      proven = false;
      clean = 0;
      method = bleedRule(method).next;
    }
  }
  if (proven) return { code: 'done' };
  if (failed >= METHODS_FAILED) return { code: 'look-for-leak' };
  if (clean >= CLEAN_CYCLES) return { code: 'prove', method };
  const last = events.at(-1);
  if (last?.what === 'sponge-test' && failed > 0) return { code: 'escalate', to: method };
  return { code: 'go-on', method, cleanToGo: CLEAN_CYCLES - clean };
}

/** The place in the order of the last bleeding step of those done at one end, or 0. */
export function lastBled(done: readonly DoneAt[]): number {
  return done.findLast(({ step }) => isBleedMethod(step))?.seq ?? 0;
}

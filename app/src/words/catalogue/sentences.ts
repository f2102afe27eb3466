import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { End } from '@hold-fast/core/ends';

/** How the names of things are put together, and stand in a sentence. */
export interface SentenceWords {
  /** Words as they stand in the middle of a sentence, where a language writes them otherwise than at its beginning. */
  inSentence: (words: string) => string;
  /** What somebody wrote, as they wrote it. */
  quoted: (said: string) => string;
  /** A point round the rotor, by its number. */
  point: (number: string) => string;
  /** “front rotor”, as it is said in the middle of a sentence. */
  thingAt: (at: End, about: Subject) => string;
  /** “front rotor, pads and lever”. */
  thingsAt: (at: End, about: readonly Subject[]) => string;
  /** What a standing is called where no work has a word of its own. */
  putRight: string;
}

import type { Part } from '@hold-fast/core/ends';
import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { Work } from '@hold-fast/core/inspection/work';
import type { Word } from '@hold-fast/core/wear/verdict';
import type { ThingWords } from './catalogue/things';
import type { SentenceWords } from './catalogue/sentences';

/** What wears, with the work that renews it: near its limit it is watched, whatever work stands beside it. */
const WEARS: Partial<Record<Subject, Work>> = {
  rotor: 'replace-rotor',
  pads: 'replace-pads',
} satisfies Record<Part, Work>;

/**
 * The word of a standing, fitted to its thing: a rotor is replaced, a lever is bled, gaps are centred, and what has no work of its
 * own is put right. Mark and order are the standing's, whatever the word.
 */
export function standingIn(
  { word, remedy }: ThingWords,
  { putRight }: Pick<SentenceWords, 'putRight'>,
) {
  return ({
    word: stands,
    subject: about,
    work: does = [],
  }: {
    word: Word;
    subject?: Subject;
    work?: readonly Work[];
  }): string => {
    const [first] = does;
    const renewed = about && WEARS[about];
    if (stands === 'replace') {
      if (first === undefined) return putRight;
      return first === renewed ? word.replace : remedy[first];
    }
    return stands === 'watch' && !renewed && first ? remedy[first] : word[stands];
  };
}

import type { Sign } from '@hold-fast/core/trouble/signs';
import { troubleWords } from '../../words/trouble';
import { words } from '../../words/words';

/** A sign as it stands in a sentence: what the rider says, or what is looked for. */
export const signSays = (sign: Sign): string =>
  sign in troubleWords.sign
    ? troubleWords.sign[sign as keyof typeof troubleWords.sign]
    : words.inSentence(words.symptom[sign as keyof typeof words.symptom]);

export const signsSay = (signs: readonly Sign[]): string => words.format.list(signs.map(signSays));

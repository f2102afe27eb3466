import type { SentenceWords } from '../catalogue/sentences';
import { format } from '../format';
import { things } from './things';

const { end, subject } = things;

export const sentences: SentenceWords = {
  // German nouns keep their capital wherever they stand.
  inSentence: (words) => words,
  quoted: (said) => `„${said}“`,
  point: (number) => `Punkt ${number}`,
  thingAt: (at, about) => `${subject[about]} ${end[at]}`,
  thingsAt: (at, about) => `${format.list(about.map((each) => subject[each]))} ${end[at]}`,
  putRight: 'in Ordnung bringen',
};

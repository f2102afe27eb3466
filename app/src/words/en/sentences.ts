import type { SentenceWords } from '../catalogue/sentences';
import { format } from '../format';
import { things } from './things';

const { end, subject } = things;

export const sentences: SentenceWords = {
  inSentence: (words) => `${words.charAt(0).toLowerCase()}${words.slice(1)}`,
  quoted: (said) => `“${said}”`,
  point: (number) => `point ${number}`,
  thingAt: (at, about) => `${end[at]} ${subject[about]}`,
  thingsAt: (at, about) => `${end[at]} ${format.list(about.map((each) => subject[each]))}`,
  putRight: 'put right',
};

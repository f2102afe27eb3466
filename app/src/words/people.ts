import { people } from './en/people';
import { inUse } from './language';

export const peopleWords = inUse('people', people);

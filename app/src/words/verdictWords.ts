import { verdicts } from './en/verdicts';
import { inUse } from './language';

/** What is said of a brake. */
export const verdictWords = inUse('verdicts', verdicts);

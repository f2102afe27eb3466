import { proving } from './en/proving';
import { inUse } from './language';

export const provingWords = inUse('proving', proving);

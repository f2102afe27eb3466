import { opening } from './en/opening';
import { inUse } from './language';

export const openingWords = inUse('opening', opening);

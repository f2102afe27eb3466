import { figure } from './en/figure';
import { inUse } from './language';

export const figureWords = inUse('figure', figure);

import { day } from './en/day';
import { inUse } from './language';

export const dayWords = inUse('day', day);

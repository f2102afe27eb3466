import { due } from './en/due';
import { inUse } from './language';

export const dueWords = inUse('due', due);

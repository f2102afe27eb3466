import { practice } from './en/practice';
import { inUse } from './language';

export const practiceWords = inUse('practice', practice);

import { parts } from './en/parts';
import { inUse } from './language';

export const partWords = inUse('parts', parts);

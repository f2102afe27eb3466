import { bikes } from './en/bikes';
import { inUse } from './language';

export const bikesWords = inUse('bikes', bikes);

import { instruments } from './en/instruments';
import { inUse } from './language';

export const instrumentWords = inUse('instruments', instruments);

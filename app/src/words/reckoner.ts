import { reckoner } from './en/reckoner';
import { inUse } from './language';

export const reckonerWords = inUse('reckoner', reckoner);

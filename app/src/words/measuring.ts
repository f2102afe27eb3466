import { measuring } from './en/measuring';
import { inUse } from './language';

export const measuringWords = inUse('measuring', measuring);

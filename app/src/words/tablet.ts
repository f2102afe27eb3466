import { tablet } from './en/tablet';
import { inUse } from './language';

export const tabletWords = inUse('tablet', tablet);

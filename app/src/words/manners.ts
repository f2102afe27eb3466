import { manners } from './en/manners';
import { inUse } from './language';

export const mannerWords = inUse('manners', manners);

import { bill } from './en/bill';
import { inUse } from './language';

export const billWords = inUse('bill', bill);

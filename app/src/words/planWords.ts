import { plan } from './en/plan';
import { inUse } from './language';
import { partWords } from './partWords';

export const planWords = { ...partWords, ...inUse('plan', plan) };

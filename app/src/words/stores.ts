import { stores } from './en/stores';
import { inUse } from './language';

export const storesWords = inUse('stores', stores);

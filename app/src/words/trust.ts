import { trust } from './en/trust';
import { inUse } from './language';

export const trustWords = inUse('trust', trust);

import { storeForms } from './en/storeForms';
import { inUse } from './language';

export const storeFormWords = inUse('storeForms', storeForms);

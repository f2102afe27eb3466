import { trouble } from './en/trouble';
import { inUse } from './language';

export const troubleWords = inUse('trouble', trouble);

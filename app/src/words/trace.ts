import { trace } from './en/trace';
import { inUse } from './language';

export const traceWords = inUse('trace', trace);

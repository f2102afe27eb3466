import { planning } from './en/planning';
import { inUse } from './language';

export const planningWords = inUse('planning', planning);

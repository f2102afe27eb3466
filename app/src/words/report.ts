import { report } from './en/report';
import { inUse } from './language';

export const reportWords = inUse('report', report);

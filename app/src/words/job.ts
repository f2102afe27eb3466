import { job } from './en/job';
import { inUse } from './language';

export const jobWords = inUse('job', job);

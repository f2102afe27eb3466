import { barsOfDay } from '@hold-fast/core/job/bars';
import type { Job } from '@hold-fast/core/job/job';
import { today } from './today';

/** What bars the sign-off of a job if it is signed today, watch-telling aside. */
export const barsToday = (job: Job) => [...job.bars, ...barsOfDay(job, today())];

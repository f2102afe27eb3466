import { later } from '../later';

/** The job sheet, fetched when a job is first opened. */
export const JobSheet = later(() => import('../behind').then((screen) => screen.JobSheet));

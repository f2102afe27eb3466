import { ENDS } from '../ends';
import { openNotices } from '../notice/notice';
import { inspectEnd, type InspectedJob } from '../inspection/inspectEnd';

/** Whether a do-not-ride stands on a bike, from this visit or an earlier one: it is neither tried nor ridden [P]. */
export function isNotRidden(
  job: InspectedJob & { tags: readonly unknown[] } & Parameters<typeof openNotices>[0],
): boolean {
  return (
    job.tags.length > 0 ||
    openNotices(job).some(({ doNotRide }) => doNotRide) ||
    ENDS.some((end) => inspectEnd(job, end).items.some(({ doNotRide }) => doNotRide))
  );
}

import { isUnbitten } from './bite';
import { unsweptAt } from './sweep';
import { worksOn } from '../inspection/work';
import { curesAt } from '../trouble/evidence';
import type { End } from '../ends';
import type { FirstBleed } from '../fluid/bleedMethods';
import { inspectEnd } from '../inspection/inspectEnd';
import { proceduresFor } from '../plan/recommended';
import type { ProcedureId } from '../procedure/procedures';
import type { Job } from './job';
import { toldOf } from './told';

/**
 * What a plan is first offered for an end, in no order: what its inspection recommends, what cures the causes that were found, a track to be stripped where the witness
 * ring came out uneven or the bite did not rise, and washers where the pads do not sweep it [P].
 * @param bleed how this brake is bled when nobody chose
 */
export function recommendedAt(job: Omit<Job, 'bars'>, end: End, bleed: FirstBleed): ProcedureId[] {
  const sheet = job.identified[end]?.sheet.body;
  if (!sheet) return [];
  const { items } = inspectEnd(job, end);
  const works = [
    ...items.flatMap(({ work }) => work),
    ...worksOn(curesAt(job, end), sheet.brake.actuation),
  ];
  const patchy = toldOf(job, 'witness', end).at(-1)?.ring === 'patchy' || isUnbitten(job, end);
  return [
    ...proceduresFor(patchy ? [...works, 'strip-track'] : works, sheet.brake.actuation, bleed),
    ...(unsweptAt(job, end) ? (['radial-check'] as const) : []),
  ];
}

import { ENDS } from '../ends';
import type { AskedFluid } from '../fluid/compatibility';
import { FIRST_BLEEDS } from '../fluid/bleedMethods';
import type { Family } from '../fluid/families';
import { USUAL_HOSE_MM, volumesOf } from '../fluid/volumes';
import type { Job } from '../job/job';
import { axleOf } from '../kit/brakes';
import { brakesOf, planOf } from '../job/visit';
import { quoteLines } from '../plan/quote';
import { workFor } from '../procedure/procedures';
import { stepRule, type NewPart } from '../procedure/steps';

/** What a job takes of a day and of the shelf, by its plan as it stands. */
export interface DayWork {
  /** The quote's minutes where something is planned, else what was said at check-in; null where nobody said. */
  minutes: number | null;
  kits: Family[];
  parts: NewPart[];
  /** A flush for each brake that is bled, whole mL; one nobody identified asks for no known fluid, and is not among them. */
  fluids: { asked: AskedFluid; ml: number }[];
}

const BLEEDS: ReadonlySet<string> = new Set(FIRST_BLEEDS);

/** What is planned of a job, as its day and the shelf need to know it. */
export function dayWorkOf(
  job: Pick<Job, 'bike' | 'planned' | 'identified' | 'rules' | 'minutes'>,
): DayWork {
  const chosen = planOf(job);
  if (!chosen) return { minutes: job.minutes, kits: [], parts: [], fluids: [] };
  const brakes = brakesOf(job);
  const work: DayWork = {
    minutes: quoteLines(chosen.procedures, job.rules.minutes).reduce(
      (sum, { minutes }) => sum + minutes,
      0,
    ),
    kits: [],
    parts: [],
    fluids: [],
  };
  for (const end of ENDS) {
    const steps = workFor(chosen.procedures[end], chosen.bleed[end], brakes[end]);
    work.parts.push(...steps.flatMap((step) => stepRule(step).parts));
    const sheet = job.identified[end]?.sheet.body;
    if (!sheet?.fluid || !steps.some((step) => BLEEDS.has(step))) continue;
    const { family } = sheet.fluid.fluid;
    if (!work.kits.includes(family)) work.kits.push(family);
    const ml = Math.ceil(volumesOf(sheet.hose, USUAL_HOSE_MM[axleOf(job.bike, end)]).flushMl);
    work.fluids.push({ asked: sheet.fluid, ml });
  }
  return work;
}

import type { Job } from '@hold-fast/contract/jobs';
import type { Measurand } from '@hold-fast/core/inspection/measurand';
import type { End } from '@hold-fast/core/ends';
import type { StepId } from '@hold-fast/core/procedure/steps';
import { words } from '../../../words/words';
import { standingAt } from '../JobFrame';

/** What a step is proven by: the screen it is recorded on, and what stands there already. */
export interface Capture {
  says: string;
  to: string;
  recorded: string | null;
}

const MEASURED: Partial<Record<StepId, Measurand>> = {
  inspect: 'rotor',
  'measure-after-cleaning': 'rotor',
  'runout-check': 'runout',
  'sponge-test': 'lever',
  align: 'clearance',
  'dress-mount': 'mount-face',
};
const BLED: readonly StepId[] = ['push-up', 'gravity-down', 'two-syringes', 'top-up'];

/** Where a step is recorded, or null when doing it is all there is to it. */
export function captureOf(job: Job, step: StepId, end: End): Capture | null {
  const part = MEASURED[step];
  if (part) {
    const sitting = standingAt(job, end, part);
    return {
      says: `Measure: ${words.subject[part]}`,
      to: part,
      recorded: sitting ? `Measured with ${sitting.gaugeName}.` : null,
    };
  }
  if (BLED.includes(step)) {
    const fills = job.filled.filter((fill) => fill.end === end);
    return {
      says: 'Book the fluid off',
      to: 'fluid',
      recorded: fills.length
        ? fills.map(({ ml, fluid, lot }) => `${ml} mL ${fluid}, lot ${lot}`).join('; ')
        : null,
    };
  }
  if (step === 'torque-rotor') {
    const bolts = job.tightened.filter((tightened) => tightened.end === end).at(-1);
    return {
      says: 'Tighten with the wrench',
      to: 'bolts',
      recorded: bolts
        ? `${words.format.nm(bolts.setNm)} N·m with ${bolts.wrench.name}${bolts.flaws.length > 0 ? ', not proven' : ''}.`
        : null,
    };
  }
  if (step === 'new-pads-in' || step === 'new-rotor-on') {
    const fitted = step === 'new-pads-in' ? 'pads' : 'rotor';
    const last = job.fittings
      .filter((each) => each.end === end && each.part === fitted && each.jobId === job.id)
      .at(-1);
    return {
      says: `Write down the ${fitted}`,
      to: `fit-${fitted}`,
      recorded: last && last.condition !== 'found' ? `${last.description}.` : null,
    };
  }
  return null;
}

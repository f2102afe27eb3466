import type { End } from '../ends';
import type { Measurand } from '../measurand/measurand';
import { doRefusal } from '../job/planStep';
import { visitOf } from '../job/visit';
import { planAt } from '../plan/visit';
import { PROCEDURE_IDS, suitsBrake } from '../procedure/procedures';
import { stepRule, STEP_IDS, type StepId, type StepNumber } from '../procedure/steps';
import { twist, type Truth } from './truth';
import type { Visit } from './visit';

// Work by a plan, as the same hurried mechanic does it: steps tapped on, out of their order, left out and taken back.

export const PLANNED = ['plan', 'steps', 'step-out-of-order', 'skip', 'step-back'] as const;
type Planned = (typeof PLANNED)[number];
export const isPlanned = (does: string): does is Planned => PLANNED.some((each) => each === does);

/** What else is done at a step: what it measures, and the part that is written down. */
type AtAStep = 'rotor' | 'pads' | 'lever' | 'runout' | 'gaps' | 'fit-new' | 'fit-used' | 'fit-pads';
/** Does that too; and looks how all stands once a step is done. */
interface Between {
  then: (does: AtAStep) => void;
  look: () => void;
}

const HYDRAULIC = PROCEDURE_IDS.filter((id) => suitsBrake(id, 'hydraulic'));
/** As many steps as are tapped on before something else comes between. */
const AT_ONCE = 24;

export function workByPlan(
  visit: Visit,
  truth: Truth,
  does: Planned,
  random: () => number,
  between: Between,
): void {
  const one = <T>(of: readonly T[]): T | undefined => of[Math.floor(random() * of.length)];
  switch (does) {
    case 'plan': {
      const { procedures } = visit.job.planned.at(-1) ?? {};
      visit.plan(...new Set([...(procedures?.front ?? []), one(HYDRAULIC)!]));
      return;
    }
    case 'steps':
      for (const { step, end } of next(visit).slice(0, 1 + Math.floor(random() * AT_ONCE)))
        if (!doStep(visit, truth, step, end, random, between)) return;
      return;
    case 'step-out-of-order': {
      const step = one(STEP_IDS.filter((each) => doRefusal(visit.job, each, 'front') === null));
      if (step) doStep(visit, truth, step, 'front', random, between);
      return;
    }
    case 'skip': {
      const [first] = next(visit);
      if (first) visit.step(first.step, 'skipped', first.end);
      return;
    }
    case 'step-back': {
      const last = visitOf(visit.job).steps.at(-1);
      if (last) visit.step(last.step, 'taken-back', last.end);
      return;
    }
  }
}

const next = (visit: Visit) => planAt(visitOf(visit.job))?.steps ?? [];

/** @returns whether the step was done */
function doStep(
  visit: Visit,
  truth: Truth,
  step: StepId | 'wash-hands',
  end: End | null,
  random: () => number,
  { then, look }: Between,
): boolean {
  if (step === 'wash-hands') return visit.step(step) === null;
  const { acts, touches, cures, records } = stepRule(step);
  look();
  visit.bringPartsOf(step);
  // Now and then nobody writes down which part it is.
  const written = random() < 0.7;
  if (records.includes('rotor-fitted')) {
    if (written) then(random() < 0.5 ? 'fit-new' : 'fit-used');
    else Object.assign(truth, { rotorMm: 1.4 + 0.4 * random(), crack: random() < 0.3 });
  }
  if (records.includes('pads-fitted')) {
    if (written) then('fit-pads');
    else truth.padsMm = 2.9 + random();
  }
  const refusal = doRefusal(visit.job, step, end);
  if (refusal?.code === 'number-missing') measure(visit, refusal.number, then);
  if (refusal?.code === 'bolt-open') {
    visit.tighten(refusal.fastener);
    if (refusal.fastener === 'caliper-post') twist(truth, random);
  }
  if (acts.includes('stand-test') && truth.rubs) {
    visit.test('stand', 'failed');
    return false;
  }
  if (visit.step(step, 'done', end) !== null) return false;
  const is = (work: string) => cures.some((each) => each === work);
  if (touches.includes('rotor-face')) truth.rotorMm -= 0.02 * random();
  if (touches.some((touch) => MOVES.has(touch))) truth.rubs ||= random() < 0.2;
  if (is('centre-caliper')) truth.rubs = random() < 0.2;
  if (is('remake-joint-at-caliper') && random() < 0.7) truth.leak = false;
  if (is('reseal-lever') && random() < 0.5) truth.sinksMm = 0;
  return true;
}

/** What can bring a pad against its rotor. */
const MOVES: ReadonlySet<string> = new Set([
  'caliper',
  'mount',
  'pistons',
  'rotor-seat',
  'axle',
  'pads',
]);

const MEASURED: Partial<Record<Measurand, AtAStep>> = {
  rotor: 'rotor',
  pads: 'pads',
  lever: 'lever',
  runout: 'runout',
  clearance: 'gaps',
};

function measure(visit: Visit, number: StepNumber, then: Between['then']): void {
  if (number === 'radial') visit.send('radial', { end: 'front', eMm: 0.25, washersMm: [] });
  else if (MEASURED[number]) then(MEASURED[number]);
}

import { leversOf } from '@hold-fast/core/kit/brakes';
import type { Measurand } from '@hold-fast/core/measurand/measurand';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job, Measured } from '@hold-fast/core/job/job';
import type { Word } from '@hold-fast/core/wear/verdict';
import { brakeAt, checksAt, lastBledAt } from '@hold-fast/core/job/visit';
import type { End } from '@hold-fast/core/ends';
import { provenCutOff } from '@hold-fast/core/job/bars';
import { isBleedMethod } from '@hold-fast/core/fluid/bleedMethods';
import { fastenedBy } from '@hold-fast/core/procedure/fastened';
import { stepRule, type StepId } from '@hold-fast/core/procedure/steps';
import { PULLS } from '@hold-fast/core/bedding/pulls';
import { lastReckoned, reckonedRefusal, reckonsAt } from '@hold-fast/core/job/reckoned';
import { words } from '../../../words/words';
import { judgementOf, standingAt } from '../JobFrame';
import { planningWords } from '../../../words/planning';
import type { AtEnd } from '../../routes';

/** What a step is proven by: the screen it is recorded on, and what stands there already. */
interface Capture {
  says: string;
  to: AtEnd;
  recorded: string | null;
  /** The word on what was measured. */
  word?: Word | null;
}

/** What may be measured at a step besides the numbers it asks for. */
const OFFERED: Partial<Record<StepId, Measurand>> = {
  align: 'clearance',
  'dress-mount': 'mount-face',
};
const FLUID_MOVES: readonly StepId[] = ['bleed-kit-off', 'top-up-cup-off'];

/** What core makes of a sitting, in one word. */
function wordOf(job: Job, sitting: Measured): Word | null {
  const judgement = judgementOf(job, sitting);
  return judgement && (judgement.ok ? judgement.verdict.word : 'unproven');
}

/** Where a step is recorded, what proves it first; none when doing it is all there is to it. */
export function capturesOf(job: Job, step: StepId, end: End): Capture[] {
  const found: Capture[] = [];
  const offered = OFFERED[step];
  for (const part of [...(stepRule(step).numbers ?? []), ...(offered ? [offered] : [])]) {
    if (part === 'radial') {
      const last = toldOf(job, 'radial', end).at(-1);
      found.push({
        says: planningWords.capture.measureE,
        to: 'radial',
        recorded: last ? planningWords.capture.eMeasured(words.format.mm(last.eMm)) : null,
      });
      continue;
    }
    const last = standingAt(job, end, part);
    // The test of the brake as it came in says nothing of it as it was bled.
    const sitting = step === 'sponge-test' && last && last.seq < lastBledAt(job, end) ? null : last;
    found.push({
      says: planningWords.capture.measure(words.subject[part]),
      to: part,
      recorded: sitting ? planningWords.capture.measuredWith(sitting.gaugeName) : null,
      word: sitting ? wordOf(job, sitting) : null,
    });
  }
  const reckons = reckonsAt(step, job.planned.at(-1)?.procedures[end] ?? []);
  if (reckons) {
    const last = lastReckoned(job, reckons, end);
    const refused = reckonedRefusal(job, step, end, job.planned.at(-1)?.procedures[end] ?? []);
    found.push({
      says: planningWords.capture.reckon[reckons],
      to: `reckon-${reckons}`,
      recorded: last ? planningWords.capture.reckoned : null,
      word: last && refused ? 'replace' : null,
    });
  }
  if (step === 'align')
    found.push({ says: planningWords.capture.reckon.align, to: 'reckon-align', recorded: null });
  for (const fastener of fastenedBy(step, brakeAt(job, end))) {
    const bolts = job.tightened
      .filter((each) => each.end === end && each.fastener === fastener)
      .at(-1);
    found.push({
      says: planningWords.capture.torque(words.fastener[fastener]),
      to: `bolts?fastener=${fastener}`,
      recorded: bolts
        ? planningWords.capture.nMWith(
            bolts.setNm,
            bolts.wrench.name,
            bolts.flaws.length > 0 ? planningWords.capture.notProven : '',
          )
        : null,
    });
  }
  if (isBleedMethod(step)) {
    const cycles = toldOf(job, 'bleed-cycle', end);
    found.push({
      says: planningWords.capture.logTheBleed,
      to: 'bleed',
      recorded: cycles.length > 0 ? planningWords.capture.cyclesLogged(cycles.length) : null,
    });
  }
  if (FLUID_MOVES.includes(step)) {
    const fills = job.filled.filter((fill) => fill.end === end);
    found.push({
      says: planningWords.capture.bookTheFluidOff,
      to: 'fluid',
      recorded: fills.length
        ? `${fills.map(({ ml, fluid, lot }) => planningWords.capture.mlLot(ml, fluid, lot)).join('; ')}.`
        : null,
    });
  }
  if (step === 'new-brake-on' || step === 'new-caliper-on') {
    const sheet = job.identified[end]?.sheet.body;
    found.push({
      says: planningWords.capture.identifyWhatWasFitted,
      to: 'identify',
      recorded: sheet ? planningWords.capture.judgedAs(sheet.title) : null,
    });
  }
  if (stepRule(step).parts) {
    const parts = stepRule(step).parts ?? [];
    const taken = job.taken.filter((each) => each.end === end && parts.includes(each.part));
    const brought = toldOf(job, 'part-brought', end).filter(({ part }) => parts.includes(part));
    found.push({
      says: planningWords.capture.takeItOffTheShelf,
      to: `parts?part=${parts.join(',')}`,
      recorded:
        taken.length + brought.length > 0
          ? `${[...taken.map(({ description, batch }) => `${description}${batch ? planningWords.capture.batch(batch) : ''}`), ...brought.map(({ from }) => from)].join('; ')}.`
          : null,
    });
  }
  if (step === 'new-pads-in' || step === 'new-rotor-on') {
    const fitted = step === 'new-pads-in' ? 'pads' : 'rotor';
    const last = job.fittings
      .filter((each) => each.end === end && each.part === fitted && each.jobId === job.id)
      .at(-1);
    found.push({
      says: planningWords.capture.writeDownThe(fitted),
      to: `fit-${fitted}`,
      recorded: last && last.condition !== 'found' ? `${last.description}.` : null,
    });
  }
  if (job.bike.motor && step === 'careful-ride') {
    const cut = leversOf(job.bike).filter((each) => provenCutOff(job, each) === 'passed');
    found.push({
      says: planningWords.capture.tryEachCutOff,
      to: 'check',
      recorded:
        cut.length > 0
          ? planningWords.capture.cutsTheMotor(
              words.format.list(cut.map((each) => words.end[each])),
            )
          : null,
    });
  }
  if (step === 'bolt-check') {
    const checks = checksAt(job, end);
    const passed = checks.filter(({ stands }) => stands === 'passed').length;
    found.push({
      says: planningWords.capture.checkByName,
      to: 'check',
      recorded: passed > 0 ? planningWords.capture.ofTicked(passed, checks.length) : null,
    });
  }
  if (step === 'bed-in' || step === 'witness-ring') {
    const pulls = toldOf(job, 'bedding-pull', end).length;
    const ring = toldOf(job, 'witness', end).at(-1)?.ring;
    found.push({
      says:
        step === 'bed-in'
          ? planningWords.capture.countThePulls
          : planningWords.capture.recordTheRing,
      to: 'bed-in',
      recorded:
        pulls > 0 || ring
          ? planningWords.capture.ofPulls(
              pulls,
              PULLS[job.rules.beddingIn],
              ring ? planningWords.capture.ring(ring) : '',
            )
          : null,
    });
  }
  return found;
}

import { leversOf } from '@hold-fast/core/kit/brakes';
import { toldOf } from '@hold-fast/core/job/told';
import type { Job, Measured } from '@hold-fast/core/job/job';
import type { Word } from '@hold-fast/core/wear/verdict';
import { brakeAt, checksAt, lastBledAt, planOf } from '@hold-fast/core/job/visit';
import type { End, Part } from '@hold-fast/core/ends';
import { provenTest } from '@hold-fast/core/job/handOver';
import { doneByTorque } from '@hold-fast/core/procedure/fastened';
import {
  stepRule,
  type NewPart,
  type StepId,
  type StepNumber,
  type StepRecord,
} from '@hold-fast/core/procedure/steps';
import type { FastenerId } from '@hold-fast/core/torque/fasteners';
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

const says = planningWords.capture;

/** What core makes of a sitting, in one word. */
function wordOf(job: Job, sitting: Measured): Word | null {
  const judgement = judgementOf(job, sitting);
  return judgement && (judgement.ok ? judgement.verdict.word : 'unproven');
}

/** A number that is taken at a step, or may be. */
function numberAt(job: Job, step: StepId, end: End, number: StepNumber): Capture {
  if (number === 'radial') {
    const last = toldOf(job, 'radial', end).at(-1);
    return {
      says: says.measureE,
      to: 'radial',
      recorded: last ? says.eMeasured(words.format.mm(last.eMm)) : null,
    };
  }
  const last = standingAt(job, end, number);
  // The test of the brake as it came in says nothing of it as it was bled.
  const sitting = step === 'sponge-test' && last && last.seq < lastBledAt(job, end) ? null : last;
  return {
    says: says.measure(words.subject[number]),
    to: number,
    recorded: sitting ? says.measuredWith(sitting.gaugeName) : null,
    word: sitting ? wordOf(job, sitting) : null,
  };
}

/** What a calculator is asked for at a step. */
function sumAt(job: Job, step: StepId, end: End): Capture[] {
  const chosen = planOf(job)?.procedures[end] ?? [];
  const reckons = reckonsAt(step, chosen);
  if (!reckons) return [];
  const last = lastReckoned(job, reckons, end);
  return [
    {
      says: says.reckon[reckons],
      to: `reckon-${reckons}`,
      recorded: last ? says.reckoned : null,
      word: last && reckonedRefusal(job, step, end, chosen) ? 'replace' : null,
    },
  ];
}

function torqueAt(job: Job, end: End, fastener: FastenerId): Capture {
  const bolts = job.tightened
    .filter((each) => each.end === end && each.fastener === fastener)
    .at(-1);
  return {
    says: says.torque(words.fastener[fastener]),
    to: `bolts?fastener=${fastener}`,
    recorded: bolts
      ? says.nMWith(bolts.setNm, bolts.wrench.name, bolts.flaws.length > 0 ? says.notProven : '')
      : null,
  };
}

function partsAt(job: Job, end: End, parts: readonly NewPart[]): Capture {
  const taken = job.taken.filter((each) => each.end === end && parts.includes(each.part));
  const brought = toldOf(job, 'part-brought', end).filter(({ part }) => parts.includes(part));
  const named = [
    ...taken.map(({ description, batch }) => `${description}${batch ? says.batch(batch) : ''}`),
    ...brought.map(({ from }) => from),
  ];
  return {
    says: says.takeItOffTheShelf,
    to: `parts?part=${parts.join(',')}`,
    recorded: named.length > 0 ? `${named.join('; ')}.` : null,
  };
}

function fittedAt(job: Job, end: End, part: Part): Capture {
  const last = job.fittings
    .filter((each) => each.end === end && each.part === part && each.jobId === job.id)
    .at(-1);
  return {
    says: says.writeDownThe(part),
    to: `fit-${part}`,
    recorded: last && last.condition !== 'found' ? `${last.description}.` : null,
  };
}

function beddedAt(job: Job, end: End, asks: string): Capture {
  const pulls = toldOf(job, 'bedding-pull', end).length;
  const ring = toldOf(job, 'witness', end).at(-1)?.ring;
  return {
    says: asks,
    to: 'bed-in',
    recorded:
      pulls > 0 || ring
        ? says.ofPulls(pulls, PULLS[job.rules.beddingIn], ring ? says.ring(ring) : '')
        : null,
  };
}

/** Where what a step's row names is written down; null where this bike has none of it, or the step face has a place of its own for it. */
const WRITTEN: Readonly<Record<StepRecord, (job: Job, end: End, step: StepId) => Capture | null>> =
  {
    clearance: (job, end, step) => numberAt(job, step, end, 'clearance'),
    'mount-face': (job, end, step) => numberAt(job, step, end, 'mount-face'),
    alignment: () => ({ says: says.reckon.align, to: 'reckon-align', recorded: null }),
    bleed: (job, end) => {
      const cycles = toldOf(job, 'bleed-cycle', end);
      return {
        says: says.logTheBleed,
        to: 'bleed',
        recorded: cycles.length > 0 ? says.cyclesLogged(cycles.length) : null,
      };
    },
    fluid: (job, end) => {
      const fills = job.filled.filter((fill) => fill.end === end);
      return {
        says: says.bookTheFluidOff,
        to: 'fluid',
        recorded: fills.length
          ? `${fills.map(({ ml, fluid, lot }) => says.mlLot(ml, fluid, lot)).join('; ')}.`
          : null,
      };
    },
    identification: (job, end) => {
      const sheet = job.identified[end]?.sheet.body;
      return {
        says: says.identifyWhatWasFitted,
        to: 'identify',
        recorded: sheet ? says.judgedAs(sheet.title) : null,
      };
    },
    'pads-fitted': (job, end) => fittedAt(job, end, 'pads'),
    'rotor-fitted': (job, end) => fittedAt(job, end, 'rotor'),
    'cut-offs': (job) => {
      if (!job.bike.motor) return null;
      const cut = leversOf(job.bike).filter(
        (each) => provenTest(job, 'cut-off', each) === 'passed',
      );
      return {
        says: says.tryEachCutOff,
        to: 'check',
        recorded:
          cut.length > 0
            ? says.cutsTheMotor(words.format.list(cut.map((each) => words.end[each])))
            : null,
      };
    },
    checks: (job, end) => {
      const checks = checksAt(job, end);
      const passed = checks.filter(({ stands }) => stands === 'passed').length;
      return {
        says: says.checkByName,
        to: 'check',
        recorded: passed > 0 ? says.ofTicked(passed, checks.length) : null,
      };
    },
    pulls: (job, end) => beddedAt(job, end, says.countThePulls),
    ring: (job, end) => beddedAt(job, end, says.recordTheRing),
    deviation: () => null,
  };

/** Where a step is recorded, what proves it first; none when doing it is all there is to it. */
export function capturesOf(job: Job, step: StepId, end: End): Capture[] {
  const { numbers, records, parts } = stepRule(step);
  return [
    ...numbers.map((number) => numberAt(job, step, end, number)),
    ...sumAt(job, step, end),
    ...doneByTorque(step, brakeAt(job, end)).map((fastener) => torqueAt(job, end, fastener)),
    ...(parts.length > 0 ? [partsAt(job, end, parts)] : []),
    ...records.flatMap((record) => WRITTEN[record](job, end, step) ?? []),
  ];
}

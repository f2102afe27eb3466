import { endsOf } from '@hold-fast/core/kit/brakes';
import type { Job } from '@hold-fast/core/job/job';
import { standingSteps } from '@hold-fast/core/evidence/stepped';
import { planOf } from '@hold-fast/core/job/visit';
import type { End } from '@hold-fast/core/ends';
import type { StepId } from '@hold-fast/core/procedure/steps';
import { barsToday } from '../../../data/barsToday';
import { Halves } from '../../../ui/Halves';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { planWords } from '../../../words/planWords';
import { capital } from '../../../words/capital';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { planningWords } from '../../../words/planning';

/** What was done on this plan and recorded of it, what was left out with its reason, and what the sign-off still asks. */
export function AllDone({ job }: { job: Job }) {
  const standing = standingSteps(job);
  const skipped = standing.filter(({ outcome }) => outcome === 'skipped');
  const plan = planOf(job);
  const bars = barsToday(job);
  return (
    <Halves>
      <>
        {endsOf(job.bike).map((end) => {
          const recorded = recordedAt(job, end);
          const done = plan?.procedures[end] ?? [];
          return done.length + recorded.length > 0 ? (
            <Section key={end} label={words.end[end]}>
              <Words kind="strong">
                {done.map((id) => planWords.procedure[id]).join('; ') ||
                  planningWords.allDone.madeReadyAgain}
              </Words>
              {recorded.map((line) => (
                <Words key={line}>{line}</Words>
              ))}
            </Section>
          ) : null;
        })}
      </>
      <Section label={planningWords.allDone.beforeItIsSigned}>
        <Words>{planningWords.allDone.stepsDone(standing.length - skipped.length)}</Words>
        {plan && plan.fell.length > 0 ? (
          <Note kind="caution" title={planningWords.allDone.noLongerFor}>
            {plan.fell.map(({ end, procedure }) => (
              <Words key={`${end} ${procedure}`}>
                {planningWords.allDone.fell(
                  capital(words.end[end]),
                  words.inSentence(planWords.procedure[procedure]),
                )}
              </Words>
            ))}
          </Note>
        ) : null}
        {skipped.map(({ id, step, end, reason }) => (
          <Words key={id}>
            {planningWords.allDone.leftOut(
              endOf(end),
              words.inSentence(planWords.step[step as StepId].does),
              reason,
            )}
          </Words>
        ))}
        {bars.length > 0 ? (
          <Note kind="caution" title={planningWords.allDone.theSignOffStillAsks}>
            {bars.map((bar) => (
              <Words key={JSON.stringify(bar)}>{verdictWords.bar(bar)}</Words>
            ))}
          </Note>
        ) : (
          <Note title={planningWords.allDone.nothingStandsInTheWay}>
            {planningWords.allDone.itCanBeSigned}
          </Note>
        )}
      </Section>
    </Halves>
  );
}

/** Torques, fluid and parts of one end, a line each. */
function recordedAt(job: Job, end: End): string[] {
  const here = <T extends { end: End | null }>(all: readonly T[]) =>
    all.filter((each) => each.end === end);
  const torques = here(job.tightened).map(
    ({ fastener, setNm, wrench, flaws }) =>
      `${capital(words.fastener[fastener])}: ${words.format.torque(setNm)}, ${wrench.name}${flaws.length > 0 ? planningWords.allDone.notProven : ''}.`,
  );
  const fluid = here(job.filled).map(({ ml, fluid: name, label, lot, backMl }) =>
    planningWords.allDone.mlLot(Math.round((ml - backMl) * 10) / 10, name, label, lot),
  );
  const parts = here(job.taken).map(
    ({ pieces, description, batch }) =>
      `${pieces} × ${description}${batch ? planningWords.allDone.batch(batch) : ''}.`,
  );
  return [...torques, ...fluid, ...parts];
}

const endOf = (end: End | null) => (end ? words.end[end] : planningWords.allDone.wholeBike);

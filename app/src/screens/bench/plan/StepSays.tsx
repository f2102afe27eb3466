import { alignmentAsked, alignmentOf } from '@hold-fast/core/align/alignment';
import type { End } from '@hold-fast/core/ends';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import type { Job } from '@hold-fast/core/job/job';
import { answersOf, brakeAt, planOf } from '@hold-fast/core/job/visit';
import type { Plan, PlannedStep } from '@hold-fast/core/plan/planner';
import { needsTool } from '@hold-fast/core/plan/price';
import { unansweredFor } from '@hold-fast/core/plan/quote';

import { staysFor } from '@hold-fast/core/plan/stays';
import { cautionsOf } from '@hold-fast/core/procedure/cautions';
import { fastenedBy } from '@hold-fast/core/procedure/fastened';
import { stepRule, type StepId, type StepRule } from '@hold-fast/core/procedure/steps';
import { askedOf } from '@hold-fast/core/torque/fasteners';
import { StyleSheet, View } from 'react-native';
import { Note } from '../../../ui/Note';
import { space, type } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { planningWords } from '../../../words/planning';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { alignmentSays } from '../../alignmentSays';

/** What the step in hand is: what to do and why, to which torque and what to mind, all of it ahead of how and with what. */
export function StepSays({ job, next, plan }: { job: Job; next: PlannedStep; plan: Plan }) {
  const { step, end } = next;
  const says = planWords.step[step];
  const rule = step === 'wash-hands' ? null : stepRule(step);
  const window = step === 'wash-hands' || end === null ? null : torqueOf(job, step, end);
  const stays = staysFor(plan.steps, 0);
  const school = end === null ? [] : schoolOf(job, step, end);
  const cautions =
    step === 'wash-hands' || end === null
      ? []
      : cautionsOf(step, brakeAt(job, end), {
          family: job.identified[end]?.sheet.body.fluid?.fluid.family ?? null,
          motor: job.bike.motor,
        });
  const unasked = unansweredFor({ step, end }, planOf(job)?.procedures ?? null, answersOf(job));
  return (
    <>
      {next.moves ? (
        <Words kind="label" ink="brassText">
          {planWords.place[next.place]}
        </Words>
      ) : null}
      <Words kind="head" level={2} style={styles.does}>
        {says.does}
      </Words>
      <Words style={styles.why}>{says.why}</Words>
      {rule?.place === 'riding' && job.mayRide === null ? (
        <Note kind="caution" title={planningWords.stepFace.theCustomerWasNotAsked}>
          {planningWords.stepFace.mayWeRide}
        </Note>
      ) : null}
      {unasked ? (
        <Note kind="caution" title={planningWords.stepFace.theCustomerWasNotAsked}>
          {planningWords.stepFace.askFirstThenWriteThe(
            planWords.procedure[unasked.procedure],
            words.end[unasked.end],
          )}
        </Note>
      ) : null}
      {window ? (
        <View style={styles.number}>
          <Words kind="giant" style={window.says.length > 4 ? styles.range : undefined}>
            {window.says}
          </Words>
          <Words ink="soft">{`N·m, ${words.origin[window.origin]}`}</Words>
        </View>
      ) : null}
      {cautions.map((caution) => (
        <Note key={caution} kind="caution">
          {planWords.caution[caution]}
        </Note>
      ))}
      {stays.length > 1 ? (
        <Words ink="brassText">
          {planningWords.stepFace.forWorks(
            planWords.stays(step),
            stays.length,
            stays.map((each) => words.inSentence(planWords.step[each].does)).join('; '),
          )}
        </Words>
      ) : null}
      {school.map((says) => (
        <Words key={says} kind="strong">
          {says}
        </Words>
      ))}
      {rule ? <Words ink="soft">{withWhat(rule)}</Words> : null}
      {rule && rule.parts.length > 0 ? (
        <Words kind="strong">
          {planningWords.stepFace.new(
            words.format.list(rule.parts.map((part) => planWords.part[part])),
          )}
        </Words>
      ) : null}
    </>
  );
}

/** Tool and consumables of a step, in one line. */
function withWhat({ tool, consumables }: StepRule): string {
  const things = [
    ...(needsTool(tool) ? [planWords.tool[tool]] : []),
    ...consumables.map((item) => planWords.consumable[item]),
  ];
  return things.length > 0 ? planningWords.stepFace.with(words.format.list(things)) : '';
}

/** What is asked of the fastener that a step brings to its torque. */
function torqueOf(job: Job, step: StepId, end: End) {
  const [fastener] = fastenedBy(step, brakeAt(job, end));
  const row = fastener && askedOf(fastener, job.identified[end]?.sheet.body.torque ?? []);
  if (!row) return null;
  const { loNm, hiNm, namedNm, origin } = row.window;
  return {
    says:
      namedNm === null
        ? `${words.format.nm(loNm)}–${words.format.nm(hiNm)}`
        : words.format.nm(namedNm),
    origin,
  };
}

/** The school a step is done by here, with its reason; nothing where there is only one. */
function schoolOf(job: Job, step: StepId | 'wash-hands', end: End): string[] {
  if (step === 'align') {
    const asked = alignmentAsked(inspectEnd(job, end).items, job.rules.runoutBands.watchMm);
    return alignmentSays(alignmentOf(asked), asked.gaps);
  }
  if (step === 'exercise-pistons') {
    const sheet = job.identified[end]?.sheet.body.brake.pistonLubricant ?? null;
    return [
      planningWords.stepFace.onThePistonsBy(
        planWords.lubricant[sheet ?? job.rules.pistonLubricant],
        sheet ? planningWords.stepFace.theSheet : planningWords.stepFace.theShopsRule,
      ),
    ];
  }
  if (step === 'bed-in')
    return [planningWords.stepFace.byTheShopsRule(planWords.bedding[job.rules.beddingIn])];
  return [];
}

const styles = StyleSheet.create({
  does: { fontSize: type.step, lineHeight: type.step * 1.1 },
  why: { fontSize: type.title, lineHeight: type.title * 1.35 },
  range: { fontSize: type.step * 1.4, lineHeight: type.step * 1.6 },
  number: { flexDirection: 'row', alignItems: 'baseline', gap: space.s },
});

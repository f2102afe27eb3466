import type { Job } from '@hold-fast/core/job/job';
import { answersOf, brakeAt, visitOf } from '@hold-fast/core/job/visit';
import type { Plan, PlannedStep } from '@hold-fast/core/plan/planner';
import { staysFor } from '@hold-fast/core/plan/stays';
import { needsTool, ONE_RIDE } from '@hold-fast/core/plan/price';
import { unansweredFor } from '@hold-fast/core/plan/quote';
import { alignmentFor } from '@hold-fast/core/plan/schools';
import { doFault, skipFault, type Visit } from '@hold-fast/core/plan/visit';
import { fastenedBy } from '@hold-fast/core/procedure/fastened';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { askedOf } from '@hold-fast/core/torque/fasteners';
import type { End } from '@hold-fast/core/ends';
import { stepRule, type StepId, type StepRule } from '@hold-fast/core/procedure/steps';
import { router } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { foreseePlan, usePlan } from '../../../data/planner';
import { append, entryOf } from '../../../data/writes';
import { Button, Buttons } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Page } from '../../../ui/Page';
import { Empty, Loading } from '../../../ui/Standing';
import { color, size, space, type } from '../../../ui/tokens';
import { useAwake } from '../../../ui/useAwake';
import { useKeys } from '../../../ui/useKeys';
import { useSwipe } from '../../../ui/useSwipe';
import { useWide } from '../../../ui/useWide';
import { Words } from '../../../ui/Words';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { WithJob } from '../JobFrame';
import { HoldTimer } from '../measuring/HoldTimer';
import { capturesOf } from './capture';
import { AllDone } from './AllDone';
import { planningWords } from '../../../words/planning';

const HOLD_SECONDS = 60;

/** The step in hand: what to do, why, what to record, and one big action. It opens where the plan stands, on any device. */
export function StepFace({ jobId }: { jobId: string }) {
  return <WithJob jobId={jobId}>{(job) => <Standing job={job} />}</WithJob>;
}

function Standing({ job }: { job: Job }) {
  const visit = visitOf(job);
  const answer = usePlan(visit);
  useAwake(true);
  const plan = answer.isPlaceholderData ? null : (answer.data ?? null);
  if (visit.chosen === null)
    return (
      <Page tag={job.tag} title={planningWords.stepFace.theNextStep}>
        <Empty
          title={planningWords.stepFace.nothingIsPlannedYet}
          says={planningWords.stepFace.chooseWhatIsToBe}
          action={{
            says: planningWords.stepFace.planTheWork,
            onPress: () => router.navigate(`/bench/${job.id}/plan` as '/bench'),
          }}
        />
      </Page>
    );
  if (answer.data === undefined || answer.isPlaceholderData) return <Loading />;
  const next = plan?.steps[0] ?? null;
  if (plan && next)
    return (
      <Face
        key={`${job.stepped.length} ${next.step}`}
        count={visit.steps.length}
        job={job}
        visit={visit}
        next={next}
        left={plan.steps.length}
        minutesLeft={plan.minutes}
        plan={plan}
      />
    );
  return (
    <Page
      tag={job.tag}
      title={plan ? planningWords.stepFace.allOfItIsDone : planningWords.stepFace.noWayOnFromHere}
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={planningWords.stepFace.plan}
            onPress={() => router.navigate(`/bench/${job.id}/plan` as '/bench')}
          />
          <Button
            grow
            says={planningWords.stepFace.signOff}
            onPress={() => router.navigate(`/bench/${job.id}/sign-off`)}
          />
        </Buttons>
      }
    >
      <AllDone job={job} />
    </Page>
  );
}

interface FaceProps {
  job: Job;
  visit: Visit;
  next: PlannedStep;
  /** Steps that stand already. */
  count: number;
  left: number;
  minutesLeft: number;
  plan: Plan;
}

function Face({ job, visit, next, count, left, minutesLeft, plan }: FaceProps) {
  const { step, end } = next;
  const wide = useWide();
  const [leavingOut, setLeavingOut] = useState(false);
  const [reason, setReason] = useState('');
  const says = planWords.step[step];
  const rule = step === 'wash-hands' ? null : stepRule(step);
  const captures = step === 'wash-hands' || end === null ? [] : capturesOf(job, step, end);
  const window = step === 'wash-hands' || end === null ? null : torqueOf(job, step, end);
  const stays = staysFor(plan.steps, 0);
  const school = end === null ? null : schoolOf(job, step, end);
  const [held, setHeld] = useState(false);
  const holds = step === 'hard-pull' && !held;
  const fault = leavingOut ? skipFault(visit, step, end) : null;
  const together = oneRide(plan);
  const notYet = doFault(visit, step, end);
  const [tried, setTried] = useState(false);

  const record = (outcome: 'done' | 'skipped') => {
    let stands = visit;
    let after = job.stepped.at(-1)?.id ?? null;
    for (const each of outcome === 'done' ? together : [next]) {
      const ahead: Visit = {
        ...stands,
        steps: [...stands.steps, { step: each.step, end: each.end, outcome }],
      };
      if (outcome === 'done') foreseePlan(stands, ahead);
      const entry = entryOf<'plan-step'>({
        kind: 'plan-step',
        step: each.step,
        end: each.end,
        outcome,
        reason: outcome === 'skipped' ? reason.trim() : '',
        after,
      });
      append(job.id, entry);
      stands = ahead;
      after = entry.id;
    }
  };
  const done = () => {
    if (holds || leavingOut) return;
    if (notYet) setTried(true);
    else record('done');
  };
  const before = visit.steps.at(-1) ?? null;
  const takeBack = () => {
    if (before)
      append(
        job.id,
        entryOf<'plan-step'>({
          kind: 'plan-step',
          step: before.step,
          end: before.end,
          outcome: 'taken-back',
          reason: '',
          after: job.stepped.at(-1)?.id ?? null,
        }),
      );
  };
  const toPlan = () => router.navigate(`/bench/${job.id}/plan` as '/bench');
  const swipe = useSwipe({ left: done, right: takeBack });
  const unasked = unansweredFor(
    { step, end },
    job.planned.at(-1)?.procedures ?? null,
    answersOf(job),
  );
  const isDone = { says: words.keys.stepDone, act: done };
  useKeys({
    Enter: isDone,
    ' ': isDone,
    ArrowRight: isDone,
    ArrowLeft: { says: words.keys.stepBack, act: takeBack },
  });

  const total = count + left;
  const soon = plan.steps.slice(together.length);
  return (
    <Page
      fixed
      tag={job.tag}
      over={planningWords.stepFace.stepOf(
        together.length > 1
          ? planningWords.stepFace.bothBrakes
          : end
            ? planningWords.stepFace.brake(words.end[end])
            : planningWords.stepFace.wholeBike,
        count + 1,
        total,
      )}
      title={job.bike.name}
      aside={<Button kind="quiet" says={planningWords.stepFace.plan} onPress={toPlan} />}
      under={
        <View
          style={styles.progress}
          role="progressbar"
          aria-valuenow={count}
          aria-valuemax={total}
        >
          <View style={[styles.done, { flex: count }]} />
          <View style={{ flex: left }} />
        </View>
      }
      foot={
        leavingOut ? null : (
          <>
            <Buttons>
              <Button
                kind="plain"
                says={planningWords.stepFace.leaveOut}
                onPress={() => setLeavingOut(true)}
              />
              {holds ? null : <Button grow says={planningWords.stepFace.done} onPress={done} />}
            </Buttons>
          </>
        )
      }
    >
      <View style={styles.work}>
        <ScrollView
          style={styles.scroll}
          contentContainerStyle={styles.face}
          tabIndex={0}
          {...swipe}
        >
          {next.moves ? (
            <Words kind="label" ink="brassText">
              {planWords.place[next.place]}
            </Words>
          ) : null}
          <Words kind="head" level={2} style={styles.does}>
            {says.does}
          </Words>
          <Words style={styles.why}>{says.why}</Words>
          {stays.length > 1 ? (
            <Words ink="brassText">
              {planningWords.stepFace.forWorks(
                planWords.stays(step),
                stays.length,
                stays.map((each) => words.inSentence(planWords.step[each].does)).join('; '),
              )}
            </Words>
          ) : null}
          {school ? <Words kind="strong">{school}</Words> : null}
          {unasked ? (
            <Note kind="caution" title={planningWords.stepFace.theCustomerWasNotAsked}>
              {planningWords.stepFace.askFirstThenWriteThe(
                planWords.procedure[unasked.procedure],
                words.end[unasked.end],
              )}
            </Note>
          ) : null}
          {rule ? <Words ink="soft">{withWhat(rule)}</Words> : null}
          {window ? (
            <View style={styles.number}>
              <Words kind="giant" style={window.says.length > 4 ? styles.range : undefined}>
                {window.says}
              </Words>
              <Words ink="soft">{`N·m, ${words.origin[window.origin]}`}</Words>
            </View>
          ) : null}
          {rule?.cautions?.map((caution) => (
            <Note key={caution} kind="caution">
              {planWords.caution[caution]}
            </Note>
          ))}
          {rule?.parts ? (
            <Words kind="strong">
              {planningWords.stepFace.new(
                words.format.list(rule.parts.map((part) => planWords.part[part])),
              )}
            </Words>
          ) : null}
          {tried && notYet ? (
            <Note kind="refusal" title={planningWords.stepFace.notYet}>
              {planWords.fault(notYet)}
            </Note>
          ) : null}
          {captures.map((capture) => (
            <View key={capture.to} style={styles.capture}>
              <Words ink="soft">
                {capture.recorded ?? planningWords.stepFace.nothingRecordedForThisStep}
              </Words>
              <Button
                kind="plain"
                says={capture.says}
                onPress={() => router.navigate(`/bench/${job.id}/${end}/${capture.to}` as '/bench')}
              />
            </View>
          ))}
          {end !== null && DEVIATES.includes(step) ? (
            <Button
              kind="quiet"
              says={planningWords.stepFace.notAsTheMakerMeant}
              onPress={() => router.navigate(`/bench/${job.id}/${end}/deviation` as '/bench')}
            />
          ) : null}
          {holds ? (
            <HoldTimer
              name={`${job.id} ${step} ${end}`}
              seconds={HOLD_SECONDS}
              onHeld={() => setHeld(true)}
            />
          ) : null}
          {leavingOut ? (
            fault ? (
              <Note kind="refusal" title={planningWords.stepFace.itCannotBeLeftOut}>
                <Words>{planWords.fault(fault)}</Words>
                <Button
                  kind="quiet"
                  says={planningWords.stepFace.backToTheStep}
                  onPress={() => setLeavingOut(false)}
                />
              </Note>
            ) : (
              <View style={styles.capture}>
                <Field
                  label={planningWords.stepFace.whyItIsLeftOut}
                  value={reason}
                  maxLength={200}
                  onChangeText={setReason}
                  autoFocus
                />
                <Buttons>
                  <Button
                    kind="plain"
                    says={planningWords.stepFace.back}
                    onPress={() => setLeavingOut(false)}
                  />
                  <Button
                    grow
                    says={planningWords.stepFace.leaveItOut}
                    disabled={reason.trim() === ''}
                    onPress={() => record('skipped')}
                  />
                </Buttons>
              </View>
            )
          ) : null}
          <View style={styles.room} />
          {wide ? null : <ComingUp steps={soon.slice(0, SOON)} minutesLeft={minutesLeft} />}
          {before ? (
            <Button
              kind="quiet"
              says={planningWords.stepFace.takeBack(
                words.inSentence(planWords.step[before.step].does),
              )}
              onPress={takeBack}
            />
          ) : null}
        </ScrollView>
        {wide ? (
          <ScrollView style={styles.ahead} contentContainerStyle={styles.face} tabIndex={0}>
            <ComingUp steps={soon} minutesLeft={minutesLeft} />
          </ScrollView>
        ) : null}
      </View>
    </Page>
  );
}

const SOON = 4;

/** The next steps in small, so that the hand knows what to reach for. */
function ComingUp({ steps, minutesLeft }: { steps: readonly PlannedStep[]; minutesLeft: number }) {
  return (
    <View style={styles.soon}>
      <Words kind="label">{planningWords.stepFace.thenAboutMinLeft(Math.round(minutesLeft))}</Words>
      {steps.map(({ step, end }, i) => (
        <View key={`${i} ${step}`} style={styles.soonStep}>
          <Words style={styles.soonDoes} ink={i === 0 ? 'ink' : 'soft'}>
            {planWords.step[step].does}
          </Words>
          <Words kind="small">{end ? words.end[end] : ''}</Words>
        </View>
      ))}
    </View>
  );
}

/** Tool and consumables of a step, in one line. */
function withWhat({ tool, consumables = [] }: StepRule): string {
  const things = [
    ...(needsTool(tool) ? [planWords.tool[tool]] : []),
    ...consumables.map((item) => planWords.consumable[item]),
  ];
  return things.length > 0 ? planningWords.stepFace.with(words.format.list(things)) : '';
}

/** The step in hand, with the other end’s where one ride of the bike does for both. */
function oneRide({ steps }: Plan): PlannedStep[] {
  const [first, second] = steps;
  if (!first) return [];
  const both =
    first.step !== 'wash-hands' && ONE_RIDE.includes(first.step) && second?.step === first.step;
  return both ? [first, second] : [first];
}

/** What is asked of the fastener that a step brings to its torque. */
function torqueOf(job: Job, step: StepId, end: End) {
  const fastener = fastenedBy(step, brakeAt(job, end));
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

/** The school a step is done by here, with its reason; null where there is only one. */
function schoolOf(job: Job, step: StepId | 'wash-hands', end: End): string | null {
  if (step === 'align') {
    const { way, why } = alignmentFor(inspectEnd(job, end).items, job.rules.runoutBands.watchMm);
    return planningWords.stepFace.chosenBecause(
      planWords.alignment[way],
      planWords.alignmentWhy[why],
    );
  }
  if (step === 'exercise-pistons') {
    const sheet = job.identified[end]?.sheet.body.brake.pistonLubricant ?? null;
    return planningWords.stepFace.onThePistonsBy(
      planWords.lubricant[sheet ?? job.rules.pistonLubricant],
      sheet ? planningWords.stepFace.theSheet : planningWords.stepFace.theShopsRule,
    );
  }
  if (step === 'bed-in')
    return planningWords.stepFace.byTheShopsRule(planWords.bedding[job.rules.beddingIn]);
  return null;
}

/** Steps at which something wrong by make comes to light. */
const DEVIATES: readonly (StepId | 'wash-hands')[] = [
  'dress-mount',
  'adapter-on',
  'caliper-on',
  'align',
  'radial-check',
];

const styles = StyleSheet.create({
  progress: { flexDirection: 'row', height: size.heavyLine, backgroundColor: color.hairline },
  done: { backgroundColor: color.brass },
  work: { flex: 1, minHeight: 0, flexDirection: 'row' },
  scroll: { flex: 3 },
  ahead: { flex: 2, borderLeftWidth: size.line, borderColor: color.hairline },
  face: { flexGrow: 1, padding: space.l, gap: space.m },
  does: { fontSize: type.step, lineHeight: type.step * 1.1 },
  why: { fontSize: type.title, lineHeight: type.title * 1.35 },
  range: { fontSize: type.step * 1.4, lineHeight: type.step * 1.6 },
  number: { flexDirection: 'row', alignItems: 'baseline', gap: space.s },
  capture: { gap: space.s },
  room: { flex: 1 },
  soon: {
    borderTopWidth: size.line,
    borderColor: color.hairline,
    paddingTop: space.m,
    gap: space.xs,
  },
  soonStep: { flexDirection: 'row', gap: space.m },
  soonDoes: { flex: 1, minWidth: 0 },
});

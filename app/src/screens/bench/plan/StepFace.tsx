import { endSays } from '../../bikes/thirdBrake';
import type { Job } from '@hold-fast/core/job/job';
import { planOf, visitOf } from '@hold-fast/core/job/visit';
import type { Plan, PlannedStep } from '@hold-fast/core/plan/planner';
import { ONE_RIDE } from '@hold-fast/core/plan/price';
import { doRefusal } from '@hold-fast/core/job/planStep';
import { skipFault, type Visit } from '@hold-fast/core/plan/visit';
import { router } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { usePlan } from '../../../data/planner';
import { Button, Buttons } from '../../../ui/Button';
import { Page } from '../../../ui/Page';
import { Empty, Loading } from '../../../ui/Standing';
import { color, size, space } from '../../../ui/tokens';
import { useAwake } from '../../../ui/useAwake';
import { useKeys } from '../../../ui/useKeys';
import { useSwipe } from '../../../ui/useSwipe';
import { useWide } from '../../../ui/useWide';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { WithJob } from '../JobFrame';
import { HoldTimer } from '../measuring/HoldTimer';
import { ComingUp } from './ComingUp';
import { LeaveOut } from './LeaveOut';
import { NotYet } from './NotYet';
import { StepFigure } from './StepFigure';
import { StepRecords } from './StepRecords';
import { StepSays } from './StepSays';
import { useStep } from './useStep';
import { AllDone } from './AllDone';
import { planningWords } from '../../../words/planning';
import { atJob } from '../../routes';

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
            onPress: () => router.navigate(atJob(job.id, 'plan')),
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
  const anew = (planOf(job)?.fell ?? []).length > 0;
  const toSign = { says: planningWords.stepFace.signOff, to: 'sign-off' } as const;
  const [aside, on] = anew
    ? [toSign, { says: planningWords.stepFace.planTheWork, to: 'plan' } as const]
    : [{ says: planningWords.stepFace.plan, to: 'plan' } as const, toSign];
  return (
    <Page
      tag={job.tag}
      title={
        plan === null
          ? planningWords.stepFace.noWayOnFromHere
          : anew
            ? planningWords.stepFace.planAnew
            : planningWords.stepFace.allOfItIsDone
      }
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={aside.says}
            onPress={() => router.navigate(atJob(job.id, aside.to))}
          />
          <Button grow says={on.says} onPress={() => router.navigate(atJob(job.id, on.to))} />
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
  const [held, setHeld] = useState(false);
  const holds = step === 'hard-pull' && !held;
  const together = oneRide(plan);
  const notYet = doRefusal(job, step, end);
  const { record, takeBack, before } = useStep(job, visit, together);
  const [tried, setTried] = useState(false);

  const done = () => {
    if (holds || leavingOut) return;
    if (notYet) setTried(true);
    else record('done');
  };
  const toPlan = () => router.navigate(atJob(job.id, 'plan'));
  const swipe = useSwipe({ left: done, right: takeBack });
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
            ? planningWords.stepFace.brake(endSays(job.bike, end))
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
            {tried && notYet ? <NotYet jobId={job.id} why={notYet} /> : null}
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
          <StepFigure job={job} visit={visit} next={next} counts={holds} />
          <StepSays job={job} next={next} plan={plan} />
          {step === 'wash-hands' || end === null ? null : (
            <StepRecords job={job} step={step} end={end} />
          )}
          {holds ? (
            <HoldTimer
              name={`${job.id} ${step} ${end}`}
              seconds={HOLD_SECONDS}
              onHeld={() => setHeld(true)}
            />
          ) : null}
          {leavingOut ? (
            <LeaveOut
              fault={skipFault(visit, step, end)}
              onStay={() => setLeavingOut(false)}
              onLeave={(reason) => record('skipped', reason)}
            />
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

/** The step in hand, with the other end’s where one ride of the bike does for both. */
function oneRide({ steps }: Plan): PlannedStep[] {
  const [first, second] = steps;
  if (!first) return [];
  const both =
    first.step !== 'wash-hands' && ONE_RIDE.includes(first.step) && second?.step === first.step;
  return both ? [first, second] : [first];
}

const styles = StyleSheet.create({
  progress: { flexDirection: 'row', height: size.heavyLine, backgroundColor: color.hairline },
  done: { backgroundColor: color.brass },
  work: { flex: 1, minHeight: 0, flexDirection: 'row' },
  scroll: { flex: 3 },
  ahead: { flex: 2, borderLeftWidth: size.line, borderColor: color.hairline },
  face: { flexGrow: 1, padding: space.l, gap: space.m },
  room: { flex: 1 },
});

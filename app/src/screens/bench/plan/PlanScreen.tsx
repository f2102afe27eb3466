import { axleOf, discsOf, hasDisc } from '@hold-fast/core/kit/brakes';
import type { Job } from '@hold-fast/core/job/job';
import { brakesOf, planOf, visitOf } from '@hold-fast/core/job/visit';
import { isFilledOver } from '@hold-fast/core/job/planChoice';
import { recommendedAt } from '@hold-fast/core/job/recommended';
import { bleedFor } from '@hold-fast/core/plan/recommended';
import { doneWith, type Visit } from '@hold-fast/core/plan/visit';
import { procedureRule, type ProcedureId } from '@hold-fast/core/procedure/procedures';
import { atEachEnd, ENDS, otherEnd, type End } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { useState } from 'react';
import { useNaivePlan, usePlan } from '../../../data/planner';
import { append, entryOf } from '../../../data/jobWrites';
import { Button, Buttons } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Halves } from '../../../ui/Halves';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { exactDay } from '../../../words/days';
import { WithJob } from '../JobFrame';
import { EndChoice } from './EndChoice';
import { PlanList } from './PlanList';
import { Quote } from './Quote';
import { planningWords } from '../../../words/planning';
import { words } from '../../../words/words';
import { atJob } from '../../routes';

type Procedures = Record<End, ProcedureId[]>;
type Again = { end: End; procedure: ProcedureId }[];

/** The choice of one end; what is done at both or not at all goes with it. */
function chosenAt(procedures: Procedures, end: End, chosen: ProcedureId[]): Procedures {
  const other = otherEnd(end);
  if (!other) return { ...procedures, [end]: chosen };
  const there = procedures[other].filter((id) => !procedureRule(id).bothEnds);
  const both = chosen.filter((id) => procedureRule(id).bothEnds);
  return { ...procedures, [end]: chosen, [other]: [...there, ...both] };
}

/** What is to be done at each end, and the one list of steps it comes to. */
export function PlanScreen({ jobId }: { jobId: string }) {
  return (
    <WithJob jobId={jobId}>{(job) => <Planning key={job.planned.length} job={job} />}</WithJob>
  );
}

/** What is planned at an end; null where nothing is, or its work fell with the kind of its brake. */
function stillPlanned(plan: ReturnType<typeof planOf>, end: End): ProcedureId[] | null {
  return plan && !plan.fell.some((each) => each.end === end) ? plan.procedures[end] : null;
}

function Planning({ job }: { job: Job }) {
  const standing = planOf(job);
  const bleedOf = (end: End) =>
    bleedFor(axleOf(job.bike, end), job.identified[end]?.sheet.body.brake.port ?? '');
  const recommended = (end: End) =>
    hasDisc(job.bike, end) ? recommendedAt(job, end, bleedOf(end).way) : [];
  const [procedures, setProcedures] = useState<Procedures>(() =>
    atEachEnd((end) => stillPlanned(standing, end) ?? recommended(end)),
  );
  const [bleed, setBleed] = useState(() => standing?.bleed ?? atEachEnd((end) => bleedOf(end).way));
  const [again, setAgain] = useState<Again>([]);
  const [agreed, setAgreed] = useState<'agreed' | 'not-asked'>('not-asked');
  const [saying, setSaying] = useState('');

  const none = ENDS.every((end) => procedures[end].length === 0);
  const stands = visitOf(job);
  const visit: Visit = {
    ...stands,
    chosen: none ? null : { procedures, bleed, brakes: brakesOf(job) },
    again: [...stands.again, ...again.map((each) => ({ ...each, after: stands.steps.length }))],
  };
  const answer = usePlan(visit);
  const plan = answer.data ?? null;
  const naive = useNaivePlan(job.stepped.length === 0 ? visit.chosen : null);
  const same =
    standing !== null &&
    standing.fell.length === 0 &&
    again.length === 0 &&
    JSON.stringify([standing.procedures, standing.bleed]) === JSON.stringify([procedures, bleed]);
  const filledOver = ENDS.some((end) => isFilledOver(job, end, procedures[end], bleed[end]));
  const impossible =
    !none && answer.data !== undefined && !answer.isPlaceholderData && plan === null;

  const lay = () => {
    append(
      job.id,
      entryOf<'plan-choice'>({
        kind: 'plan-choice',
        procedures,
        bleed,
        again: again.filter(({ end, procedure }) => procedures[end].includes(procedure)),
        agreed,
        words: saying.trim(),
      }),
    );
    router.navigate(atJob(job.id, 'step'));
  };
  return (
    <Page
      tag={job.tag}
      over={`${job.customer.name} · ${job.bike.name}`}
      title={planningWords.planScreen.planTheWork}
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={planningWords.planScreen.job}
            onPress={() => router.navigate(atJob(job.id))}
          />
          {same ? (
            <Button
              grow
              says={
                job.stepped.length > 0
                  ? planningWords.planScreen.goOnWithIt
                  : planningWords.planScreen.toTheFirstStep
              }
              onPress={() => router.navigate(atJob(job.id, 'step'))}
            />
          ) : (
            <Button
              grow
              says={
                standing
                  ? planningWords.planScreen.changeThePlan
                  : planningWords.planScreen.thisIsThePlan
              }
              disabled={none || plan === null || filledOver}
              onPress={lay}
            />
          )}
        </Buttons>
      }
    >
      <Halves>
        <>
          {discsOf(job.bike).map((end) => (
            <EndChoice
              key={end}
              end={end}
              job={job}
              chosen={procedures[end]}
              recommended={recommended(end)}
              onChoose={(chosen) => setProcedures(chosenAt(procedures, end, chosen))}
              bleed={bleed[end]}
              why={bleedOf(end).why}
              onBleed={(way) => setBleed({ ...bleed, [end]: way })}
              over={doneWith(stands, end)}
              again={again.flatMap((each) => (each.end === end ? [each.procedure] : []))}
              onAgain={(procedure) =>
                setAgain(
                  again.some((each) => each.end === end && each.procedure === procedure)
                    ? again.filter((each) => each.end !== end || each.procedure !== procedure)
                    : [...again, { end, procedure }],
                )
              }
            />
          ))}
          <Customer
            standing={standing}
            asked={!same}
            agreed={agreed}
            saying={saying}
            onAgreed={setAgreed}
            onSaying={setSaying}
          />
          {same ? <Quote job={job} /> : null}
        </>
        <>
          {none ? (
            <Section>
              <Words ink="soft">{planningWords.planScreen.chooseWhatIsToBe}</Words>
            </Section>
          ) : answer.error ? (
            <Section>
              <Note kind="refusal" title={planningWords.planScreen.thePlanCouldNotBe}>
                <Words>{answer.error.message}</Words>
              </Note>
            </Section>
          ) : impossible ? (
            <Section>
              <Note kind="refusal" title={planningWords.planScreen.noWayToDoThis}>
                <Words>{planningWords.planScreen.whatWasChosenUndoesItself}</Words>
              </Note>
            </Section>
          ) : plan ? (
            <PlanList job={job} plan={plan} naive={naive.data ?? null} />
          ) : null}
        </>
      </Halves>
    </Page>
  );
}

interface CustomerProps {
  standing: Job['planned'][number] | null;
  /** The plan is a new one, or changed: the customer is asked again. */
  asked: boolean;
  agreed: Job['planned'][number]['agreed'];
  saying: string;
  onAgreed: (agreed: Job['planned'][number]['agreed']) => void;
  onSaying: (words: string) => void;
}

/** What the customer said to the plan. */
function Customer({ standing, asked, agreed, saying, onAgreed, onSaying }: CustomerProps) {
  return (
    <Section label={planningWords.planScreen.theCustomer}>
      {standing ? (
        <Words ink="soft">
          {planningWords.planScreen.laidDownByAChange(
            standing.by || planningWords.planScreen.you,
            exactDay(standing.at),
            AGREED[standing.agreed],
            standing.words ? `, ${words.quoted(standing.words)}` : '',
          )}
        </Words>
      ) : null}
      {asked ? (
        <>
          <Choice
            label={planningWords.planScreen.whatTheCustomerSaid}
            options={[
              { value: 'agreed', says: planningWords.planScreen.agreedToAllOfIt },
              { value: 'not-asked', says: planningWords.planScreen.notAskedYet },
            ]}
            chosen={[agreed]}
            onChoose={onAgreed}
          />
          <Field
            label={planningWords.planScreen.theCustomersWords}
            value={saying}
            maxLength={300}
            onChangeText={onSaying}
          />
        </>
      ) : null}
    </Section>
  );
}

const AGREED = {
  agreed: planningWords.planScreen.agreedTo,
  'not-asked': planningWords.planScreen.theCustomerWasNotAsked,
} as const;

import {
  CASE_IDS,
  caseNamed,
  type CaseId,
  type PracticeCase as Case,
} from '@hold-fast/core/practice/cases';
import { minutesOf, type PracticeRun } from '@hold-fast/core/practice/debrief';
import { WORKS } from '@hold-fast/core/inspection/work';
import { isFor } from '@hold-fast/core/kit/traits';
import { CAUSE_IDS, causeRule } from '@hold-fast/core/trouble/causes';
import { router, useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { usePractice } from './usePractice';
import { Button, Buttons } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { practiceWords } from '../../words/practice';
import { troubleWords } from '../../words/trouble';
import { words } from '../../words/words';
import { NoSuchPage } from '../NoSuchPage';
import { signsSay } from '../trouble/signSays';
import { Debriefing } from './Debriefing';
import { LookAtIt } from './LookAtIt';
import { PracticeBand } from './PracticeBand';

/** The order of it: each question by itself. */
const STAGES = ['look', 'name', 'plan', 'end'] as const;
type Stage = (typeof STAGES)[number];

/** One practice brake, from the complaint to the truth. */
export function PracticeCase({ name }: { name: string }) {
  const of = useMemo(() => caseNamed(name), [name]);
  if (!of)
    return (
      <NoSuchPage
        says={practiceWords.noSuchCase}
        back={practiceWords.allCases}
        to="/reckoner/practice"
      />
    );
  return <Brake key={name} name={name} of={of} />;
}

function Brake({ name, of }: { name: string; of: Case }) {
  const { run, act, restart } = usePractice(name);
  const { at } = useLocalSearchParams<{ at?: string }>();
  const stage = STAGES.find((each) => each === at) ?? 'look';
  const go = (to: Stage) => {
    act();
    router.setParams({ at: to });
  };
  const end = (ended: 'signed' | 'held-back') => act({ ended });
  const told = tellOf(name, of);
  return (
    <Page
      key={run.ended ? 'truth' : stage}
      over={practiceWords.title}
      title={told.title}
      aside={
        <Button
          kind="quiet"
          says={practiceWords.allCases}
          onPress={() => router.navigate('/reckoner/practice')}
        />
      }
      under={<PracticeBand />}
      foot={
        run.ended ? (
          <Buttons>
            <Button
              kind="plain"
              says={practiceWords.again}
              onPress={() => {
                restart();
                router.setParams({ at: 'look' });
              }}
            />
            <Button
              grow
              says={practiceWords.allCases}
              onPress={() => router.navigate('/reckoner/practice')}
            />
          </Buttons>
        ) : (
          <Foot stage={stage} run={run} go={go} end={end} />
        )
      }
    >
      {run.ended ? (
        <Debriefing of={of} run={run} />
      ) : (
        <>
          <Section label={practiceWords.theySay}>
            <Words kind="title">{told.says}</Words>
            <Words ink="soft">
              {practiceWords.brakeKind[of.actuation === 'cable' ? 'cable' : 'hydraulic']}
              {' · '}
              {practiceWords.spent(minutesOf(run.checks), run.taps)}
            </Words>
          </Section>
          {stage === 'look' ? <LookAtIt of={of} run={run} act={act} /> : null}
          {stage === 'name' ? <NameIt of={of} run={run} act={act} /> : null}
          {stage === 'plan' ? <PlanIt run={run} act={act} /> : null}
          {stage === 'end' ? (
            <Section label={practiceWords.endIt}>
              <Words kind="strong">
                {run.works.length > 0
                  ? capital(words.format.list(run.works.map((work) => words.work[work])))
                  : practiceWords.nothingToDo}
              </Words>
              <Words ink="soft">{practiceWords.endHint}</Words>
            </Section>
          ) : null}
        </>
      )}
    </Page>
  );
}

/** What it is called and what its rider says. */
function tellOf(name: string, of: Case): { title: string; says: string } {
  if ((CASE_IDS as readonly string[]).includes(name)) return practiceWords.case[name as CaseId];
  return {
    title: practiceWords.drawnTitle(of.seed),
    says: practiceWords.drawnSays(signsSay(of.complaint)),
  };
}

interface FootProps {
  stage: Stage;
  run: PracticeRun;
  go: (to: Stage) => void;
  end: (how: 'signed' | 'held-back') => void;
}

/** One action on, and one back. Nothing is compulsory: a hurried mechanic can sign with nothing looked at, and is told so after. */
function Foot({ stage, go, end }: FootProps) {
  if (stage === 'end')
    return (
      <>
        <Button says={practiceWords.sign} onPress={() => end('signed')} />
        <Buttons>
          <Button kind="plain" says={practiceWords.back} onPress={() => go('look')} />
          <Button
            grow
            kind="plain"
            says={practiceWords.holdBack}
            onPress={() => end('held-back')}
          />
        </Buttons>
      </>
    );
  const next = STAGES[STAGES.indexOf(stage) + 1] as Exclude<Stage, 'look'>;
  return (
    <Buttons>
      {stage === 'look' ? null : (
        <Button kind="plain" says={practiceWords.back} onPress={() => go('look')} />
      )}
      <Button grow says={practiceWords.on[next]} onPress={() => go(next)} />
    </Buttons>
  );
}

interface StageProps {
  run: PracticeRun;
  act: (change: Partial<Omit<PracticeRun, 'taps'>>) => void;
}

const toggled = <T,>(all: readonly T[], chosen: readonly T[], one: T): T[] =>
  all.filter((each) => chosen.includes(each) !== (each === one));

function NameIt({ of, run, act }: StageProps & { of: Case }) {
  const possible = CAUSE_IDS.filter((cause) =>
    isFor(causeRule(cause).on, { actuation: of.actuation, banjo: false }),
  );
  return (
    <Section label={practiceWords.nameIt}>
      <Words ink="soft">{practiceWords.nameHint}</Words>
      <Choice
        label={practiceWords.nameIt}
        options={possible.map((value) => ({ value, says: troubleWords.cause[value] }))}
        chosen={run.named}
        onChoose={(cause) => act({ named: toggled(possible, run.named, cause) })}
        many
      />
    </Section>
  );
}

function PlanIt({ run, act }: StageProps) {
  return (
    <Section label={practiceWords.planIt}>
      <Words ink="soft">{practiceWords.planHint}</Words>
      <Choice
        label={practiceWords.planIt}
        options={WORKS.map((value) => ({ value, says: capital(words.work[value]) }))}
        chosen={run.works}
        onChoose={(work) => act({ works: toggled(WORKS, run.works, work) })}
        many
      />
    </Section>
  );
}

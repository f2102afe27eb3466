import type { Job } from '@hold-fast/core/job/job';
import type { Person } from '@hold-fast/contract/people';
import { workedAt } from '@hold-fast/core/job/visit';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import { asksWords, standingTest, standTest } from '@hold-fast/core/evidence/trials';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { ENDS, type End } from '@hold-fast/core/ends';
import { type Bar } from '@hold-fast/core/procedure/signOff';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { ProblemError } from '../../data/api';
import { append, entryOf, useSignOff } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { words } from '../../words/words';
import { WithJob } from './JobFrame';
import { OpenBar, OpenChecks } from './OpenBars';
import { Sealed } from './Sealed';
import { YesNo } from './YesNo';

/** The last look, and the signature that seals the job. */
export function SignOff({ jobId, person }: { jobId: string; person: Person }) {
  return (
    <WithJob jobId={jobId}>
      {(job) =>
        job.sealed ? <Sealed job={job} person={person} /> : <Open job={job} person={person} />
      }
    </WithJob>
  );
}

function Open({ job, person }: { job: Job; person: Person }) {
  const [pin, setPin] = useState('');
  const [told, setTold] = useState(false);
  const [tried, setTried] = useState(false);
  const signOff = useSignOff(job.id);
  const problem = signOff.error instanceof ProblemError ? signOff.error : null;
  const refusedBars =
    problem?.kind === 'sign-off-refused' ? (problem.problem.facts?.bars as Bar[]) : [];
  const ends = ENDS.map((end) => ({ end, ...inspectEnd(job, end) }));
  const watched = ends.flatMap(({ items }) => items.filter(({ word }) => word === 'watch'));
  const notInspected = ends.map(
    ({ end, notInspected: missed }) =>
      `${words.end[end]} ${words.format.list(missed.map((subject) => words.subject[subject]))}`,
  );

  const sign = () => {
    setTried(true);
    if (/^\d{4,8}$/.test(pin)) signOff.mutate({ pin, customerToldOfWatch: told });
  };
  const untold = told ? [] : refusedBars.filter(({ code }) => code === 'watch-untold');
  const shown = [...job.bars, ...untold];
  return (
    <Page
      tag={job.tag}
      over={`${job.customer.name} · ${job.bike.name}`}
      title="Sign off"
      aside={<Button kind="quiet" says="Job" onPress={() => router.navigate(`/bench/${job.id}`)} />}
      foot={
        <View style={styles.sign}>
          <View style={styles.pin}>
            <Field
              label={`PIN of ${person.name}`}
              value={pin}
              onChangeText={setPin}
              secureTextEntry
              inputMode="numeric"
              maxLength={8}
              autoComplete="off"
              onSubmitEditing={sign}
              error={
                problem?.kind === 'wrong-pin'
                  ? 'That is not your PIN.'
                  : tried && !/^\d{4,8}$/.test(pin)
                    ? 'Your PIN: 4 to 8 digits.'
                    : undefined
              }
            />
          </View>
          <View style={styles.seal}>
            <Button says="Sign and seal" onPress={sign} busy={signOff.isPending} />
          </View>
        </View>
      }
    >
      {signOff.error && problem?.kind !== 'wrong-pin' ? (
        <Note kind="refusal" title={signOff.error.message}>
          {refusedBars.length > 0 ? 'What is open stands below.' : undefined}
        </Note>
      ) : null}
      <Halves>
        <>
          <Section label="Hand-over tests">
            <TestChoice job={job} test="lever-side" end={null} says={leverSays(job)} />
            <TestChoice
              job={job}
              test="lever-feel"
              end="front"
              says={'Front lever firm, holds 60\u00a0s'}
            />
            <TestChoice
              job={job}
              test="lever-feel"
              end="rear"
              says={'Rear lever firm, holds 60\u00a0s'}
            />
            {ENDS.filter((end) => workedAt(job, end).length > 0).map((end) => (
              <TestChoice
                key={end}
                job={job}
                test="stand"
                end={end}
                says={`${capital(words.end[end])} on the stand: turns free, nothing touches`}
              />
            ))}
            {job.bike.motor ? (
              <TestChoice job={job} test="cut-off" end={null} says="Each lever cuts the motor" />
            ) : null}
          </Section>
          {watched.length > 0 ? (
            <Section label="Near the limit">
              <Choice
                label="Near the limit"
                many
                options={[
                  {
                    value: true,
                    says: `The customer was told: ${watched.map(({ end, subject }) => `${words.end[end]} ${words.subject[subject]}`).join(', ')}`,
                  },
                ]}
                chosen={told ? [true] : []}
                onChoose={() => setTold(!told)}
              />
            </Section>
          ) : null}
        </>
        <>
          {shown.length > 0 ? (
            <Section label="Still open">
              {shown.map((bar) =>
                bar.code === 'check-open' ? null : (
                  <OpenBar key={JSON.stringify(bar)} job={job} bar={bar} person={person} />
                ),
              )}
              {ENDS.map((end) => (
                <OpenChecks key={end} job={job} end={end} bars={shown} />
              ))}
            </Section>
          ) : (
            <Section>
              <Note title="Nothing stands in the way">Your PIN seals the record.</Note>
            </Section>
          )}
          {notInspected.length > 0 ? (
            <Section label="Not inspected">
              <Words ink="soft">{`${capital(notInspected.join('; '))}. The record says so; it is neither good nor bad.`}</Words>
            </Section>
          ) : null}
          <Section>
            <Words kind="small">
              Stand test before any ride; then soft and hard pulls in a safe place. Bed in new pads
              or rotors. Local law on brakes and motors comes first.
            </Words>
          </Section>
        </>
      </Halves>
    </Page>
  );
}

function leverSays(job: Job): string {
  return job.frontLever
    ? `Rider confirms: ${job.frontLever} lever works the front`
    : 'Which lever works the front is not written down: change the job first';
}

function TestChoice({
  job,
  test,
  end,
  says,
}: {
  job: Job;
  test: EntryOf<'test'>['test'];
  end: End | null;
  says: string;
}) {
  const standing = test === 'stand' ? end && standTest(job, end) : standingTest(job, test, end);
  return (
    <YesNo
      says={says}
      chosen={standing ? standing.outcome : null}
      asksWords={test !== 'lever-feel' && asksWords(job, test, end)}
      onSay={(outcome, done) =>
        append(job.id, entryOf<'test'>({ kind: 'test', test, end, outcome, words: done }))
      }
    />
  );
}

const styles = StyleSheet.create({
  sign: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
  pin: { flex: 1 },
  seal: { paddingTop: space.l + space.xs },
});

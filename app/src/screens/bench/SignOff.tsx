import type { Job } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import { inspectEnd, type Subject } from '@hold-fast/core/inspection/inspectEnd';
import { MEASURANDS } from '@hold-fast/core/inspection/measurand';
import { ENDS, type End } from '@hold-fast/core/ends';
import { type Bar } from '@hold-fast/core/procedure/signOff';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { ProblemError } from '../../data/api';
import { useLeads } from '../../data/queries';
import { append, entryOf, useAmend, useDecide, useSignOff } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { capital } from '../../words/capital';
import { words } from '../../words/words';
import { BackToJob, WithJob } from './JobFrame';

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

function Sealed({ job, person }: { job: Job; person: Person }) {
  const { number, by, at, seal, prev } = job.sealed!;
  return (
    <Page
      tag={job.tag}
      over={job.customer.name}
      title="Signed off and sealed"
      foot={<BackToJob jobId={job.id} />}
    >
      <Section>
        <Note
          title={`Record ${number}`}
        >{`Signed by ${by}, ${exactDay(at)}. Nothing in it changes any more.`}</Note>
        <Words kind="label">Seal, SHA-256</Words>
        <Words kind="smallReading" selectable testID="seal">
          {seal}
        </Words>
        <Words ink="soft">
          {prev ? `Chained to ${prev.slice(0, 16)}…` : 'The first in this shop’s ledger.'}
        </Words>
        <Button says="The bike’s page" onPress={() => router.navigate(`/bikes/${job.bike.id}`)} />
      </Section>
      <Amendments job={job} person={person} />
    </Page>
  );
}

/** Corrections to a sealed record: they hang in the same chain and change nothing in it. */
function Amendments({ job, person }: { job: Job; person: Person }) {
  const [said, setSaid] = useState('');
  const [pin, setPin] = useState('');
  const [tried, setTried] = useState(false);
  const amend = useAmend(job.id);
  const sound = said.trim() !== '' && /^\d{4,8}$/.test(pin);
  const write = () => {
    setTried(true);
    if (sound)
      amend.mutate(
        { words: said.trim(), pin },
        {
          onSuccess: () => {
            setSaid('');
            setPin('');
            setTried(false);
          },
        },
      );
  };
  return (
    <Section label="Amendments">
      {job.amended.map(({ id, number, words: text, by, at, seal }) => (
        <Note key={id} title={`Record ${number}, ${by}, ${exactDay(at)}`}>
          {`${text} Seal ${seal.slice(0, 16)}…`}
        </Note>
      ))}
      <Words ink="soft">The record stays as it is; a correction is added and points at it.</Words>
      <Field
        label="What has to be corrected"
        value={said}
        onChangeText={setSaid}
        maxLength={1000}
        multiline
        error={tried && !said.trim() ? 'Write what is to be corrected.' : undefined}
      />
      <Field
        label={`PIN of ${person.name}`}
        value={pin}
        onChangeText={setPin}
        secureTextEntry
        inputMode="numeric"
        maxLength={8}
        autoComplete="off"
        error={
          amend.error
            ? amend.error.message
            : tried && !/^\d{4,8}$/.test(pin)
              ? 'Your PIN: 4 to 8 digits.'
              : undefined
        }
      />
      <Button kind="plain" says="Add the amendment" onPress={write} busy={amend.isPending} />
    </Section>
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
  const shown = [...job.bars, ...refusedBars.filter(({ code }) => code === 'watch-untold')];
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
  test: 'lever-side' | 'lever-feel' | 'cut-off';
  end: End | null;
  says: string;
}) {
  const last = job.tested
    .filter((tested) => tested.test === test && tested.end === end)
    .at(-1)?.outcome;
  return (
    <View style={styles.test}>
      <Words style={styles.testSays}>{says}</Words>
      <Choice
        label={says}
        options={[
          { value: 'passed', says: 'Yes' },
          { value: 'failed', says: 'No' },
        ]}
        chosen={last ? [last] : []}
        onChoose={(outcome) =>
          append(
            job.id,
            entryOf<'test'>({ kind: 'test', test, end, outcome: outcome as 'passed' | 'failed' }),
          )
        }
      />
    </View>
  );
}

/** What is to be checked by name at one end, together: it is done on one screen. */
function OpenChecks({ job, end, bars }: { job: Job; end: End; bars: readonly Bar[] }) {
  const open = bars.flatMap((bar) => (bar.code === 'check-open' && bar.end === end ? [bar] : []));
  if (open.length === 0) return null;
  const named = (failed: boolean) =>
    open.filter((bar) => bar.failed === failed).map(({ check }) => words.check[check]);
  const failed = named(true);
  const unticked = named(false);
  return (
    <Note
      kind={failed.length > 0 ? 'refusal' : 'caution'}
      title={`${open.length} to check by name, ${words.end[end]}`}
    >
      {failed.length > 0 ? <Words>{`Not in order: ${failed.join('; ')}.`}</Words> : null}
      {unticked.length > 0 ? <Words>{`${unticked.join('; ')}.`}</Words> : null}
      <Button
        kind="quiet"
        says={`Check by name, ${words.end[end]}`}
        onPress={() => router.navigate(`/bench/${job.id}/${end}/check` as '/bench')}
      />
    </Note>
  );
}

function OpenBar({ job, bar, person }: { job: Job; bar: Bar; person: Person }) {
  const [deciding, setDeciding] = useState(false);
  const open = wayTo(bar);
  const decidable = bar.code === 'unproven-open' || bar.code === 'replace-open';
  return (
    <Note kind={bar.code === 'do-not-ride' ? 'refusal' : 'caution'}>
      <Words>{words.bar(bar)}</Words>
      {open ? (
        <Button
          kind="quiet"
          says={open.says}
          onPress={() => router.navigate(`/bench/${job.id}/${open.to}` as '/bench')}
        />
      ) : null}
      {decidable && !deciding ? (
        <Button
          kind="quiet"
          says={bar.code === 'unproven-open' ? 'A lead accepts it' : 'The customer refuses'}
          onPress={() => setDeciding(true)}
        />
      ) : null}
      {decidable && deciding ? (
        <Decide
          job={job}
          end={bar.end}
          subject={bar.subject}
          decision={bar.code === 'unproven-open' ? 'accepted-unproven' : 'customer-refused'}
          person={person}
          onDone={() => setDeciding(false)}
        />
      ) : null}
    </Note>
  );
}

/** Where what bars the sign-off can be put right, or null. */
function wayTo(bar: Bar): { says: string; to: string } | null {
  switch (bar.code) {
    case 'torque-unproven':
      return { says: 'Tighten it', to: `${bar.end}/bolts?fastener=${bar.fastener}` };
    case 'work-open':
      return { says: 'On with the plan', to: 'step' };
    case 'lever-untested':
      return { says: 'Test the lever for air', to: `${bar.end}/lever` };
    case 'still-tagged':
      return { says: 'Look it over', to: `${bar.end}/look` };
    case 'do-not-ride':
    case 'replace-open':
    case 'unproven-open':
      return (MEASURANDS as readonly string[]).includes(bar.subject)
        ? { says: `Measure again: ${words.subject[bar.subject]}`, to: `${bar.end}/${bar.subject}` }
        : { says: 'Look it over', to: `${bar.end}/look` };
    default:
      return null;
  }
}

interface DecideProps {
  job: Job;
  end: End;
  subject: Subject;
  decision: 'accepted-unproven' | 'customer-refused';
  person: Person;
  onDone: () => void;
}

function Decide({ job, end, subject, decision, person, onDone }: DecideProps) {
  const leads = useLeads();
  const accepting = decision === 'accepted-unproven';
  const [who, setWho] = useState<string | null>(accepting ? null : person.name);
  const [reason, setReason] = useState('');
  const [pin, setPin] = useState('');
  const [tried, setTried] = useState(false);
  const decide = useDecide(job.id);

  const confirm = () => {
    setTried(true);
    if (who && reason.trim() && /^\d{4,8}$/.test(pin))
      decide.mutate(
        { end, subject, decision, words: reason.trim(), personName: who, pin },
        { onSuccess: onDone },
      );
  };
  return (
    <View style={styles.decide}>
      {accepting ? (
        <Choice
          label="Which lead"
          options={(leads.data ?? []).map(({ name }) => ({ value: name, says: name }))}
          chosen={who ? [who] : []}
          onChoose={setWho}
        />
      ) : null}
      {tried && !who ? (
        <Words kind="small" ink="rustText" role="alert">
          Choose who accepts it.
        </Words>
      ) : null}
      <Field
        label={accepting ? 'Reason' : 'The customer’s words'}
        value={reason}
        onChangeText={setReason}
        maxLength={300}
        error={tried && !reason.trim() ? 'Write it down: it goes into the record.' : undefined}
      />
      <Field
        label={who ? `PIN of ${who}` : 'PIN'}
        value={pin}
        onChangeText={setPin}
        secureTextEntry
        inputMode="numeric"
        maxLength={8}
        autoComplete="off"
        error={tried && !/^\d{4,8}$/.test(pin) ? 'A PIN has 4 to 8 digits.' : undefined}
      />
      {decide.error ? (
        <Words kind="small" ink="rustText" role="alert">
          {decide.error.message}
        </Words>
      ) : null}
      <Button
        kind="plain"
        says={accepting ? 'Accept it as unproven' : 'Record the refusal'}
        onPress={confirm}
        busy={decide.isPending}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  test: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    justifyContent: 'space-between',
  },
  testSays: { flex: 1 },
  sign: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
  pin: { flex: 1 },
  seal: { paddingTop: space.l + space.xs },
  decide: { gap: space.s, paddingTop: space.s },
});

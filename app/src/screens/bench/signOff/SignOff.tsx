import { endsOf } from '@hold-fast/core/kit/brakes';
import type { Job } from '@hold-fast/core/job/job';
import type { Person } from '@hold-fast/contract/people';
import { isSameThing, type Thing } from '@hold-fast/core/inspection/inspected';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { watchedItems } from '@hold-fast/core/job/bars';
import { type Bar } from '@hold-fast/core/procedure/signOff';
import { router } from 'expo-router';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { ProblemError } from '../../../data/api';
import { barsToday } from '../../../data/barsToday';
import { useSignOff } from '../../../data/jobWrites';
import { usePictures } from '../../../data/queries';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { focusFault } from '../../../ui/focusFault';
import { Halves } from '../../../ui/Halves';
import { Note } from '../../../ui/Note';
import { Refusal } from '../../../ui/Refusal';
import { Page, Section } from '../../../ui/Page';
import { size, space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { words } from '../../../words/words';
import { Complaint } from '../job/AskedFor';
import { WithJob } from '../JobFrame';
import { OpenBar, OpenChecks } from './OpenBars';
import { HandOverTests } from './HandOverTests';
import { LeavesUnrepaired } from './LeavesUnrepaired';
import { Sealed } from './Sealed';
import { jobWords } from '../../../words/job';
import { PinLine } from '../../PinLine';
import { Signature } from './signature';
import { atJob } from '../../routes';

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

const isWrongPin = (error: Error) => error instanceof ProblemError && error.kind === 'wrong-pin';

function Open({ job, person }: { job: Job; person: Person }) {
  const [toldOf, setToldOf] = useState<readonly Thing[]>([]);
  const signOff = useSignOff(job.id);
  const form = useForm<Signature>({
    resolver: zodResolver(Signature),
    defaultValues: { pin: '', notRepaired: null },
    // The first fault is the uppermost, and what is said of an unrepaired bike stands above the PIN.
    shouldFocusError: false,
  });
  const leaving = useWatch({ control: form.control, name: 'notRepaired' }) !== null;
  const problem = signOff.error instanceof ProblemError ? signOff.error : null;
  const refusedBars =
    problem?.kind === 'sign-off-refused' ? (problem.problem.facts?.bars as Bar[]) : [];
  const ends = endsOf(job.bike).map((end) => ({ end, ...inspectEnd(job, end) }));
  const watched = watchedItems(job).map(({ end, subject }) => ({ end, subject }));
  const isTold = (thing: Thing) => toldOf.some((told) => isSameThing(told, thing));
  // What came to be watched after the customer was told has yet to be told.
  const told = watched.every(isTold);
  const notInspected = ends.map(({ end, notInspected: missed }) => words.thingsAt(end, missed));

  const sign = form.handleSubmit(
    (signature) =>
      signOff.mutate(
        { ...signature, toldOf: watched.filter(isTold) },
        {
          onError: (error) => {
            if (isWrongPin(error)) form.setError('pin', { message: jobWords.pin.wrong });
          },
        },
      ),
    focusFault,
  );
  const untold = refusedBars.filter((bar) => bar.code === 'watch-untold' && !isTold(bar));
  const shown = [...barsToday(job), ...untold];
  return (
    <Page
      tag={job.tag}
      over={`${job.customer.name} · ${job.bike.name}`}
      title={jobWords.signOff.signOff}
      aside={
        <Button
          kind="quiet"
          says={jobWords.signOff.job}
          onPress={() => router.navigate(atJob(job.id))}
        />
      }
      foot={
        <View style={styles.sign}>
          <View style={styles.pin}>
            <PinLine
              control={form.control}
              name="pin"
              of={person.name}
              onSubmitEditing={() => void sign()}
            />
          </View>
          <View style={styles.seal}>
            <Button
              says={leaving ? jobWords.signOff.closeUnrepaired : jobWords.signOff.signAndSeal}
              onPress={() => void sign()}
              busy={signOff.isPending}
            />
          </View>
        </View>
      }
    >
      {signOff.error && !isWrongPin(signOff.error) ? (
        <Refusal of={signOff.error} title={signOff.error.message}>
          {refusedBars.length > 0 ? jobWords.signOff.whatIsOpenStandsBelow : undefined}
        </Refusal>
      ) : null}
      <Halves>
        <>
          <Section label={jobWords.jobSheet.askedFor}>
            <Complaint job={job} />
          </Section>
          <HandOverTests job={job} />
          {watched.length > 0 ? (
            <Section label={jobWords.signOff.nearTheLimit}>
              <Choice
                label={jobWords.signOff.nearTheLimit}
                many
                options={[
                  {
                    value: true,
                    says: jobWords.signOff.theCustomerWasTold(
                      watched.map(({ end, subject }) => words.thingAt(end, subject)).join(', '),
                    ),
                  },
                ]}
                chosen={told ? [true] : []}
                onChoose={() => setToldOf(told ? [] : watched)}
              />
            </Section>
          ) : null}
        </>
        <>
          <LeavesUnrepaired form={form} leaving={leaving} />
          {shown.length > 0 ? (
            <Section label={jobWords.signOff.stillOpen}>
              {shown.map((bar) =>
                bar.code === 'check-open' ? null : (
                  <OpenBar key={JSON.stringify(bar)} job={job} bar={bar} person={person} />
                ),
              )}
              {endsOf(job.bike).map((end) => (
                <OpenChecks key={end} job={job} end={end} bars={shown} />
              ))}
            </Section>
          ) : (
            <Section>
              <Note title={jobWords.signOff.nothingStandsInTheWay}>
                {jobWords.signOff.yourPinSealsTheRecord}
              </Note>
            </Section>
          )}
          <PicturesFirst jobId={job.id} />
          {notInspected.length > 0 ? (
            <Section label={jobWords.signOff.notInspected}>
              <Words ink="soft">
                {jobWords.signOff.theRecordSaysSoIt(capital(notInspected.join('; ')))}
              </Words>
            </Section>
          ) : null}
          {job.mayRide === false ? (
            <Section>
              <Note kind="caution" title={jobWords.signOff.mayNotRide} />
            </Section>
          ) : null}
          <GoesBack job={job} />
          <Section>
            <Words kind="small">{jobWords.signOff.standTestBeforeAnyRide}</Words>
          </Section>
        </>
      </Halves>
    </Page>
  );
}

/** How many pictures the shop does not have yet: sealed, a job takes none. */
function PicturesFirst({ jobId }: { jobId: string }) {
  const count = usePictures().filter((picture) => picture.jobId === jobId).length;
  return count === 0 ? null : (
    <Section>
      <Note>{jobWords.signOff.picturesGoFirst(count)}</Note>
    </Section>
  );
}

/** What came along, and the old parts where the customer wants them: nothing stays behind. */
function GoesBack({ job }: { job: Job }) {
  const things = [
    ...job.cameAlong.map((what) => words.cameAlong[what]),
    ...(job.oldPartsBack ? [words.inSentence(jobWords.jobSheet.oldPartsBack)] : []),
  ];
  return things.length === 0 ? null : (
    <Section label={jobWords.signOff.goesBack}>
      <Words>{capital(words.format.list(things))}</Words>
    </Section>
  );
}

const styles = StyleSheet.create({
  sign: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-end' },
  pin: { flex: 1, minWidth: size.field },
  seal: { flexGrow: 1 },
});

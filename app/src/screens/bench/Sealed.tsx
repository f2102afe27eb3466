import type { Job } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import { router } from 'expo-router';
import { useState } from 'react';
import { useAmend } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { BackToJob } from './JobFrame';

/** A job that was signed: its seal, and the corrections that hang beside it. */
export function Sealed({ job, person }: { job: Job; person: Person }) {
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

import type { End } from '@hold-fast/core/ends';
import type { Subject } from '@hold-fast/core/inspection/inspectEnd';
import { inspectedItems } from '@hold-fast/core/job/bars';
import type { Job } from '@hold-fast/core/job/job';
import type { Person } from '@hold-fast/contract/people';
import { router } from 'expo-router';
import { useState } from 'react';
import { useAmend } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';
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

/** Says that a correction takes nothing back. */
const NOTHING = 'nothing';

/** Corrections to a sealed record: they hang in the same chain and change nothing in it. */
function Amendments({ job, person }: { job: Job; person: Person }) {
  const [said, setSaid] = useState('');
  const [takesBack, setTakesBack] = useState<readonly string[] | null>(null);
  const sealedGood = inspectedItems(job).filter(({ word }) => word === 'holds' || word === 'watch');
  const [pin, setPin] = useState('');
  const [tried, setTried] = useState(false);
  const amend = useAmend(job.id);
  const answered = takesBack !== null || sealedGood.length === 0;
  const sound = said.trim() !== '' && answered && /^\d{4,8}$/.test(pin);
  const nameOf = ({ end, subject }: { end: End; subject: Subject }) => `${end} ${subject}`;
  const choose = (name: string) => {
    const before = takesBack ?? [];
    setTakesBack(
      name === NOTHING
        ? []
        : before.includes(name)
          ? before.filter((each) => each !== name)
          : [...before, name],
    );
  };
  const write = () => {
    setTried(true);
    if (sound)
      amend.mutate(
        {
          words: said.trim(),
          pin,
          takesBack: sealedGood
            .filter((item) => takesBack?.includes(nameOf(item)))
            .map(({ end, subject }) => ({ end, subject })),
        },
        {
          onSuccess: () => {
            setSaid('');
            setTakesBack(null);
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
      {sealedGood.length > 0 ? (
        <>
          <Words kind="label">What it takes back of what was sealed as good</Words>
          <Choice
            label="What it takes back"
            many
            options={[
              { value: NOTHING, says: 'Nothing: all of it stands' },
              ...sealedGood.map((item) => ({
                value: nameOf(item),
                says: `${capital(words.end[item.end])} ${words.subject[item.subject]}`,
              })),
            ]}
            chosen={takesBack?.length === 0 ? [NOTHING] : (takesBack ?? [])}
            onChoose={choose}
          />
          {takesBack && takesBack.length > 0 ? (
            <Note kind="refusal" title="The bike is not to be ridden">
              It hangs on the bike as a do-not-ride till the next visit has answered it. Ring the
              customer.
            </Note>
          ) : null}
          {tried && !answered ? (
            <Words kind="small" ink="rustText" role="alert">
              Say what it takes back, or that all of it stands.
            </Words>
          ) : null}
        </>
      ) : null}
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

import { PIN } from '@hold-fast/contract/pin';
import type { Subject } from '@hold-fast/core/inspection/inspected';
import type { End } from '@hold-fast/core/ends';
import { inspectedItems } from '@hold-fast/core/job/bars';
import type { Job } from '@hold-fast/core/job/job';
import type { Person } from '@hold-fast/contract/people';
import { router } from 'expo-router';
import { useState } from 'react';
import { useAmend } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { exactDay } from '../../../words/days';
import { billWords } from '../../../words/bill';
import { reportWords } from '../../../words/report';
import { words } from '../../../words/words';
import { BackToJob } from '../JobFrame';
import { jobWords } from '../../../words/job';
import { focusFault } from '../../../ui/focusFault';
import { Wrong } from '../../../ui/Wrong';

/** A job that was signed: its seal, and the corrections that hang beside it. */
export function Sealed({ job, person }: { job: Job; person: Person }) {
  const { number, by, at, seal, prev, notRepaired } = job.sealed!;
  return (
    <Page
      tag={job.tag}
      over={job.customer.name}
      title={notRepaired ? jobWords.sealed.closedNotRepaired : jobWords.sealed.signedOffAndSealed}
      foot={<BackToJob jobId={job.id} />}
    >
      <Section>
        <Note title={jobWords.sealed.record(number)}>
          {jobWords.sealed.signedByNothingInIt(by, exactDay(at))}
        </Note>
        {notRepaired ? (
          <Note kind="refusal" title={jobWords.sealed.closedNotRepaired}>
            {jobWords.sealed.takenAwayBy(notRepaired.takenBy, notRepaired.words)}
          </Note>
        ) : null}
        <Words kind="label">{jobWords.sealed.sealSha256}</Words>
        <Words kind="smallReading" selectable testID="seal">
          {seal}
        </Words>
        <Words ink="soft">
          {prev
            ? jobWords.sealed.chainedTo(prev.slice(0, 16))
            : jobWords.sealed.theFirstInThisShops}
        </Words>
        <Button
          says={jobWords.sealed.theBikesPage}
          onPress={() => router.navigate(`/bikes/${job.bike.id}`)}
        />
        <Button
          kind="plain"
          says={billWords.title}
          onPress={() => router.navigate(`/bench/${job.id}/bill`)}
        />
        <Button
          kind="plain"
          says={reportWords.open}
          onPress={() => router.navigate(`/ledger/report/${job.sealed!.recordId}`)}
        />
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
  const sound = said.trim() !== '' && answered && PIN.test(pin);
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
    focusFault();
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
    <Section label={jobWords.sealed.amendments}>
      {job.amended.map(({ id, number, words: text, by, at, seal }) => (
        <Note key={id} title={jobWords.sealed.recordBy(number, by, exactDay(at))}>
          {jobWords.sealed.seal(text, seal.slice(0, 16))}
        </Note>
      ))}
      <Words ink="soft">{jobWords.sealed.theRecordStaysAsIt}</Words>
      <Field
        label={jobWords.sealed.whatHasToBeCorrected}
        value={said}
        onChangeText={setSaid}
        maxLength={1000}
        multiline
        error={tried && !said.trim() ? jobWords.sealed.writeWhatIsToBe : undefined}
      />
      {sealedGood.length > 0 ? (
        <>
          <Words kind="label">{jobWords.sealed.whatItTakesBackOf}</Words>
          <Choice
            label={jobWords.sealed.whatItTakesBack}
            many
            options={[
              { value: NOTHING, says: jobWords.sealed.nothingAllOfItStands },
              ...sealedGood.map((item) => ({
                value: nameOf(item),
                says: capital(words.thingAt(item.end, item.subject)),
              })),
            ]}
            chosen={takesBack?.length === 0 ? [NOTHING] : (takesBack ?? [])}
            onChoose={choose}
          />
          {takesBack && takesBack.length > 0 ? (
            <Note kind="refusal" title={jobWords.sealed.theBikeIsNotTo}>
              {jobWords.sealed.itHangsOnTheBike}
            </Note>
          ) : null}
          {tried && !answered ? <Wrong says={jobWords.sealed.sayWhatItTakesBack} /> : null}
        </>
      ) : null}
      <Field
        label={jobWords.sealed.pinOf(person.name)}
        value={pin}
        onChangeText={setPin}
        secureTextEntry
        inputMode="numeric"
        maxLength={8}
        autoComplete="off"
        error={
          amend.error
            ? amend.error.message
            : tried && !PIN.test(pin)
              ? jobWords.sealed.yourPin4To8
              : undefined
        }
      />
      <Button
        kind="plain"
        says={jobWords.sealed.addTheAmendment}
        onPress={write}
        busy={amend.isPending}
      />
    </Section>
  );
}

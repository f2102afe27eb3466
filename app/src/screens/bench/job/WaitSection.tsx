import type { Job } from '@hold-fast/core/job/job';
import { ASK_AGAIN_IN_DAYS, waitOf, WAITS_FOR, type Wait } from '@hold-fast/core/job/waits';
import { addDays } from 'date-fns/addDays';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';
import { useState } from 'react';
import { today } from '../../../data/today';
import { append, entryOf } from '../../../data/jobWrites';
import { Button, Buttons } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { focusFault } from '../../../ui/focusFault';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { calendarDay } from '../../../words/days';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';

type Waits = Wait['for'];
const CHOICES = WAITS_FOR.filter((what): what is Waits => what !== 'nothing');

/** What a job waits for, who was asked, and when to ask again. */
export function WaitSection({ job }: { job: Job }) {
  const [writing, setWriting] = useState(false);
  const wait = waitOf(job);
  const over = () =>
    append(
      job.id,
      entryOf<'waits'>({ kind: 'waits', for: 'nothing', asked: '', askAgainOn: null }),
    );
  if (wait)
    return (
      <Note
        kind="caution"
        title={jobWords.waits.waitsFor(words.bench.waitsFor[wait.for], wait.asked)}
      >
        <Words>{jobWords.waits.askAgain(calendarDay(wait.askAgainOn))}</Words>
        <Button kind="quiet" says={jobWords.waits.itCame} onPress={over} />
      </Note>
    );
  return writing ? (
    <Write job={job} onDone={() => setWriting(false)} />
  ) : (
    <Section>
      <Button kind="quiet" says={jobWords.waits.itWaits} onPress={() => setWriting(true)} />
    </Section>
  );
}

function Write({ job, onDone }: { job: Job; onDone: () => void }) {
  const [what, setWhat] = useState<Waits>('part');
  const [asked, setAsked] = useState('');
  const [days, setDays] = useState<number>(ASK_AGAIN_IN_DAYS[1]);
  const [tried, setTried] = useState(false);
  const dayIn = (count: number) =>
    formatISO(addDays(parseISO(today()), count), { representation: 'date' });
  const record = () => {
    setTried(true);
    focusFault();
    if (asked.trim() === '') return;
    append(
      job.id,
      entryOf<'waits'>({
        kind: 'waits',
        for: what,
        asked: asked.trim(),
        askAgainOn: dayIn(days),
      }),
    );
    onDone();
  };
  return (
    <Section label={jobWords.waits.itWaits}>
      <Choice
        label={jobWords.waits.itWaits}
        options={CHOICES.map((value) => ({ value, says: capital(words.bench.waitsFor[value]) }))}
        chosen={[what]}
        onChoose={setWhat}
      />
      <Field
        label={jobWords.waits.whoOrWhat}
        value={asked}
        maxLength={120}
        onChangeText={setAsked}
        onSubmitEditing={record}
        error={tried && asked.trim() === '' ? jobWords.waits.writeWho : undefined}
      />
      <Choice
        label={jobWords.waits.askAgainIn}
        options={ASK_AGAIN_IN_DAYS.map((value) => ({ value, says: calendarDay(dayIn(value)) }))}
        chosen={[days]}
        onChoose={setDays}
      />
      <Buttons>
        <Button kind="plain" says={jobWords.waits.back} onPress={onDone} />
        <Button grow says={jobWords.waits.writeItDown} onPress={record} />
      </Buttons>
    </Section>
  );
}

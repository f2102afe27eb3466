import type { Job } from '@hold-fast/core/job/job';
import { isNotRidden } from '@hold-fast/core/evidence/notRidden';
import { ASK_AGAIN_IN_DAYS, waitOf, WAITS_FOR, type Wait } from '@hold-fast/core/job/waits';
import { zodResolver } from '@hookform/resolvers/zod';
import { addDays } from 'date-fns/addDays';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { today } from '../../../data/today';
import { append, entryOf } from '../../../data/jobWrites';
import { Button, Buttons } from '../../../ui/Button';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { calendarDay } from '../../../words/days';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { needed } from '../../needed';

type Waits = Wait['for'];
const CHOICES = WAITS_FOR.filter((what): what is Waits => what !== 'nothing');

/** Where the bike is meanwhile, or was. */
const WHERE = [
  { where: 'here', away: false },
  { where: 'away', away: true },
] as const;

/** What a job waits for, who was asked, and when to ask again. */
export function WaitSection({ job }: { job: Job }) {
  const [writing, setWriting] = useState(false);
  const wait = waitOf(job);
  const over = (away: boolean) =>
    append(
      job.id,
      entryOf<'waits'>({ kind: 'waits', for: 'nothing', asked: '', askAgainOn: null, away }),
    );
  if (wait)
    return (
      <Note
        kind="caution"
        title={jobWords.waits.waitsFor(words.bench.waitsFor[wait.for], wait.asked)}
      >
        <Words>{jobWords.waits.askAgain(calendarDay(wait.askAgainOn))}</Words>
        {wait.away ? (
          <>
            <Words>{jobWords.waits.awayIs}</Words>
            <Words>{isNotRidden(job) ? jobWords.waits.notRidden : jobWords.waits.notSigned}</Words>
            <Button kind="quiet" says={jobWords.waits.isBack} onPress={() => over(true)} />
          </>
        ) : (
          WHERE.map(({ where, away }) => (
            <Button
              key={where}
              kind="quiet"
              says={jobWords.waits.itCame[where]}
              onPress={() => over(away)}
            />
          ))
        )}
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

const Written = z.object({
  for: z.enum(CHOICES),
  asked: needed(jobWords.waits.writeWho),
  days: z.literal(ASK_AGAIN_IN_DAYS),
  away: z.boolean(jobWords.waits.sayWhere),
});

function Write({ job, onDone }: { job: Job; onDone: () => void }) {
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(Written),
    defaultValues: { for: 'part', asked: '', days: ASK_AGAIN_IN_DAYS[1] },
  });
  const dayIn = (count: number) =>
    formatISO(addDays(parseISO(today()), count), { representation: 'date' });
  const record = handleSubmit(({ days, ...what }) => {
    append(job.id, entryOf<'waits'>({ kind: 'waits', ...what, askAgainOn: dayIn(days) }));
    onDone();
  });
  return (
    <Section label={jobWords.waits.itWaits}>
      <FormChoice
        control={control}
        name="for"
        label={jobWords.waits.itWaits}
        options={CHOICES.map((value) => ({ value, says: capital(words.bench.waitsFor[value]) }))}
      />
      <FormLine
        control={control}
        name="asked"
        label={jobWords.waits.whoOrWhat}
        maxLength={120}
        onSubmitEditing={() => void record()}
      />
      <Words kind="label">{jobWords.waits.askAgainIn}</Words>
      <FormChoice
        control={control}
        name="days"
        label={jobWords.waits.askAgainIn}
        options={ASK_AGAIN_IN_DAYS.map((value) => ({ value, says: calendarDay(dayIn(value)) }))}
      />
      <Words kind="label">{jobWords.waits.bikeMeanwhile}</Words>
      <FormChoice
        control={control}
        name="away"
        label={jobWords.waits.bikeMeanwhile}
        options={WHERE.map(({ where, away }) => ({
          value: away,
          says: jobWords.waits.bike[where],
        }))}
      />
      <Buttons>
        <Button kind="plain" says={jobWords.waits.back} onPress={onDone} />
        <Button grow says={jobWords.waits.writeItDown} onPress={() => void record()} />
      </Buttons>
    </Section>
  );
}

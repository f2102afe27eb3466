import { ENDS, USUAL_ENDS, type End } from '@hold-fast/core/ends';
import type { RadialEntry } from '@hold-fast/core/job/radial';
import type { ReckonedEntry } from '@hold-fast/core/job/reckoned';
import type { SumEntry } from '@hold-fast/core/job/sum';
import { router } from 'expo-router';
import { useEffect, useState } from 'react';
import { append, entryOf, useTake } from '../../data/jobWrites';
import { useBench } from '../../data/queries';
import { useIsLead } from '../../data/session';
import { Button, Buttons } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { capital } from '../../words/capital';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';
import { OnFrom } from '../bench/prove/OnFrom';
import type { AtBrake } from './atBrake';
import { atJob } from '../routes';

/** What a calculator writes into a job: an entry but for its brake, its id and its time. */
export type Written =
  | Omit<ReckonedEntry, 'id' | 'at' | 'end'>
  | Omit<RadialEntry, 'id' | 'at' | 'end'>
  | Omit<SumEntry, 'id' | 'at' | 'end'>;
type Kind = Written['kind'];

/** Under a calculator at a brake: what it says goes into the job, and the way on from there. */
export function WriteDown({ at: { job, end }, what }: { at: AtBrake; what: Written | null }) {
  const byLead = useIsLead();
  const [written, setWritten] = useState<string | null>(null);
  const { take, refused } = useTake<Kind>(job);
  const { writeDown, writtenDown } = reckonerWords.reckoner;
  if (written === JSON.stringify(what)) return <OnFrom job={job} says={writtenDown} />;
  const write = () => {
    if (what && take({ ...what, end }, { byLead })) setWritten(JSON.stringify(what));
  };
  return (
    <>
      {refused ? <Note kind="refusal" title={refused} /> : null}
      <Buttons>
        <Button
          kind="plain"
          says={reckonerWords.reckoner.back}
          onPress={() =>
            router.navigate(atJob(job.id, job.planned.length > 0 ? 'step' : undefined))
          }
        />
        <Button
          grow
          says={writeDown(capital(words.end[end]))}
          disabled={what === null}
          onPress={write}
        />
      </Buttons>
    </>
  );
}

/** Under a calculator on its own: the brake of a bike in hand that its answer is for. */
export function SendToJob({ what }: { what: Written }) {
  const [choosing, setChoosing] = useState(false);
  const [sought, setSought] = useState('');
  const bench = useBench();
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = bench;
  // A bike that is sought may be on a later page: all of them are asked for while one is chosen.
  useEffect(() => {
    if (choosing && hasNextPage && !isFetchingNextPage) void fetchNextPage();
  }, [choosing, hasNextPage, isFetchingNextPage, fetchNextPage]);
  const { send, sendTo, sent, noBike, findBike: find } = reckonerWords.reckoner;
  const [done, setDone] = useState<{ tag: number; end: End; what: string } | null>(null);
  const standing = done?.what === JSON.stringify(what) ? done : null;
  const to = (jobId: string, tag: number, end: End) => () => {
    // The job takes it or says why not; its page shows both.
    append(jobId, entryOf<Kind>({ ...what, end }), {
      known: { byLead: false },
    });
    setDone({ tag, end, what: JSON.stringify(what) });
    setChoosing(false);
  };
  const jobs = (bench.data ?? []).filter(({ tag, bikeName, customerName }) =>
    `${tag} ${bikeName} ${customerName}`
      .toLocaleLowerCase()
      .includes(sought.trim().toLocaleLowerCase()),
  );
  if (!choosing)
    return (
      <Section>
        {standing ? <Note title={sent(standing.tag, words.end[standing.end])} /> : null}
        <Button kind="quiet" says={send} onPress={() => setChoosing(true)} />
      </Section>
    );
  return (
    <Section label={sendTo}>
      <Field label={find} value={sought} inputMode="search" onChangeText={setSought} />
      {jobs.length === 0 ? <Note title={noBike} /> : null}
      {jobs.flatMap(({ id, tag, bikeName, third }) =>
        (third === undefined ? USUAL_ENDS : ENDS).map((end) => (
          <Row
            key={`${id} ${end}`}
            title={`${tag} · ${bikeName}`}
            says={capital(words.end[end])}
            onPress={to(id, tag, end)}
          />
        )),
      )}
    </Section>
  );
}

import type { End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { toldOf } from '@hold-fast/core/job/told';
import { causeRule, type Cause } from '@hold-fast/core/trouble/causes';
import { unexplained, without, type NextCheck } from '@hold-fast/core/trouble/engine';
import { causesFound, evidenceAt, SHOWN_BY, tableAt } from '@hold-fast/core/trouble/evidence';
import { checkRule, isTold, type Evidence } from '@hold-fast/core/trouble/signs';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { useTroubleTable } from '../../data/trouble';
import { append, entryOf } from '../../data/jobWrites';
import { Button, Buttons } from '../../ui/Button';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { jobWords } from '../../words/job';
import { troubleWords } from '../../words/trouble';
import { words } from '../../words/words';
import { WithJob } from '../bench/JobFrame';
import { SignChoice } from './SignChoice';
import { TroubleView } from './TroubleView';
import { SumsHere } from '../reckoner/SumsHere';
import { atJob, type AtEnd, type Task } from '../routes';

/** What is behind a job's complaint at one end: what was found and measured counts by itself. */
export function TroubleHere({ jobId, end }: { jobId: string; end: End }) {
  return <WithJob jobId={jobId}>{(job) => <Here job={job} end={end} />}</WithJob>;
}

function Here({ job, end }: { job: Job; end: End }) {
  const inShop = useTroubleTable(job.rules.trouble);
  const { evidence, left, table, found } = useMemo(() => {
    const causes = causesFound(job, end);
    const usual = tableAt(job, end, inShop);
    const known = evidenceAt(job, end);
    return {
      found: causes,
      evidence: known,
      left: unexplained(known, causes, usual),
      table: without(causes, usual),
    };
  }, [job, end, inShop]);
  const to = (where: AtEnd) => () => router.navigate(atJob(job.id, `${end}/${where}`));
  const decide = (cause: Cause) =>
    causeRule(cause).forbids || cause === 'none' ? (
      <Button kind="quiet" says={troubleWords.writeItDown} onPress={to('look')} />
    ) : (
      <Button
        kind="quiet"
        says={troubleWords.thatIsIt}
        of={troubleWords.cause[cause]}
        onPress={() => append(job.id, entryOf<'cause'>({ kind: 'cause', end, cause }))}
      />
    );
  return (
    <Page
      tag={job.tag}
      over={jobWords.lookOver.brake(words.end[end])}
      title={troubleWords.title}
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={jobWords.lookOver.job}
            onPress={() => router.navigate(atJob(job.id))}
          />
          <Button
            grow
            says={found.length > 0 ? troubleWords.planIt : jobWords.lookOver.whatWasFound}
            onPress={() => router.navigate(atJob(job.id, `${found.length > 0 ? 'plan' : 'found'}`))}
          />
        </Buttons>
      }
    >
      <SumsHere job={job} end={end} at="trouble" />
      {found.length > 0 ? <Found job={job} end={end} found={found} /> : null}
      <TroubleView
        evidence={left}
        table={table}
        answer={(check) => <Answer job={job} end={end} check={check} evidence={evidence} />}
        decide={decide}
      />
    </Page>
  );
}

/** Causes that were found; the last can be taken back. */
function Found({ job, end, found }: { job: Job; end: End; found: readonly Cause[] }) {
  const last = toldOf(job, 'cause', end).at(-1)!;
  return (
    <Section>
      <Words kind="strong">
        {troubleWords.found(words.format.list(found.map((cause) => troubleWords.cause[cause])))}
      </Words>
      {found.map((cause) => (
        <Words key={cause}>{troubleWords.cure[cause]}</Words>
      ))}
      <Words ink="soft">{troubleWords.unexplained}</Words>
      <Button
        kind="quiet"
        says={troubleWords.takeBack}
        onPress={() => append(job.id, entryOf<'taken-back'>({ kind: 'taken-back', of: last.id }))}
      />
    </Section>
  );
}

interface AnswerProps {
  job: Job;
  end: End;
  check: NextCheck;
  evidence: Evidence;
}

/** Where a check is written down: where its sign is found or measured; told here where nothing else shows it. */
function Answer({ job, end, check, evidence }: AnswerProps) {
  const signs = checkRule(check.check).reveals;
  const places = new Set<Task>(
    signs.flatMap((sign) => {
      if (isTold(sign)) return [];
      const by = SHOWN_BY[sign];
      return by.by === 'look' ? ['look'] : [by.measurand];
    }),
  );
  return (
    <>
      {signs.filter(isTold).map((sign) => (
        <SignChoice
          key={sign}
          sign={sign}
          known={evidence[sign]}
          open={false}
          onTell={(seen) => {
            if (seen !== undefined)
              append(job.id, entryOf<'sign'>({ kind: 'sign', end, sign, seen }));
          }}
        />
      ))}
      {[...places].map((place) => (
        <Button
          key={place}
          kind="plain"
          says={troubleWords.goThere}
          onPress={() => router.navigate(atJob(job.id, `${end}/${place}`))}
        />
      ))}
    </>
  );
}

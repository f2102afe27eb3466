import type { Fitted, Job } from '@hold-fast/core/job/job';
import { PARTS, type End, type Part } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { Button } from '../../ui/Button';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';
import { capital } from '../../words/capital';
import { BackToJob, WithBrake } from './JobFrame';
import { jobWords } from '../../words/job';

/** What is fitted at one end, and what was before: each part’s life with its dates. */
export function KitSheet({ jobId, end }: { jobId: string; end: End }) {
  return (
    <WithBrake jobId={jobId} end={end} title={jobWords.kitSheet.fittedHere}>
      {(job) => (
        <Page
          tag={job.tag}
          over={jobWords.kitSheet.brake(end)}
          title={jobWords.kitSheet.fittedHere}
          foot={<BackToJob jobId={job.id} />}
        >
          {PARTS.map((part) => (
            <Lives key={part} job={job} end={end} part={part} />
          ))}
        </Page>
      )}
    </WithBrake>
  );
}

function Lives({ job, end, part }: { job: Job; end: End; part: Part }) {
  const lives = job.fittings.filter((fitted) => fitted.end === end && fitted.part === part);
  return (
    <Section
      label={capital(words.part[part])}
      aside={
        <Button
          kind="quiet"
          says={jobWords.kitSheet.fitOrWriteDown}
          label={jobWords.kitSheet.fitOrWriteDownPart(words.part[part])}
          onPress={() => router.navigate(`/bench/${job.id}/${end}/fit-${part}` as '/bench')}
        />
      }
    >
      {lives.length === 0 ? (
        <Words ink="soft">{jobWords.kitSheet.nothingWrittenDownYetThe}</Words>
      ) : (
        lives
          .map((fitted, i) => ({ fitted, until: lives[i + 1]?.at ?? null }))
          .reverse()
          .map(({ fitted, until }) => (
            <Words key={fitted.id} ink={until ? 'soft' : 'ink'}>
              {lifeSays(fitted, until)}
            </Words>
          ))
      )}
    </Section>
  );
}

/** "Tolve 180, new, 3 May 2026 to 25 November 2026. Stamped 1.50." */
export function lifeSays(fitted: Fitted, until: string | null): string {
  const facts = [
    fitted.compound && jobWords.kitSheet.compound(fitted.compound),
    fitted.organicOnly ? jobWords.kitSheet.organicPadsOnly : null,
    fitted.construction,
    fitted.newMm === null ? null : jobWords.kitSheet.newMm(words.format.fixed(fitted.newMm, 2)),
    fitted.stampedLimit &&
      jobWords.kitSheet.stampedMm(words.format.fixed(fitted.stampedLimit.limitMm, 2)),
    fitted.cameOffFor && jobWords.kitSheet.cameOffLastTime(cameOff(fitted.cameOffFor)),
    fitted.rebedding && words.rebedding[fitted.rebedding].toLowerCase(),
  ].filter(Boolean);
  const span = until
    ? jobWords.kitSheet.to(exactDay(fitted.at), exactDay(until))
    : jobWords.kitSheet.since(exactDay(fitted.at));
  return `${fitted.description}, ${words.fittedAs[fitted.condition]}, ${span}.${facts.length ? ` ${capital(facts.join(', '))}.` : ''}`;
}

function cameOff(why: NonNullable<Fitted['cameOffFor']>): string {
  return why === 'worn' || why === 'changed' ? why : words.finding[why];
}

import type { Intake, Job } from '@hold-fast/core/job/job';
import type { Logged } from '@hold-fast/core/job/kinds';
import { aboutEntry } from '../../../words/about';
import { useJobLog } from '../../../data/jobs';
import { LongList } from '../../../ui/LongList';
import { Page } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Empty } from '../../../ui/Standing';
import { exactTime } from '../../../words/days';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { BackToJob, WithJob } from '../JobFrame';
import { intakeSays } from './intakeSays';

/** Everything that was entered at a job, the newest first: who, when, what, and of a change from what to what. */
export function Trail({ jobId }: { jobId: string }) {
  return <WithJob jobId={jobId}>{(job) => <Shown job={job} />}</WithJob>;
}

function Shown({ job }: { job: Job }) {
  const entries = useJobLog(job.id).data?.entries ?? [];
  return (
    <Page
      fixed
      tag={job.tag}
      over={job.bike.name}
      title={jobWords.trail.title}
      foot={<BackToJob jobId={job.id} />}
    >
      <LongList
        items={entries.toReversed()}
        keyOf={({ entry }) => entry.id}
        empty={<Empty title={jobWords.trail.nothing} says="" />}
      >
        {(logged) => (
          <Row
            title={words.about(aboutEntry(job, logged.entry))}
            says={[
              jobWords.trail.by(logged.by, exactTime(logged.entry.at)),
              ...changesOf(job, logged),
              ...saidIn(logged),
            ].join(' · ')}
            testID="trail"
          />
        )}
      </LongList>
    </Page>
  );
}

/** From what to what: fields of the intake that an edit changed, the reading that another took the place of. */
function changesOf(job: Job, { entry }: Logged): string[] {
  if (entry.kind === 'edit')
    return (Object.keys(entry.became) as (keyof Intake)[])
      .filter((field) => String(entry.was[field]) !== String(entry.became[field]))
      .map((field) =>
        jobWords.trail.changed(
          jobWords.trail.field[field],
          intakeSays(field, entry.was[field], job),
          intakeSays(field, entry.became[field], job),
        ),
      );
  if (entry.kind !== 'reading' || !entry.replaces) return [];
  const was = job.measured
    .flatMap(({ readings }) => readings)
    .find(({ id }) => id === entry.replaces);
  return was
    ? [
        jobWords.trail.changed(
          words.place(entry.place),
          words.format.mm(was.valueMm),
          words.format.mm(entry.valueMm),
        ),
      ]
    : [];
}

/** What whoever entered it wrote of it. */
function saidIn({ entry }: Logged): string[] {
  const said = 'words' in entry ? entry.words : 'reason' in entry ? entry.reason : '';
  return said ? [words.quoted(said)] : [];
}

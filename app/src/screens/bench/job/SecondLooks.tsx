import type { End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { unseconded } from '@hold-fast/core/job/secondLook';
import { toldOf } from '@hold-fast/core/job/told';
import { useSession } from '../../../data/session';
import { useTake } from '../../../data/jobWrites';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { SayWhat } from '../../SayWhat';

/** What an apprentice did at each end, until somebody else has looked at it. */
export function SecondLooks({ job }: { job: Job }) {
  const looked = toldOf(job, 'second-look');
  return (
    <>
      {unseconded(job).map((end) => (
        <Ask key={end} job={job} end={end} />
      ))}
      {looked.length > 0 ? (
        <Section>
          {looked.map(({ id, end, by, words: what }) => (
            <Words key={id} kind="small">
              {jobWords.secondLook.looked(capital(words.end[end]), by, what)}
            </Words>
          ))}
        </Section>
      ) : null}
    </>
  );
}

function Ask({ job, end }: { job: Job; end: End }) {
  const byApprentice = useSession().data?.person?.apprentice ?? false;
  const { take, refused } = useTake<'second-look'>(job);
  return (
    <Note kind="caution" title={jobWords.secondLook.title(capital(words.end[end]))}>
      <Words>{byApprentice ? jobWords.secondLook.byApprentice : jobWords.secondLook.says}</Words>
      {byApprentice ? null : (
        <SayWhat
          label={jobWords.secondLook.whatWasSeen}
          empty={jobWords.secondLook.writeWhat}
          says={jobWords.secondLook.iLooked}
          refused={refused}
          onSay={(seen) => take({ kind: 'second-look', end, words: seen }, { byApprentice })}
        />
      )}
    </Note>
  );
}

import type { Part } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import { useUsedParts } from '../../../data/counterQueries';
import { Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { size } from '../../../ui/tokens';
import { VerdictMark } from '../../../ui/VerdictMark';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { markOf, Recalled } from './Recalled';

/** Used parts on the shelf to take one from, each with what it read when it came off. */
export function UsedShelf({
  job,
  part,
  chosen,
  onChoose,
}: {
  job: Job;
  part: Part;
  chosen: UsedPart | null;
  onChoose: (used: UsedPart | null) => void;
}) {
  const parts = (useUsedParts().data ?? []).filter((used) => used.part === part);
  if (parts.length === 0) return null;
  return (
    <Section label={jobWords.fitPart.onTheShelf}>
      {parts
        .filter(({ id }) => chosen === null || id === chosen.id)
        .map((used) => (
          <Row
            key={used.id}
            mark={<VerdictMark word={markOf(job, used.batches, used.word)} of={size.smallMark} />}
            title={used.description}
            says={jobWords.fitPart.usedSays(
              words.format.fixed(used.leastMm, 2),
              used.tag,
              used.bikeName,
              words.format.list(used.batches),
            )}
            figure={<Recalled job={job} lots={used.batches} />}
            onPress={() => onChoose(used)}
          />
        ))}
      {chosen ? (
        <Row title={jobWords.fitPart.notOffTheShelf} onPress={() => onChoose(null)} />
      ) : null}
    </Section>
  );
}

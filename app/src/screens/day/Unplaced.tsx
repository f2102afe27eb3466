import type { OpenRow } from '@hold-fast/contract/day';
import { View } from 'react-native';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { dayWords } from '../../words/day';
import { near } from '../../words/days';
import { DaySlot } from './DaySlot';
import { DropColumn, UNPLACED } from './Dragging';
import { MovePanel } from './MovePanel';
import type { Moves } from './moves';

interface Props {
  jobs: readonly OpenRow[];
  count: number;
  moves: Moves;
  open: string | null;
  onOpen: (jobId: string) => void;
}

/** Open jobs with no place on any day, the first promised first. */
export function Unplaced({ jobs, count, moves, open, onOpen }: Props) {
  return (
    <Section label={dayWords.unplaced}>
      <DropColumn id={UNPLACED} jobs={jobs.map(({ jobId }) => jobId)}>
        {jobs.length === 0 ? <Words ink="soft">{dayWords.nothingUnplaced}</Words> : null}
        {jobs.map((job) => (
          <View key={job.jobId}>
            <DaySlot
              job={job}
              when={job.minutes === null ? dayWords.noMinutes : dayWords.minutes(job.minutes)}
              notes={[dayWords.promised(near(job.promisedAt))]}
              late={null}
              open={open === job.jobId}
              onOpen={() => onOpen(job.jobId)}
            />
            {open === job.jobId ? <MovePanel jobId={job.jobId} moves={moves} among={null} /> : null}
          </View>
        ))}
      </DropColumn>
      {count > jobs.length ? (
        <Words kind="small">{dayWords.andMore(count - jobs.length)}</Words>
      ) : null}
    </Section>
  );
}

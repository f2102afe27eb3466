import type { DayRow } from '@hold-fast/contract/day';
import { clockOf, hoursOf, minutesOn } from '@hold-fast/core/workday/clock';
import {
  layOutDay,
  suggestedOrder,
  type DayHours,
  type DayJob,
} from '@hold-fast/core/workday/order';
import type { ShopRules } from '@hold-fast/core/rules/shopRules';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useOrderDay } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { dayWords } from '../../words/day';
import { benchTime } from '../../words/days';
import { promiseSays } from './promiseSays';
import { words } from '../../words/words';
import { DaySlot } from './DaySlot';
import { DropColumn } from './Dragging';
import { MovePanel } from './MovePanel';
import type { Moves } from './moves';

interface Props {
  mechanic: { id: string; name: string; jobs: readonly DayRow[] };
  rules: ShopRules;
  moves: Moves;
  open: string | null;
  onOpen: (jobId: string) => void;
}

/** A mechanic’s day in its order: when each job is begun and done, what is late, and what another order would spare. */
export function MechanicsDay({ mechanic: { id, name, jobs }, rules, moves, open, onOpen }: Props) {
  const hours = useMemo(() => hoursOf(rules), [rules]);
  const dayJobs = useMemo(
    () =>
      jobs.map(({ jobId, minutes, promisedAt, kits }): DayJob => ({
        id: jobId,
        minutes: minutes ?? 0,
        promisedAt: minutesOn(rules, moves.day, promisedAt),
        kits,
      })),
    [jobs, rules, moves.day],
  );
  const laid = layOutDay(dayJobs, hours);
  const worked = laid.slots.reduce((sum, { startsAt, endsAt }) => sum + endsAt - startsAt, 0);
  return (
    <Section
      label={name}
      aside={
        <Words kind="small">
          {dayWords.load(benchTime(worked), benchTime(hours.closesAt - hours.opensAt))}
        </Words>
      }
    >
      <DropColumn id={id} jobs={jobs.map(({ jobId }) => jobId)}>
        {jobs.length === 0 ? <Words ink="soft">{dayWords.nothing}</Words> : null}
        {jobs.map((job, i) => {
          const { setsUp, startsAt, endsAt, late } = laid.slots[i]!;
          return (
            <View key={job.jobId}>
              <DaySlot
                job={job}
                when={
                  job.minutes === null
                    ? dayWords.noMinutes
                    : dayWords.fromTo(clockOf(startsAt), clockOf(endsAt))
                }
                notes={[
                  ...(setsUp.length > 0
                    ? [
                        dayWords.setsUp(
                          words.format.list(setsUp.map((kit) => dayWords.kit(words.family[kit]))),
                        ),
                      ]
                    : []),
                  ...(job.waits ? [words.bench.waitsFor[job.waits.for]] : []),
                ]}
                late={
                  late === 'promise'
                    ? dayWords.latePromise(promiseSays(rules, moves.day, job.promisedAt))
                    : late === 'closing'
                      ? dayWords.lateClosing
                      : null
                }
                open={open === job.jobId}
                onOpen={() => onOpen(job.jobId)}
              />
              {open === job.jobId ? (
                <MovePanel jobId={job.jobId} moves={moves} among={{ personId: id, jobs }} />
              ) : null}
            </View>
          );
        })}
      </DropColumn>
      {jobs.length > 1 ? (
        <Suggestion dayJobs={dayJobs} hours={hours} day={moves.day} personId={id} />
      ) : null}
    </Section>
  );
}

/** The order we suggest beside the one that stands, with what it spares; taken by one touch, or left. */
function Suggestion({
  dayJobs,
  hours,
  day,
  personId,
}: {
  dayJobs: readonly DayJob[];
  hours: DayHours;
  day: string;
  personId: string;
}) {
  const take = useOrderDay();
  const order = useMemo(() => suggestedOrder(dayJobs, hours), [dayJobs, hours]);
  const [before, after] = [layOutDay(dayJobs, hours), layOutDay(order, hours)];
  if (order.every(({ id }, i) => id === dayJobs[i]!.id))
    return <Words kind="small">{dayWords.stands(after.setUps)}</Words>;
  const spared = before.setUps - after.setUps;
  return (
    <>
      {spared > 0 ? (
        <Words kind="small">
          {dayWords.suggests(
            { before: before.setUps, after: after.setUps },
            spared * hours.kitMinutes,
          )}
        </Words>
      ) : null}
      {before.lateMinutes !== after.lateMinutes ? (
        <Words kind="small">
          {dayWords.suggestsLess({ before: before.lateMinutes, after: after.lateMinutes })}
        </Words>
      ) : null}
      {spared <= 0 && before.lateMinutes === after.lateMinutes ? (
        <Words kind="small">{dayWords.suggestsOnly}</Words>
      ) : null}
      {take.error ? <Note kind="refusal" title={take.error.message} /> : null}
      <Button
        kind="plain"
        says={dayWords.takeOrder}
        busy={take.isPending}
        onPress={() => take.mutate({ day, personId, jobs: order.map(({ id }) => id) })}
      />
    </>
  );
}

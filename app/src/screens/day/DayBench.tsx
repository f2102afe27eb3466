import type { DayRow, Workday } from '@hold-fast/contract/day';
import { daysAfter } from '@hold-fast/core/due/due';
import { weekdayOf } from '@hold-fast/core/job/day';
import type { ShopRules } from '@hold-fast/core/rules/shopRules';
import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWorkday, useRules } from '../../data/counterQueries';
import { usePlaceJob } from '../../data/writes';
import { today } from '../../data/today';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { calendarDay } from '../../words/days';
import { dayWords } from '../../words/day';
import { words } from '../../words/words';
import { Dragging } from './Dragging';
import type { Moves } from './moves';
import { MechanicsDay } from './MechanicsDay';
import { Unplaced } from './Unplaced';
import { WantedOfDay } from './WantedOfDay';

/** The day’s bench: each mechanic’s jobs with their times, what has no place yet, and what the day takes of the shelf. */
export function DayBench() {
  const { day = today() } = useLocalSearchParams<{ day?: string }>();
  const workday = useWorkday(day);
  const rules = useRules();
  const error = workday.error ?? rules.error;
  if (error && !(workday.data && rules.data))
    return <Failed error={error} onRetry={() => void workday.refetch()} />;
  if (!workday.data || !rules.data) return <Loading />;
  return <Shown workday={workday.data} rules={rules.data.rules} />;
}

function Shown({ workday, rules }: { workday: Workday; rules: ShopRules }) {
  const { day, mechanics, unplaced, unplacedCount } = workday;
  const move = usePlaceJob();
  const [open, setOpen] = useState<string | null>(null);
  const moves: Moves = {
    mechanics,
    day,
    place: (jobId, at) => move.mutate({ jobId, at }, { onSuccess: () => setOpen(null) }),
  };
  const toggle = (jobId: string) => setOpen(open === jobId ? null : jobId);
  const go = (to: string) => router.setParams({ day: to });
  const placed: DayRow[] = mechanics.flatMap(({ jobs }) => jobs);
  return (
    <Page
      over={dayWords.title}
      title={calendarDay(day)}
      foot={
        <View style={styles.days} role="navigation" aria-label={dayWords.title}>
          <Button
            kind="plain"
            says={words.places.bench}
            onPress={() => router.navigate('/bench')}
          />
          <Button
            kind="plain"
            sign="‹"
            says={dayWords.dayBefore}
            onPress={() => go(daysAfter(day, -1))}
          />
          <Button grow kind="plain" says={dayWords.today} onPress={() => go(today())} />
          <Button
            kind="plain"
            sign="›"
            says={dayWords.dayAfter}
            onPress={() => go(daysAfter(day, 1))}
          />
        </View>
      }
    >
      {move.error ? (
        <Section>
          <Note kind="refusal" title={move.error.message} />
        </Section>
      ) : null}
      {rules.openDays.includes(weekdayOf(day)) ? null : (
        <Section>
          <Words ink="soft">{dayWords.closed}</Words>
        </Section>
      )}
      <Dragging workday={workday} onPlace={moves.place}>
        <View style={styles.columns}>
          {workedFirst(mechanics).map((mechanic) => (
            <View key={mechanic.id} style={styles.column}>
              <MechanicsDay
                mechanic={mechanic}
                rules={rules}
                moves={moves}
                open={open}
                onOpen={toggle}
              />
            </View>
          ))}
          <View style={styles.column}>
            <Unplaced
              jobs={unplaced}
              count={unplacedCount}
              moves={moves}
              open={open}
              onOpen={toggle}
            />
          </View>
        </View>
      </Dragging>
      <WantedOfDay day={day} jobs={placed} />
    </Page>
  );
}

/** Whoever has something to do stands before whoever has not. */
const workedFirst = (mechanics: Workday['mechanics']): Workday['mechanics'] =>
  mechanics.toSorted((a, b) => Number(a.jobs.length === 0) - Number(b.jobs.length === 0));

const styles = StyleSheet.create({
  days: { flexDirection: 'row', gap: space.s },
  columns: { flexDirection: 'row', flexWrap: 'wrap' },
  column: { flexGrow: 1, flexBasis: size.figure, minWidth: 0 },
});

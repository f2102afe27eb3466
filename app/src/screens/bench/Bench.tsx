import { ENDS } from '@hold-fast/core/ends';
import type { BenchJob } from '@hold-fast/contract/jobs';
import { Link, router } from 'expo-router';
import { useEffect, useLayoutEffect } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { keepFirst, pressEarly, unpaint } from '../../data/first';
import { useBench, useBenchSum, useIsNotTaken } from '../../data/queries';
import { Button, Buttons } from '../../ui/Button';
import { JobTag } from '../../ui/JobTag';
import { Note } from '../../ui/Note';
import { Empty, Failed, Loading } from '../../ui/Standing';
import { color, font, size, space, type } from '../../ui/tokens';
import { VerdictMark } from '../../ui/VerdictMark';
import { LongList } from '../../ui/LongList';
import { ScreenName } from '../../ui/ScreenName';
import { Words } from '../../ui/Words';
import { benchTime, near, calendarDay, todaysHeading } from '../../words/days';
import { words } from '../../words/words';
import { behind } from '../later';
import { PersonAside } from '../Places';
import { PinTried } from '../people/PinTried';
import { openJob, Opening } from './Opening';
import { atJob } from '../routes';

const NeedsYou = behind('NeedsYou');

/** How long the list has to stand before it is kept for the next start, ms. */
const KEPT_AFTER_MS = 1500;

interface Props {
  /** The job that stands open beside the list. */
  current?: string | undefined;
  /** Who is signed in, where the rail does not say it. */
  person?: string | undefined;
}

/** The bikes in hand, by the time they are promised for. */
export function Bench({ current, person }: Props) {
  const bench = useBench();
  const jobs = bench.data ?? [];
  const sum = useBenchSum().data ?? null;
  const room = current === undefined ? 'phone' : 'wide';
  const isNotTaken = useIsNotTaken();
  const isThere = !bench.isPending;
  useLayoutEffect(() => {
    if (isThere) unpaint();
  }, [isThere]);
  useEffect(() => {
    // The router begins to listen with the effects round this one.
    if (isThere) setTimeout(pressEarly);
  }, [isThere]);
  useEffect(() => {
    const later = setTimeout(() => void keepFirst(room), KEPT_AFTER_MS);
    return () => clearTimeout(later);
  }, [bench.dataUpdatedAt, room]);
  return (
    <View style={styles.page} role={current === undefined ? 'main' : 'complementary'}>
      <View style={styles.top}>
        <View>
          <Words kind="label">{todaysHeading()}</Words>
          <ScreenName>{words.places.bench}</ScreenName>
        </View>
        {sum !== null && sum.bikes > 0 && (
          <View style={styles.sum}>
            <Words ink="soft">
              {sum.bikes === 1 ? words.bench.oneBike : words.bench.bikes(sum.bikes)}
            </Words>
            <Words kind="strong">{benchTime(sum.minutes)}</Words>
          </View>
        )}
      </View>
      {isNotTaken ? <NeedsYou /> : null}
      <PinTried />
      {/* What is shown is what was said last: a do-not-ride of since then would be missing. */}
      {bench.error && bench.data ? <Note kind="caution">{bench.error.message}</Note> : null}
      {bench.isPending ? (
        <Loading />
      ) : bench.error && !bench.data ? (
        <Failed error={bench.error} onRetry={() => void bench.refetch()} />
      ) : (
        <LongList
          items={jobs}
          keyOf={(job) => job.id}
          onMore={bench.hasNextPage ? () => void bench.fetchNextPage() : undefined}
          empty={<Empty title={words.bench.noBikeIsIn} says={words.bench.bikesThatAreCheckedIn} />}
          foot={person ? <PersonAside person={person} /> : null}
        >
          {(item) => (
            <BenchRow job={item} current={item.id === current} beside={current !== undefined} />
          )}
        </LongList>
      )}
      <View style={styles.foot}>
        <Buttons>
          <Button
            kind="plain"
            says={words.bench.theDay}
            onPress={() => router.navigate('/bench/day')}
          />
          <Button
            grow
            says={words.bench.checkInABike}
            onPress={() => router.navigate('/bench/check-in')}
          />
        </Buttons>
      </View>
      <Opening />
    </View>
  );
}

/** Whether a press asks for this page alone, and not for a tab or a window of its own. */
const isPlain = ({ button, metaKey, altKey, ctrlKey, shiftKey }: MouseEvent) =>
  button === 0 && !metaKey && !altKey && !ctrlKey && !shiftKey;

interface RowProps {
  job: BenchJob;
  current: boolean;
  /** Whether the job opens beside the list, and not in its place. */
  beside: boolean;
}

function BenchRow({ job, current, beside }: RowProps) {
  const next = job.next.end
    ? `${words.step[job.next.step]}, ${words.end[job.next.end]}`
    : words.step[job.next.step];
  const page = atJob(job.id);
  return (
    <Link
      href={page}
      asChild
      onPress={(event) => {
        if (!isPlain(event as unknown as MouseEvent)) return;
        event.preventDefault();
        if (beside) router.navigate(page);
        else openJob(job);
      }}
    >
      <Pressable
        aria-current={current ? 'page' : undefined}
        style={StyleSheet.flatten([styles.row, current && styles.current])}
      >
        {current ? <View style={styles.edge} /> : null}
        <JobTag tag={job.tag} />
        <View style={styles.text}>
          <Words kind="title" numberOfLines={1}>
            {job.bikeName}
          </Words>
          <Words ink="soft" numberOfLines={2}>{`${job.customerName} · ${job.complaint}`}</Words>
          {job.doNotRide ? (
            <Words kind="strong" ink="rustText">
              {words.bench.doNotRide}
            </Words>
          ) : job.againstAdvice ? (
            <Words kind="strong" ink="fogText">
              {words.bench.riddenAgainstAdvice}
            </Words>
          ) : null}
          <Words kind="strong" ink={current ? 'brassText' : 'ink'}>
            {job.waits
              ? words.bench.waits(
                  words.bench.waitsFor[job.waits.for],
                  calendarDay(job.waits.askAgainOn),
                  job.waits.away,
                )
              : words.bench.next(next)}
          </Words>
        </View>
        <View style={styles.aside}>
          <Words kind="strong">{promiseSays(job.promisedAt)}</Words>
          <View style={styles.marks}>
            {ENDS.map((end) => {
              const word = job[end];
              return word === undefined ? null : (
                <View key={end} style={styles.mark}>
                  <Words style={styles.end} ink="soft">
                    {words.endLetter[end]}
                  </Words>
                  <VerdictMark
                    word={word}
                    of={size.smallMark}
                    says={`${words.end[end]}: ${word ? words.standing({ word }) : words.bench.notInspected}`}
                  />
                </View>
              );
            })}
          </View>
        </View>
      </Pressable>
    </Link>
  );
}

function promiseSays(promisedAt: string): string {
  const when = near(promisedAt);
  return /^\d/.test(when) ? words.bench.by(when) : when;
}

const styles = StyleSheet.create({
  page: { flex: 1, backgroundColor: color.paper },
  top: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'flex-end',
    padding: space.l,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
  sum: { alignItems: 'flex-end' },
  row: {
    flexDirection: 'row',
    gap: space.m,
    paddingVertical: space.m,
    paddingRight: space.l,
    paddingLeft: space.l,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
  current: { backgroundColor: color.raised },
  edge: {
    position: 'absolute',
    left: 0,
    top: 0,
    bottom: 0,
    width: size.heavyLine,
    backgroundColor: color.brass,
  },
  text: { flex: 1, minWidth: 0 },
  aside: { alignItems: 'flex-end', gap: space.s },
  marks: { flexDirection: 'row', gap: space.m },
  mark: { flexDirection: 'row', alignItems: 'center', gap: space.xs },
  end: { fontFamily: font.head, fontSize: type.small, fontWeight: '600' },
  foot: {
    padding: space.l,
    paddingTop: space.s,
    gap: space.xs,
    borderTopWidth: size.line,
    borderColor: color.hairline,
  },
});

import { endsOf } from '@hold-fast/core/kit/brakes';
import { openNotices } from '@hold-fast/core/notice/notice';
import type { Job } from '@hold-fast/core/job/job';
import { inspectEnd, type InspectionItem } from '@hold-fast/core/inspection/inspectEnd';
import { StyleSheet, View } from 'react-native';
import { color, space, type } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { words } from '../../../words/words';

/** What makes a bike one that is not ridden: what this visit found, and what hangs on it from another. Each once. */
function graveOf(job: Job): string[] {
  const found = job.sealed
    ? []
    : endsOf(job.bike).flatMap((end) =>
        inspectEnd(job, end).items.filter(({ doNotRide }) => doNotRide),
      );
  const notices = job.sealed ? [] : openNotices(job).filter(({ doNotRide }) => doNotRide);
  return [
    ...new Set([...[...found, ...job.tags].map(graveSays), ...notices.map(({ title }) => title)]),
  ];
}

function graveSays({ end, subject, found }: Pick<InspectionItem, 'end' | 'subject' | 'found'>) {
  const seen = found.map((each) => words.finding[each]);
  return `${words.thingAt(end, subject)}${seen.length > 0 ? `, ${words.format.list(seen)}` : ''}`;
}

/** On every page of a job: the bike is not ridden, and why. */
export function DoNotRideBanner({ job }: { job: Job }) {
  const grave = graveOf(job);
  if (grave.length === 0) return null;
  return (
    <View style={styles.banner} role="alert" testID="do-not-ride">
      <Words style={styles.says} numberOfLines={1}>
        {words.doNotRide.doNotRide}
        <Words style={styles.why}>{`  ${capital(grave.join('; '))}`}</Words>
      </Words>
    </View>
  );
}

/** The largest thing on what was found. */
export function DoNotRide({ job }: { job: Job }) {
  const grave = graveOf(job);
  if (grave.length === 0) return null;
  return (
    <View style={styles.large} role="alert" testID="do-not-ride">
      <Words style={styles.largest}>{words.doNotRide.doNotRide}</Words>
      {grave.map((each) => (
        <Words key={each} style={styles.each}>
          {`${capital(each)}.`}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  banner: { backgroundColor: color.rust, paddingHorizontal: space.l, paddingVertical: space.xs },
  says: { color: color.onRust, fontSize: type.large, fontWeight: '600' },
  why: { color: color.onRust, fontSize: type.body },
  large: { backgroundColor: color.rust, padding: space.l, gap: space.xs },
  largest: {
    color: color.onRust,
    fontSize: type.giant,
    lineHeight: type.giant,
    fontWeight: '600',
  },
  each: { color: color.onRust, fontSize: type.title, lineHeight: type.title * 1.2 },
});

import type { BenchJob } from '@hold-fast/contract/jobs';
import { router } from 'expo-router';
import { useEffect, useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { Listeners } from '../../listeners';
import { words } from '../../words/words';
import { JobToCome } from './JobToCome';
import { atJob } from '../routes';

let pressed: BenchJob | null = null;
const changed = new Listeners();

function press(job: BenchJob | null): void {
  pressed = job;
  changed.tell();
}

/** Shows the head of a job's page over the list at once, and goes there once it was seen: making the page itself would hold its first frame back. */
export function openJob(job: BenchJob): void {
  press(job);
  // The frame that draws it, and the next, before which that one was shown.
  requestAnimationFrame(() =>
    requestAnimationFrame(() =>
      setTimeout(() => {
        if (pressed === job) router.navigate(atJob(job.id));
      }),
    ),
  );
}

const back = { says: words.jobFrame.bench, go: () => press(null) };

/** The job that was pressed, over the list until its page is gone to. */
export function Opening() {
  const job = useSyncExternalStore(
    changed.add,
    () => pressed,
    () => null,
  );
  useEffect(() => () => press(null), []);
  return job ? (
    <View style={StyleSheet.absoluteFill}>
      <JobToCome job={job} back={back} />
    </View>
  ) : null;
}

import { discsOf } from '@hold-fast/core/kit/brakes';
import type { Measurand } from '@hold-fast/core/measurand/measurand';
import type { Job, Measured } from '@hold-fast/core/job/job';
import { isWorkOpen } from '@hold-fast/core/job/visit';
import type { Gauge } from '@hold-fast/contract/stores';
import { standingSitting } from '@hold-fast/core/inspection/inspectEnd';
import type { End } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { client, keys } from '../../../data/client';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Buttons } from '../../../ui/Button';
import { space } from '../../../ui/tokens';
import { words } from '../../../words/words';
import { sittingAt } from '../JobFrame';
import { OnFrom } from '../prove/OnFrom';
import { beginSitting } from './begin';
import { measuringWords } from '../../../words/measuring';
import { atJob } from '../../routes';

/** Goes on to measure something else with the gauge in hand: its sitting is begun, nothing is asked again. */
export function goOnWith(
  job: Job,
  { gaugeId, end: here, basis }: Measured,
  part: Measurand,
  end: End = here,
): void {
  const gauge = client.getQueryData<Gauge[]>(keys.gauges)?.find(({ id }) => id === gaugeId);
  if (gauge && !sittingAt(job, end, part))
    beginSitting(job, end, part, gauge, part === 'pads' ? (basis ?? 'total') : null);
  router.navigate(atJob(job.id, `${end}/${part}`));
}

/**
 * Where a sitting leads once every place is read: on with the plan where work at its end is open, else to what is measured next.
 * @param renew how what is worn is recorded as renewed
 * @param next the large key where no work is open
 */
export function WaysOn({
  job,
  end,
  renew,
  next,
}: {
  job: Job;
  end: End;
  renew?: ReactNode;
  next: ReactNode;
}) {
  return (
    <View style={styles.ways}>
      {renew}
      {isWorkOpen(job, end) ? (
        <OnFrom job={job} />
      ) : (
        <Buttons>
          <Button
            kind="plain"
            says={measuringWords.goOn.job}
            onPress={() => router.navigate(atJob(job.id))}
          />
          {next}
        </Buttons>
      )}
    </View>
  );
}

/** The way on when both parts of an end are measured: the other end, or what all of it comes to. */
export function NextEnd({ job, measured }: { job: Job; measured: Measured }) {
  const other = discsOf(job.bike).find((end) => !standingSitting(job, end, 'rotor'));
  if (other && job.identified[other])
    return (
      <Button
        grow
        says={measuringWords.goOn.measureTheRotor(words.end[other])}
        onPress={() => goOnWith(job, measured, 'rotor', other)}
      />
    );
  return (
    <Button
      grow
      says={
        other
          ? measuringWords.goOn.identifyTheBrake(words.end[other])
          : measuringWords.goOn.whatWasFound
      }
      onPress={() =>
        router.navigate(other ? atJob(job.id, `${other}/identify`) : atJob(job.id, 'found'))
      }
    />
  );
}

const styles = StyleSheet.create({ ways: { padding: space.l, gap: space.s } });

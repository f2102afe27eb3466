import { discsOf } from '@hold-fast/core/kit/brakes';
import type { Measurand } from '@hold-fast/core/measurand/measurand';
import type { Job, Measured } from '@hold-fast/core/job/job';
import type { Gauge } from '@hold-fast/contract/stores';
import { standingSitting } from '@hold-fast/core/inspection/inspectEnd';
import type { End } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { client, keys } from '../../../data/client';
import { Button } from '../../../ui/Button';
import { words } from '../../../words/words';
import { sittingAt } from '../JobFrame';
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

import type { Measurand } from '@hold-fast/core/measurand/measurand';
import { gaugeAsKnown } from '@hold-fast/core/job/measurement';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import type { Job } from '@hold-fast/core/job/job';
import type { Gauge } from '@hold-fast/contract/stores';
import { standingZero } from '@hold-fast/core/gauge/zeroCheck';
import { valuesAt } from '@hold-fast/core/inspection/session';
import type { End } from '@hold-fast/core/ends';
import { append, entryOf } from '../../../data/jobWrites';
import { onDevice } from '../../../remembered';
import { measuringWords } from '../../../words/measuring';

const LAST_GAUGE = 'hold-fast.gauge.';

/** The gauge used last for such a thing on this device. */
export function lastGauge(part: Measurand): string | null {
  return onDevice.getItem(LAST_GAUGE + part);
}

/**
 * Begins a sitting. A zero check made with the same gauge on this job a short while ago still stands and is kept with
 * this sitting too.
 */
export function beginSitting(
  job: Job,
  end: End,
  part: Measurand,
  gauge: Gauge,
  basis: EntryOf<'measurement'>['basis'],
): void {
  onDevice.setItem(LAST_GAUGE + part, gauge.id);
  const { rotorPoints, runoutPoints } = job.rules;
  const sitting = entryOf<'measurement'>({
    kind: 'measurement',
    end,
    part,
    gaugeId: gauge.id,
    basis,
    pointCount: part === 'rotor' ? rotorPoints : part === 'runout' ? runoutPoints : null,
  });
  append(job.id, sitting, { known: { gauge: gaugeAsKnown(gauge) } });
  if (part !== 'rotor' && part !== 'pads') return;
  const sittings = job.measured.map(({ gaugeId, at, readings }) => ({
    gaugeId,
    at,
    zeroMm: valuesAt(readings, 'zero').at(-1) ?? null,
  }));
  const zeroMm = standingZero(sittings, gauge.id, Date.parse(sitting.at));
  if (zeroMm !== null)
    append(
      job.id,
      entryOf<'reading'>({
        kind: 'reading',
        measurementId: sitting.id,
        place: 'zero',
        valueMm: zeroMm,
        typed: measuringWords.begin.stillStands,
        via: 'keys',
        replaces: null,
        words: '',
      }),
    );
}

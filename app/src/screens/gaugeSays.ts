import type { Gauge } from '@hold-fast/contract/stores';
import { inCalibration } from '@hold-fast/core/gauge/gauge';
import { calendarDay } from '../words/days';
import { storesWords } from '../words/stores';
import { words } from '../words/words';

/** A gauge’s kind, doubt and calibration, in one line. */
export function gaugeSays(gauge: Gauge, day: string): string {
  const kind = `${words.gaugeKind[gauge.kind]}, ${gauge.anvils === 'point' ? storesWords.gauge.pointAnvils : storesWords.gauge.flatJaws}`;
  const doubt = gauge.uncertaintyAssumed
    ? storesWords.gauge.doubtAssumed
    : storesWords.gauge.doubtByCertificate;
  const calibration = inCalibration(gauge.calibrationDueOn, day)
    ? storesWords.gauge.calibratedTo(calendarDay(gauge.calibrationDueOn!))
    : storesWords.gauge.outOfCalibrationMayCondemn;
  const feed = gauge.feedSerial ? storesWords.gauge.onTheFeedAs(gauge.feedSerial) : '';
  return `${kind} · ${doubt} · ${calibration}${feed}`;
}

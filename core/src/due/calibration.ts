import { inCalibration } from '../gauge/gauge';
import { CALIBRATION_CYCLES } from '../torque/wrench';
import { daysAfter } from './due';

/** So long before its day a calibration is told of, days [D]: time to send an instrument away and have another at hand. */
const AHEAD_DAYS = 30;

/** An instrument of the shop, as far as its calibration goes. */
interface Instrument {
  id: string;
  name: string;
  calibrationDueOn: string | null;
  retired: boolean;
  /** Clicks since calibration; a gauge has none that count. */
  clicks?: number;
}

export interface CalibrationDue {
  id: string;
  name: string;
  /** Last day it is valid, `yyyy-mm-dd`; null where it never was calibrated. */
  on: string | null;
  because: 'never' | 'date' | 'clicks';
  /** It proves nothing any more. */
  late: boolean;
}

/** The instruments that are due for calibration on a day or soon after, those that prove nothing any more first. */
export function calibrationsDue(
  instruments: readonly Instrument[],
  today: string,
): CalibrationDue[] {
  const soon = daysAfter(today, AHEAD_DAYS);
  return instruments
    .filter(({ retired }) => !retired)
    .flatMap(({ id, name, calibrationDueOn: on, clicks = 0 }): CalibrationDue[] => {
      if (on === null) return [{ id, name, on, because: 'never', late: true }];
      if (clicks >= CALIBRATION_CYCLES) return [{ id, name, on, because: 'clicks', late: true }];
      return on <= soon ? [{ id, name, on, because: 'date', late: !inCalibration(on, today) }] : [];
    })
    .sort((a, b) => (a.on ?? '').localeCompare(b.on ?? '') || a.name.localeCompare(b.name));
}

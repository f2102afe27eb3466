import { calibrationsDue } from '@hold-fast/core/due/calibration';
import { router } from 'expo-router';
import { useGauges, useWrenches } from '../../data/queries';
import { Row } from '../../ui/Row';
import { calendarDay } from '../../words/days';
import { dueWords } from '../../words/due';
import { words } from '../../words/words';

/** The instruments that have to be calibrated: without them nothing is proven. */
export function CalibrationsDue({ today }: { today: string }) {
  const gauges = useGauges().data ?? [];
  const wrenches = useWrenches().data ?? [];
  const due = calibrationsDue(
    [...gauges, ...wrenches.map((wrench) => ({ ...wrench, clicks: wrench.uses }))],
    today,
  );
  if (due.length === 0) return null;
  const late = due.some((each) => each.late);
  return (
    <Row
      title={dueWords.calibrate(due.length)}
      word={{ says: words.places.stores, ink: late ? 'rustText' : 'soft' }}
      says={due
        .map(({ name, on, because }) =>
          dueWords.calibration[because](name, on === null ? '' : calendarDay(on)),
        )
        .join(' · ')}
      onPress={() => router.navigate('/stores')}
      testID="calibrations-due"
    />
  );
}

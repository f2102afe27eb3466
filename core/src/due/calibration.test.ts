import { inCalibration } from '../gauge/gauge';
import { CALIBRATION_CYCLES, wrenchInCalibration } from '../torque/wrench';
import { calibrationsDue } from './calibration';

const TODAY = '2026-11-27';
const of = (name: string, calibrationDueOn: string | null, change: object = {}) => ({
  id: name,
  name,
  calibrationDueOn,
  retired: false,
  ...change,
});
const due = (...instruments: ReturnType<typeof of>[]) =>
  calibrationsDue(instruments, TODAY).map(({ name, because }) => `${name} ${because}`);

it('tells of a calibration a month ahead, and not before', () => {
  expect(due(of('G1', '2026-12-27'), of('G2', '2026-12-28'))).toEqual(['G1 date']);
});

it('counts what was never calibrated, and a wrench past its clicks, whatever its day [M: ISO 6789]', () => {
  const far = '2027-11-01';
  expect(
    due(
      of('W1', far, { clicks: CALIBRATION_CYCLES }),
      of('W2', far, { clicks: CALIBRATION_CYCLES - 1 }),
      of('G3', null),
    ),
  ).toEqual(['G3 never', 'W1 clicks']);
});

it('leaves out what is retired, and the late come first', () => {
  expect(
    due(of('G2', '2026-12-01'), of('G1', '2025-01-01'), of('G0', '2020-01-01', { retired: true })),
  ).toEqual(['G1 date', 'G2 date']);
});

it('names every instrument that proves nothing any more', () => {
  for (const day of ['2026-11-26', '2026-11-27', null]) {
    const standing = inCalibration(day, TODAY);
    const told = calibrationsDue([of('G', day)], TODAY);
    expect(told.map(({ late }) => late)).toEqual([!standing]);
  }
  const wrench = {
    kind: 'click',
    maxNm: 25,
    markNm: 1,
    tolerance: 0.04,
    calibrationDueOn: '2027-11-01',
    uses: CALIBRATION_CYCLES,
  } as never;
  expect(wrenchInCalibration(wrench, TODAY)).toBe(false);
});

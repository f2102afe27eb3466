import { padMeasurement } from '../measurand/pads';
import { rotorMeasurement } from '../measurand/rotor';
import { correctedTwice, type MeasuringSession, valuesAt } from './session';

const session: MeasuringSession = {
  gauge: {
    kind: 'thickness-gauge',
    resolutionMm: 0.01,
    uncertaintyMm: 0.03,
    anvils: 'point',
    calibrationDueOn: '2027-03-01',
  },
  basis: null,
  pointCount: 6,
  measuredOn: '2026-11-25',
  readings: [
    { id: 'a', place: 'zero', valueMm: 0.01, replaces: null },
    { id: 'b', place: '1', valueMm: 1.62, replaces: null },
    { id: 'c', place: '1', valueMm: 1.52, replaces: 'b' },
    { id: 'd', place: '1', valueMm: 1.54, replaces: null },
    { id: 'e', place: 'lip', valueMm: 1.8, replaces: null },
  ],
  looks: [
    { subject: 'ridge', seen: false },
    { subject: 'ridge', seen: true },
  ],
};

it('a correction stands in for the reading it replaces; repeats stand beside each other', () =>
  expect(valuesAt(session.readings, '1')).toEqual([1.52, 1.54]));

it('a correction of a correction leaves the last alone', () =>
  expect(
    valuesAt([...session.readings, { id: 'f', place: '1', valueMm: 1.53, replaces: 'c' }], '1'),
  ).toEqual([1.54, 1.53]));

it('gives a rotor measurement of the points that were read, and the last look at each subject', () =>
  expect(rotorMeasurement(session)).toMatchObject({
    points: [{ point: 1, readingsMm: [1.52, 1.54] }],
    zeroErrorMm: 0.01,
    ridge: 'felt',
    lipMm: 1.8,
    damage: [],
  }));

it('says when nobody looked or zeroed', () =>
  expect(rotorMeasurement({ ...session, readings: [], looks: [] })).toMatchObject({
    zeroErrorMm: null,
    ridge: 'not-looked',
    lipMm: null,
  }));

it('gives a pad measurement by place', () =>
  expect(
    padMeasurement({
      ...session,
      basis: 'friction',
      readings: [{ id: 'a', place: 'inner-leading', valueMm: 1.9, replaces: null }],
    }),
  ).toMatchObject({
    basis: 'friction',
    readings: { 'inner-leading': [1.9], 'outer-leading': [] },
  }));

it('tells where one reading was corrected by two people, until either is put right', () => {
  const reads = (id: string, valueMm: number, replaces: string | null) => ({
    id,
    place: '1',
    valueMm,
    replaces,
  });
  const first = reads('a', 1.66, null);
  const two = [first, reads('b', 1.56, 'a'), reads('c', 1.58, 'a')];
  expect(correctedTwice(two)).toEqual(['1']);
  expect(valuesAt(two, '1')).toEqual([1.56, 1.58]);
  expect(correctedTwice([first, reads('b', 1.56, 'a')])).toEqual([]);
  expect(correctedTwice([...two, reads('d', 1.57, 'c')])).toEqual([]);
});

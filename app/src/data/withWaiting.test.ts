import { judge } from '@hold-fast/core/inspection/judge';
import { begins, exampleJob, GAUGE, reads, waitingOf } from '../testing/exampleJob';
import type { Waiting } from './outbox';
import { withWaiting } from './withWaiting';

const job = exampleJob();
const begin = begins('rotor');
const sent = (entry: Waiting['entry']) => waitingOf(entry, { gauge: GAUGE });
const readings = [
  reads(begin.id, 'zero', 0),
  ...[1.52, 1.5, 1.47].map((mm, i) => reads(begin.id, String(i + 1), mm)),
];

it('shows and judges what the server does not have yet', () => {
  const now = withWaiting(job, [begin, ...readings].map(sent));
  const [measured] = now.measured;
  expect(measured!.readings.map(({ valueMm }) => valueMm)).toEqual([0, 1.52, 1.5, 1.47]);
  expect(
    judge('rotor', measured!, { sheet: job.identified.front!.sheet.body, stampedLimit: null }),
  ).toMatchObject({
    word: 'replace',
  });
});

it('does not show twice what the server already has', () => {
  const had = withWaiting(job, [begin, ...readings].map(sent));
  expect(withWaiting(had, [begin, ...readings].map(sent)).measured[0]!.readings).toHaveLength(4);
});

it('leaves other jobs alone', () =>
  expect(withWaiting(job, [{ ...sent(begin), jobId: 'another' }]).measured).toEqual([]));

it('lets a new sitting take the place of the one before once something was read in it, and not before', () => {
  const again = begins('rotor');
  const standing = (entries: Parameters<typeof sent>[0][]) =>
    withWaiting(job, entries.map(sent))
      .measured.filter(({ superseded }) => !superseded)
      .map(({ id }) => id);
  const begun = [begin, ...readings, again];
  expect(standing(begun)).toEqual([begin.id, again.id]);
  expect(standing([...begun, reads(again.id, 'zero', 0)])).toEqual([begin.id, again.id]);
  expect(standing([...begun, reads(again.id, '1', 1.7)])).toEqual([again.id]);
});

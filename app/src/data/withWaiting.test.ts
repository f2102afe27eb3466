import type { Logged } from '@hold-fast/core/job/kinds';
import { gaugeAsKnown } from '@hold-fast/core/job/measurement';
import { judge } from '@hold-fast/core/inspection/judge';
import { begins, exampleJob, exampleLog, GAUGE, reads, waitingOf } from '../testing/exampleJob';
import type { Waiting } from './outbox';
import { hearShopClock } from '../shopClock';
import { withWaiting } from './withWaiting';

const job = exampleJob();
const log = exampleLog();
const BY = 'Maren Okafor';
const begin = begins('rotor');
const sent = (entry: Waiting['entry']) =>
  waitingOf(entry, {
    known: entry.kind === 'measurement' ? { gauge: gaugeAsKnown(GAUGE) } : null,
  });
const readings = [
  reads(begin.id, 'zero', 0),
  ...[1.52, 1.5, 1.47].map((mm, i) => reads(begin.id, String(i + 1), mm)),
];

it('shows and judges what the server does not have yet', () => {
  const now = withWaiting(log, [begin, ...readings].map(sent), { by: BY });
  const [measured] = now.measured;
  expect(measured!.readings.map(({ valueMm }) => valueMm)).toEqual([0, 1.52, 1.5, 1.47]);
  expect(
    judge('rotor', measured!, { sheet: job.identified.front!.sheet.body, stamps: [] }),
  ).toMatchObject({ verdict: { word: 'replace' } });
});

it('is the same job once the server has it, to the letter', () => {
  const entries = [begin, ...readings];
  const logged = entries.map((entry, i) => {
    const { known } = sent(entry);
    return { entry, known, seq: 2 + i, by: BY } as Logged;
  });
  const whole = withWaiting({ ...log, entries: [...log.entries, ...logged] }, [], { by: BY });
  for (let taken = 0; taken <= entries.length; taken++) {
    const half = { ...log, entries: [...log.entries, ...logged.slice(0, taken)] };
    // What the server has and the answer has not said yet still waits: it counts once.
    for (const waiting of [entries, entries.slice(taken)])
      expect(JSON.stringify(withWaiting(half, waiting.map(sent), { by: BY }))).toBe(
        JSON.stringify(whole),
      );
  }
});

it('shows what waits on a phone whose clock is a day wrong when the shop will say that it was', () => {
  const now = Date.now();
  const at = () =>
    Date.parse(withWaiting(log, [begin].map(sent), { by: BY }).measured[0]!.at) -
    Date.parse(begin.at);
  expect(at()).toBe(0);
  hearShopClock(new Date(now + 86_400_000).toUTCString());
  expect(Math.round(at() / 60_000)).toBe(24 * 60);
  hearShopClock(new Date().toUTCString());
  expect(at()).toBe(0);
});

it('leaves other jobs alone', () =>
  expect(withWaiting(log, [{ ...sent(begin), jobId: 'another' }], { by: BY }).measured).toEqual(
    [],
  ));

it('lets a new sitting take the place of the one before once something was read in it, and not before', () => {
  const again = begins('rotor');
  const standing = (entries: Parameters<typeof sent>[0][]) =>
    withWaiting(log, entries.map(sent), { by: BY })
      .measured.filter(({ superseded }) => !superseded)
      .map(({ id }) => id);
  const begun = [begin, ...readings, again];
  expect(standing(begun)).toEqual([begin.id, again.id]);
  expect(standing([...begun, reads(again.id, 'zero', 0)])).toEqual([begin.id, again.id]);
  expect(standing([...begun, reads(again.id, '1', 1.7)])).toEqual([again.id]);
});

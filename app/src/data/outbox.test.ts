import type { Job } from '@hold-fast/contract/jobs';
import { exampleJob, reads } from '../testing/exampleJob';
import { Outbox, type Waiting } from './outbox';

const MEASUREMENT = '0190a000-0000-7000-8000-000000000009';
const jobId = exampleJob().id;
const waits = (place: string, valueMm = 1.7): Waiting => ({
  jobId,
  entry: reads(MEASUREMENT, place, valueMm),
  appWord: null,
});

type Answer = { status: number; body: unknown } | 'lost';
let answers: Answer[];
let sent: string[];

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  answers = [];
  sent = [];
  globalThis.fetch = jest.fn((_address: RequestInfo | URL, init?: RequestInit) => {
    const answer = answers.shift() ?? { status: 201, body: exampleJob() };
    if (answer === 'lost') return Promise.reject(new TypeError('network'));
    sent.push((JSON.parse(init!.body as string) as { entry: { id: string } }).entry.id);
    return Promise.resolve({
      ok: answer.status < 400,
      status: answer.status,
      json: () => Promise.resolve(answer.body),
    } as Response);
  });
});
afterEach(() => jest.useRealTimers());

const problem = (status: number, kind: string): Answer => ({
  status,
  body: { type: `urn:hold-fast:problem:${kind}`, title: kind, status },
});
const settle = async (ms = 0) => {
  await jest.advanceTimersByTimeAsync(ms);
};

it('sends entries one after the other, in the order they were made', async () => {
  const taken: Job[] = [];
  const outbox = new Outbox(localStorage, (job) => taken.push(job));
  const made = ['1', '2', '3'].map((place) => waits(place));
  made.forEach((waiting) => outbox.add(waiting));
  expect(outbox.waiting).toHaveLength(3);
  await settle();
  expect(sent).toEqual(made.map(({ entry }) => entry.id));
  expect(outbox.waiting).toEqual([]);
  expect(taken).toHaveLength(3);
  expect(localStorage).toHaveLength(0);
});

it('keeps them through a reload, and sends them then', async () => {
  answers = ['lost'];
  const before = new Outbox(localStorage, () => undefined);
  const waiting = waits('1');
  before.add(waiting);
  await settle();
  const after = new Outbox(localStorage, () => undefined);
  expect(after.waiting).toEqual([waiting]);
  await after.send();
  expect(after.waiting).toEqual([]);
  expect(sent).toEqual([waiting.entry.id]);
});

it.each([
  ['cut off', '{"jobId":"01'],
  ['no entry at all', '{"jobId":"0190a000-0000-7000-8000-000000000001"}'],
  ['of another make', '"hello"'],
])('sets aside one that is %s, says so, and sends the rest', async (_, kept) => {
  const sound = waits('1');
  localStorage.setItem('hold-fast.outbox.0', kept);
  localStorage.setItem(`hold-fast.outbox.${sound.entry.id}`, JSON.stringify(sound));
  const outbox = new Outbox(localStorage, () => undefined);
  expect(outbox.waiting).toEqual([sound]);
  expect(outbox.unreadable).toBe(1);
  await outbox.send();
  expect(sent).toEqual([sound.entry.id]);
  // Kept as it is, and still said after a reload, until somebody has dealt with it.
  const after = new Outbox(localStorage, () => undefined);
  expect(after.unreadable).toBe(1);
  expect(Object.values(localStorage)).toContain(kept);
  after.dismissUnreadable();
  expect(new Outbox(localStorage, () => undefined).unreadable).toBe(0);
});

it('tries again by itself after a lost connection, with the same id', async () => {
  answers = ['lost', 'lost', problem(503, 'unavailable')];
  const outbox = new Outbox(localStorage, () => undefined);
  outbox.add(waits('1'));
  await settle();
  expect(outbox.waiting).toHaveLength(1);
  await settle(10_000);
  expect(outbox.waiting).toEqual([]);
  expect(new Set(sent).size).toBe(1);
});

it('waits for a sign-in when the session ended, and loses nothing', async () => {
  answers = [problem(401, 'not-signed-in')];
  const outbox = new Outbox(localStorage, () => undefined);
  outbox.add(waits('1'));
  await settle(60_000);
  expect(outbox.waiting).toHaveLength(1);
  await outbox.send();
  expect(outbox.waiting).toEqual([]);
});

it('sets a refused entry aside with its reason, and goes on with the rest', async () => {
  answers = [problem(422, 'reading-refused')];
  const outbox = new Outbox(localStorage, () => undefined);
  outbox.add(waits('1', 1.9));
  outbox.add(waits('2'));
  await settle(10);
  expect(outbox.waiting).toEqual([]);
  expect(outbox.refused.map(({ problem: { title } }) => title)).toEqual(['reading-refused']);
  outbox.dismissRefused(jobId);
  expect(outbox.refused).toEqual([]);
});

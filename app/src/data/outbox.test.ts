import type { JobChange } from '@hold-fast/contract/jobs';
import { exampleLog, ME, reads, waitingOf } from '../testing/exampleJob';
import { v7 as uuid } from 'uuid';
import { NoConnection } from './api';
import { Outbox, type Waiting } from './outbox';

const MEASUREMENT = '0190a000-0000-7000-8000-000000000009';
const waits = (place: string, valueMm = 1.7, more: Partial<Waiting> = {}): Waiting =>
  waitingOf(reads(MEASUREMENT, place, valueMm), more);
/** An outbox with somebody signed in. */
const opened = (
  onTaken: (jobId: string, change: JobChange) => Promise<unknown> = () => Promise.resolve(),
) => {
  const outbox = new Outbox(localStorage, onTaken);
  outbox.signedInAs(ME);
  return outbox;
};

const CHANGE: JobChange = { base: exampleLog().base, added: [], count: 1, registers: [] };

type Answer = { status: number; body: unknown } | 'lost';
let answers: Answer[];
let sent: string[];

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  answers = [];
  sent = [];
  globalThis.fetch = jest.fn((_address: RequestInfo | URL, init?: RequestInit) => {
    const answer = answers.shift() ?? { status: 201, body: CHANGE };
    if (answer === 'lost') return Promise.reject(new TypeError('network'));
    sent.push((JSON.parse(init!.body as string) as { entry: { id: string } }).entry.id);
    return Promise.resolve({
      ok: answer.status < 400,
      headers: new Headers(),
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

it('lets go of what was taken once the device has it from the server, and sends it again where it cannot be had', async () => {
  const trouble = [new NoConnection(), null];
  const outbox = opened(() => {
    const lost = trouble.shift();
    return lost ? Promise.reject(lost) : Promise.resolve();
  });
  const made = waits('1');
  outbox.add(made);
  await settle();
  expect([sent.length, outbox.waiting.length, localStorage.length]).toEqual([1, 1, 1]);
  await settle(1000);
  expect(sent).toEqual([made.entry.id, made.entry.id]);
  expect([outbox.waiting.length, outbox.needsYou.length, localStorage.length]).toEqual([0, 0, 0]);
});

it('sends entries one after the other, in the order they were made', async () => {
  const taken: JobChange[] = [];
  const outbox = opened((_jobId, change) => Promise.resolve(taken.push(change)));
  const made = ['1', '2', '3'].map((place) => waits(place));
  made.forEach((waiting) => outbox.add(waiting));
  expect(outbox.waiting).toHaveLength(3);
  await settle();
  expect(sent).toEqual(made.map(({ entry }) => entry.id));
  expect(outbox.waiting).toEqual([]);
  expect(taken).toHaveLength(3);
  expect(localStorage).toHaveLength(0);
});

it('says what the clock says here when it sends, and what was made ahead of it, also after a reload', async () => {
  answers = ['lost'];
  const before = opened();
  const [first, second, third] = [waits('1'), waits('2'), waits('3')];
  before.add(first);
  before.add(second);
  await settle();
  jest.setSystemTime(new Date('2001-02-03T04:05:06.000Z'));
  const after = opened();
  after.add(third);
  await settle(20_000);
  const bodies = jest
    .mocked(globalThis.fetch)
    .mock.calls.map(([, init]) => JSON.parse(init!.body as string) as Record<string, unknown>);
  const last = bodies
    .filter((body) => (body.entry as { id: string }).id === third.entry.id)
    .at(-1)!;
  expect(last.after).toBe(second.entry.id);
  expect(String(last.sentAt)).toMatch(/^2001-02-03T04:05/);
  expect(bodies[0]).not.toHaveProperty('after');
});

it('what goes by all of a job waits until the server has it, and is not done before', async () => {
  answers = ['lost'];
  const outbox = opened();
  const made = [waits('1'), waits('2')];
  made.forEach((waiting) => outbox.add(waiting));
  await settle();
  const first = outbox.sendFirst(made[0]!.jobId);
  await settle();
  await first;
  expect(sent).toEqual(made.map(({ entry }) => entry.id));
});

it('nor is it done while the server is away, or somebody else’s entries of the job wait here', async () => {
  answers = ['lost', 'lost'];
  const outbox = opened();
  const made = waits('1');
  outbox.add(made);
  await settle();
  await expect(outbox.sendFirst(made.jobId)).rejects.toMatchObject({ somebodyElses: false });
  await expect(outbox.sendFirst(uuid())).resolves.toBeUndefined();
  outbox.signedInAs('somebody else');
  await settle();
  await expect(outbox.sendFirst(made.jobId)).rejects.toMatchObject({ somebodyElses: true });
  expect(sent).toEqual([]);
});

it('what another tab of the device still holds of the job goes first too, and counts once', async () => {
  const [here, there] = [opened(), opened()];
  answers = ['lost'];
  const made = waits('1');
  there.add(made);
  await settle();
  const first = here.sendFirst(made.jobId);
  await settle();
  await first;
  expect(sent).toEqual([made.entry.id]);
  expect(localStorage).toHaveLength(0);
  await settle(60_000);
  expect(new Set(sent)).toEqual(new Set([made.entry.id]));
  expect([here.waiting, there.waiting]).toEqual([[], []]);
});

it('a session that ended holds entries until the same person has signed in again', async () => {
  answers = [problem(401, 'not-signed-in')];
  const outbox = opened();
  const made = waits('1');
  outbox.add(made);
  await settle(60_000);
  expect(outbox.waiting).toHaveLength(1);
  outbox.signedInAs(ME);
  await settle();
  expect(outbox.waiting).toEqual([]);
});

it('keeps them through a reload, and sends them then', async () => {
  answers = ['lost'];
  const before = opened();
  const waiting = waits('1');
  before.add(waiting);
  await settle();
  const after = new Outbox(localStorage, () => Promise.resolve());
  expect(after.waiting).toEqual([waiting]);
  after.signedInAs(ME);
  await settle();
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
  const outbox = opened();
  expect(outbox.waiting).toEqual([sound]);
  expect(outbox.unreadable).toBe(1);
  await outbox.send();
  expect(sent).toEqual([sound.entry.id]);
  // Kept as it is, and still said after a reload, until somebody has dealt with it.
  const after = new Outbox(localStorage, () => Promise.resolve());
  expect(after.unreadable).toBe(1);
  expect(Object.values(localStorage)).toContain(kept);
  after.dismissUnreadable();
  expect(opened().unreadable).toBe(0);
});

it('sends soon once the network is back, also where the try that was under way still fails', async () => {
  answers = ['lost', 'lost', 'lost', 'lost', 'lost'];
  const outbox = opened();
  outbox.add(waits('1'));
  await settle(7_500);
  expect(outbox.waiting).toHaveLength(1);
  // It has come to wait eight seconds; the try that follows at once is lost too, and the next comes after one.
  outbox.backOnline();
  await settle(1_000);
  expect(outbox.waiting).toEqual([]);
});

it('tries again by itself after a lost connection, with the same id', async () => {
  answers = ['lost', 'lost', problem(503, 'unavailable')];
  const outbox = opened();
  outbox.add(waits('1'));
  await settle();
  expect(outbox.waiting).toHaveLength(1);
  await settle(10_000);
  expect(outbox.waiting).toEqual([]);
  expect(new Set(sent).size).toBe(1);
});

it('waits for a sign-in when the session ended, and loses nothing', async () => {
  answers = [problem(401, 'not-signed-in')];
  const outbox = opened();
  outbox.add(waits('1'));
  await settle(60_000);
  expect(outbox.waiting).toHaveLength(1);
  await outbox.send();
  expect(outbox.waiting).toEqual([]);
});

it('keeps a refused entry, named with its reason, through a reload, and goes on with the rest', async () => {
  answers = [problem(422, 'reading-refused')];
  const outbox = opened();
  const refused = waits('1', 1.9);
  outbox.add(refused);
  outbox.add(waits('2'));
  await settle(10);
  expect(outbox.waiting).toEqual([]);
  const after = opened();
  for (const { needsYou } of [outbox, after])
    expect(
      needsYou.map(({ entry, about, problem: { title } }) => [entry.id, about.place, title]),
    ).toEqual([[refused.entry.id, '1', 'reading-refused']]);
  after.dealtWith(refused.entry.id);
  expect(opened().needsYou).toEqual([]);
});

it('sends it again as the same one, when somebody says so', async () => {
  answers = [problem(422, 'reading-refused')];
  const outbox = opened();
  const refused = waits('1', 1.9);
  outbox.add(refused);
  await settle(10);
  outbox.sendAgain(refused.entry.id);
  await settle(10);
  expect(sent).toEqual([refused.entry.id, refused.entry.id]);
  expect([outbox.needsYou, outbox.waiting]).toEqual([[], []]);
  expect(localStorage).toHaveLength(0);
});

it('what the server stumbles over holds up no other job, and needs somebody after three tries', async () => {
  const stumbles = waits('1', 1.9);
  const behind = waits('2');
  const elsewhere = waits('3', 1.7, { jobId: '0190a000-0000-7000-8000-0000000000ab' });
  const faults = new Set([stumbles.entry.id]);
  globalThis.fetch = jest.fn((_address: RequestInfo | URL, init?: RequestInit) => {
    const { entry } = JSON.parse(init!.body as string) as { entry: { id: string } };
    sent.push(entry.id);
    const fault = faults.has(entry.id);
    return Promise.resolve({
      ok: !fault,
      headers: new Headers(),
      status: fault ? 500 : 201,
      json: () =>
        Promise.resolve(
          fault ? { type: 'urn:hold-fast:problem:fault', title: 'fault', status: 500 } : CHANGE,
        ),
    } as Response);
  });
  const outbox = opened();
  for (const waiting of [stumbles, behind, elsewhere]) outbox.add(waiting);
  await settle();
  expect(sent).toEqual([stumbles.entry.id, elsewhere.entry.id]);
  await settle(60_000);
  expect(sent.filter((id) => id === stumbles.entry.id)).toHaveLength(3);
  expect(sent.at(-1)).toBe(behind.entry.id);
  expect(outbox.needsYou.map(({ entry }) => entry.id)).toEqual([stumbles.entry.id]);
  expect(outbox.waiting).toEqual([]);
});

describe('whose it is', () => {
  const MATE = '0190a000-0000-7000-8000-0000000000f2';

  it('goes with the entry, and another’s sign-in never sends it', async () => {
    answers = ['lost'];
    const outbox = opened();
    const mine = waits('1');
    outbox.add(mine);
    await settle();
    outbox.signedInAs(null);
    outbox.signedInAs(MATE);
    const theirs = waits('2');
    outbox.add(theirs);
    await settle(60_000);
    expect(sent).toEqual([theirs.entry.id]);
    expect(outbox.waiting.map(({ entry, by }) => [entry.id, by])).toEqual([[mine.entry.id, ME]]);
    // Also through a reload, until its owner is back.
    const after = new Outbox(localStorage, () => Promise.resolve());
    after.signedInAs(MATE);
    await settle(60_000);
    expect(sent).toHaveLength(1);
    after.signedInAs(ME);
    await settle();
    expect(sent).toEqual([theirs.entry.id, mine.entry.id]);
  });

  it('is told to the server, whose word is the last: what is another’s there waits, and is not refused', async () => {
    answers = [problem(403, 'other-person')];
    const outbox = opened();
    outbox.add(waits('1'));
    await settle(60_000);
    const [, init] = jest.mocked(globalThis.fetch).mock.calls[0]!;
    expect(JSON.parse(init!.body as string)).toMatchObject({ by: ME });
    expect(outbox.waiting).toHaveLength(1);
    expect(outbox.needsYou).toEqual([]);
  });

  it('sends nothing while nobody is signed in', async () => {
    const outbox = new Outbox(localStorage, () => Promise.resolve());
    localStorage.setItem(`hold-fast.outbox.${waits('1').entry.id}`, JSON.stringify(waits('1')));
    await new Outbox(localStorage, () => Promise.resolve()).send();
    await outbox.send();
    expect(sent).toEqual([]);
  });
});

it('takes no entry that the device would not keep, and says so', async () => {
  const full = {
    ...Object.fromEntries(['getItem', 'removeItem'].map((each) => [each, () => null])),
    setItem: () => {
      throw new DOMException('full', 'QuotaExceededError');
    },
  } as unknown as Storage;
  const outbox = new Outbox(full, () => Promise.resolve());
  outbox.signedInAs(ME);
  expect(outbox.add(waits('1'))).toBe(false);
  await settle();
  expect([outbox.waiting, outbox.refusesToKeep, sent]).toEqual([[], true, []]);
});

it('keeps again what waits where somebody cleared the device under it', async () => {
  const outbox = opened();
  answers = ['lost', 'lost'];
  const waiting = waits('1');
  outbox.add(waiting);
  await settle();
  localStorage.clear();
  await settle(1000);
  const [key] = Object.keys(localStorage);
  expect(key).toContain(waiting.entry.id);
  await settle(2000);
  expect(sent).toEqual([waiting.entry.id]);
  expect(localStorage).toHaveLength(0);
});

it('takes a page of another server for no connection, and keeps what it sent', async () => {
  const outbox = opened();
  globalThis.fetch = jest.fn(() =>
    Promise.resolve({
      ok: true,
      headers: new Headers(),
      status: 200,
      json: () => Promise.reject(new SyntaxError('<!doctype html>')),
    } as Response),
  );
  outbox.add(waits('1'));
  await settle();
  expect(outbox.waiting).toHaveLength(1);
  expect(outbox.needsYou).toEqual([]);
});

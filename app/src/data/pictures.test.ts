import { exampleLog, ME } from '../testing/exampleJob';
import { Pictures, type PictureStore, type WaitingPicture } from './pictures';

const JOB = exampleLog().base.id;
const CHANGE = { base: exampleLog().base, added: [], count: 1, registers: [] };
const picture = (n: number) =>
  ({
    id: `0190a000-0000-7000-8000-00000000000${n}`,
    jobId: JOB,
    end: 'front',
    area: 'hose',
    jpegBase64: '/9j/',
  }) as const;

let kept: Map<string, WaitingPicture>;
let answers: (number | 'lost')[];
let sent: string[];
/** A device: what is opened of it again finds what was kept. */
const store = (): PictureStore => ({
  all: () => Promise.resolve([...kept.values()]),
  put: (each) => Promise.resolve(kept.set(each.id, each)),
  delete: (id) => Promise.resolve(kept.delete(id)),
});
const opened = (person: string | null = ME, at = store()) => {
  const pictures = new Pictures(at, () => Promise.resolve());
  pictures.signedInAs(person);
  return pictures;
};
const settle = (ms = 0) => jest.advanceTimersByTimeAsync(ms);

beforeEach(() => {
  jest.useFakeTimers();
  [kept, answers, sent] = [new Map(), [], []];
  globalThis.fetch = jest.fn((_address: RequestInfo | URL, init?: RequestInit) => {
    const answer = answers.shift() ?? 201;
    if (answer === 'lost') return Promise.reject(new TypeError('network'));
    sent.push((JSON.parse(init!.body as string) as { id: string }).id);
    const kind = answer === 401 ? 'not-signed-in' : answer === 403 ? 'other-person' : 'too-large';
    const problem = { type: `urn:hold-fast:problem:${kind}`, title: kind, status: answer };
    return Promise.resolve({
      ok: answer < 400,
      headers: new Headers(),
      status: answer,
      json: () => Promise.resolve(answer < 400 ? CHANGE : problem),
    } as Response);
  });
});
afterEach(() => jest.useRealTimers());

it('sends a picture with whose it is and when it was taken, keeps what its bike is called to itself, and forgets it once the server has it', async () => {
  const pictures = opened();
  await pictures.add({ ...picture(1), bike: 'Post trike' });
  await settle();
  const { jobId: _jobId, ...photo } = picture(1);
  const [, init] = jest.mocked(fetch).mock.calls[0]!;
  const now = new Date().toISOString();
  expect(JSON.parse(init!.body as string)).toEqual({ ...photo, by: ME, at: now, sentAt: now });
  expect([pictures.waiting, kept.size]).toEqual([[], 0]);
});

it('keeps it without network, through a reload, and sends it then, once', async () => {
  answers = ['lost'];
  await opened().add(picture(1));
  await settle();
  expect(sent).toEqual([]);
  const again = opened();
  await settle();
  expect(again.waiting).toEqual([]);
  expect(sent).toEqual([picture(1).id]);
});

it('tries again by itself, in the order they were taken', async () => {
  answers = ['lost'];
  const pictures = opened();
  await pictures.add(picture(1));
  await pictures.add(picture(2));
  await settle(20_000);
  expect(sent).toEqual([picture(1).id, picture(2).id]);
});

it('waits where another tab signed somebody else in, and is no picture of theirs', async () => {
  answers = [403, 201];
  const pictures = opened();
  await pictures.add(picture(1));
  await settle();
  expect(pictures.waiting).toMatchObject([{ id: picture(1).id, by: ME }]);
  expect(pictures.waiting[0]).not.toHaveProperty('problem');
  await settle(20_000);
  expect(pictures.waiting).toEqual([]);
});

it('waits for whoever took it, and nobody else sends it', async () => {
  answers = ['lost'];
  await opened().add(picture(1));
  await settle();
  const another = opened('somebody else');
  await settle();
  expect([sent, another.waiting.length]).toEqual([[], 1]);
  await expect(another.sendFirst(JOB)).rejects.toMatchObject({ somebodyElses: true });
  another.signedInAs(ME);
  await settle();
  expect(sent).toEqual([picture(1).id]);
});

it('stays, named with its reason, where the server would not take it, and holds up no other', async () => {
  answers = [413];
  const pictures = opened();
  await pictures.add(picture(1));
  await settle();
  await pictures.add(picture(2));
  await settle();
  expect(pictures.waiting).toMatchObject([{ id: picture(1).id, problem: { status: 413 } }]);
  expect(opened().waiting).toEqual([]);
  await expect(pictures.sendFirst(JOB)).rejects.toThrow();
  await pictures.sendAgain(picture(1).id);
  expect([pictures.waiting, kept.size]).toEqual([[], 0]);
});

it('a session that ended holds it back, and refuses nothing', async () => {
  answers = [401];
  const pictures = opened();
  await pictures.add(picture(1));
  await settle();
  expect(pictures.waiting[0]?.problem).toBeUndefined();
});

it('nothing of a job is sealed while a picture of it waits', async () => {
  answers = ['lost', 'lost'];
  const pictures = opened();
  await pictures.add(picture(1));
  await settle();
  await expect(pictures.sendFirst(JOB)).rejects.toMatchObject({ somebodyElses: false });
  await expect(pictures.sendFirst(JOB)).resolves.toBeUndefined();
});

it('is sent at once where the device keeps nothing, or says that it is not taken', async () => {
  const full: PictureStore = { ...store(), put: () => Promise.reject(new DOMException('full')) };
  const pictures = opened(ME, full);
  await pictures.add(picture(1));
  expect(sent).toEqual([picture(1).id]);
  answers = ['lost'];
  await expect(pictures.add(picture(2))).rejects.toThrow();
  expect(pictures.waiting).toEqual([]);
});

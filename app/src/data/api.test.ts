import { anotherSession, ask, askAll, NoConnection, onSignedOut } from './api';
import { faultWords } from '../words/faultWords';
import { shopNow } from '../shopClock';

const NOBODY = { type: 'urn:hold-fast:problem:not-signed-in', title: 'Sign in.', status: 401 };
const PAGES: Record<string, object> = {
  '/api/gauges': { items: [{ id: 'a' }, { id: 'b' }], after: 'b' },
  '/api/gauges?after=b': { items: [{ id: 'c' }], after: null },
  '/api/broken': { items: [{ id: 'a' }], after: 'a' },
};
beforeEach(() => {
  globalThis.fetch = jest.fn((path: string) =>
    path in PAGES
      ? Promise.resolve({
          ok: true,
          status: 200,
          headers: new Headers(),
          json: () => Promise.resolve(PAGES[path]),
        })
      : Promise.reject(new TypeError('Failed to fetch')),
  ) as unknown as typeof fetch;
});

it('asks for a list page after page, until it is through', async () => {
  expect(await askAll('/gauges')).toEqual([{ id: 'a' }, { id: 'b' }, { id: 'c' }]);
});

it('half a list is none: the bench must not choose among some of its gauges', async () => {
  await expect(askAll('/broken')).rejects.toBeInstanceOf(NoConnection);
});

it('hears of an ended session, and not of the one before: its last answer may come after the next sign-in', async () => {
  const nobody = {
    ok: false,
    status: 401,
    headers: new Headers(),
    json: () => Promise.resolve(NOBODY),
  };
  let answer = (): void => undefined;
  globalThis.fetch = jest.fn(
    () => new Promise((resolve) => (answer = () => resolve(nobody as unknown as Response))),
  );
  const heard = jest.fn();
  const deaf = onSignedOut(heard);
  const late = ask('GET', '/bench');
  anotherSession();
  answer();
  await expect(late).rejects.toMatchObject({ kind: 'not-signed-in' });
  expect(heard).not.toHaveBeenCalled();
  const asked = ask('GET', '/bench');
  answer();
  await expect(asked).rejects.toMatchObject({ kind: 'not-signed-in' });
  expect(heard).toHaveBeenCalledTimes(1);
  deaf();
});

it('takes the time from what the shop answers, a refusal too, and from nobody else', async () => {
  const tomorrow = new Date(Date.now() + 86_400_000);
  const shows = () => shopNow().toISOString().slice(0, 10);
  const answers = (status: number, body: unknown, date: Date | null) =>
    (globalThis.fetch = jest.fn(() =>
      Promise.resolve({
        ok: status < 400,
        status,
        headers: new Headers(date ? { date: date.toUTCString() } : {}),
        json: () => Promise.resolve(body),
      } as unknown as Response),
    ));
  const today = shows();
  // Pages of another network.
  for (const page of [null, 'Sign in to the harbour’s network']) {
    answers(502, page, tomorrow);
    await expect(ask('POST', '/jobs', {})).rejects.toBeInstanceOf(NoConnection);
  }
  expect(shows()).toBe(today);
  answers(401, NOBODY, tomorrow);
  await expect(ask('POST', '/jobs', {})).rejects.toMatchObject({ kind: 'not-signed-in' });
  expect(shows()).toBe(tomorrow.toISOString().slice(0, 10));
  answers(200, {}, new Date());
  await ask('GET', '/bench');
  expect(shows()).toBe(today);
  // A copy that the device kept has no date: what was heard last goes on.
  answers(200, {}, tomorrow);
  await ask('GET', '/bench');
  answers(200, {}, null);
  await ask('GET', '/bench');
  expect(shows()).toBe(tomorrow.toISOString().slice(0, 10));
  answers(200, {}, new Date());
  await ask('GET', '/bench');
});

it('says why in the words in use, and as the server names it where those do not come', async () => {
  const nobody = {
    ok: false,
    status: 401,
    headers: new Headers(),
    json: () => Promise.resolve(NOBODY),
  };
  globalThis.fetch = jest.fn(() => Promise.resolve(nobody as unknown as Response));
  await expect(ask('GET', '/bench')).rejects.toThrow(faultWords.problem['not-signed-in'] as string);
  jest.resetModules();
  jest.doMock('../words/refusals', () => {
    throw new Error('the file did not come');
  });
  await expect(ask('GET', '/bench')).rejects.toMatchObject({
    message: NOBODY.title,
    kind: 'not-signed-in',
  });
});

import type { FeedEvent, FeedState } from '@hold-fast/contract/feed';
import { connect, type Socket } from 'node:net';
import { once } from 'node:events';
import { setTimeout as pause } from 'node:timers/promises';
import { Feed } from './feed';
import { openTestShop, type Client, type TestShop } from '../testing/testShop';

let shop: TestShop;
let client: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

/** A gauge on the wire: says lines, keeps what it is answered. */
async function gauge(serial: string, session = 'a') {
  const socket: Socket = connect(shop.feedPort, '127.0.0.1');
  await once(socket, 'connect');
  let answers = '';
  socket.on('data', (chunk: Buffer) => (answers += chunk.toString()));
  socket.write(`HF1 HELLO serial=${serial} kind=thickness-gauge session=${session}\n`);
  return {
    socket,
    say: (line: string) => socket.write(`${line}\n`),
    read: (seq: number, shown: string, unit = 'mm') =>
      socket.write(`HF1 READ seq=${seq} shown=${shown} unit=${unit}\n`),
    answered: (what: string) =>
      until(
        () => answers.includes(what),
        () => answers,
      ),
    answers: () => answers,
    leave: () => socket.destroy(),
  };
}

/** An open step on the event stream. */
async function step(gaugeId: string | null, by = client) {
  const abort = new AbortController();
  const response = await fetch(`${shop.address}/api/feed${gaugeId ? `?gauge=${gaugeId}` : ''}`, {
    headers: { cookie: by.cookie },
    signal: abort.signal,
  });
  const events: FeedEvent[] = [];
  void (async () => {
    let text = '';
    for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
      text += Buffer.from(chunk).toString();
      const blocks = text.split('\n\n');
      text = blocks.pop()!;
      for (const block of blocks)
        if (block.startsWith('data: ')) events.push(JSON.parse(block.slice(6)) as FeedEvent);
    }
  })().catch(() => {});
  return {
    events,
    heard: (kind: FeedEvent['event'], count = 1) =>
      until(
        () => events.filter(({ event }) => event === kind).length >= count,
        () => JSON.stringify(events),
      ),
    close: () => abort.abort(),
  };
}

async function until(holds: () => boolean, told: () => string): Promise<void> {
  for (let tries = 0; tries < 200; tries++) {
    if (holds()) return;
    await pause(10);
  }
  throw new Error(`It did not come: ${told()}`);
}

const state = async () => (await client.send<FeedState>('GET', '/feed/state')).body;

it('a reading goes to the step that waits for that gauge', async () => {
  const open = await step(shop.ids.point);
  const point = await gauge('TG-1');
  await open.heard('gauge');
  point.read(1, '1.47');
  await open.heard('reading');
  expect(open.events).toEqual([
    { event: 'gauge', serial: 'TG-1', connected: true },
    { event: 'reading', deviceId: shop.ids.point, value: 1.47, shown: '1.47' },
  ]);
  await point.answered('HF1 OK seq=1');
  expect((await state()).readings[0]).toMatchObject({
    shown: '1.47',
    unused: null,
    wentTo: 'Mechanic',
  });
  point.leave();
  await open.heard('gauge', 2);
  expect(open.events.at(-1)).toEqual({ event: 'gauge', serial: 'TG-1', connected: false });
  open.close();
});

it.each([
  ['nobody-waiting', 'TG-1', '1.47', 'mm'],
  ['wrong-unit', 'TG-1', '0.0579', 'in'],
  ['unknown-gauge', 'XX-9', '1.47', 'mm'],
  ['not-a-number', 'TG-1', '1.4x', 'mm'],
])('%s: shown and not used', async (why, serial, shown, unit) => {
  const open = await step(why === 'nobody-waiting' ? shop.ids.dial : shop.ids.point);
  const sends = await gauge(serial, `session-${why}`);
  sends.read(1, shown, unit);
  await open.heard('unused');
  expect(open.events.find(({ event }) => event === 'unused')).toEqual({
    event: 'unused',
    serial,
    shown,
    unit,
    why,
  });
  await sends.answered(`HF1 NO seq=1 why=${why}`);
  sends.leave();
  open.close();
});

it('a reading sent again after a lost line is answered and not used twice', async () => {
  const open = await step(shop.ids.point);
  const before = await gauge('TG-1', 'lost');
  before.read(7, '1.51');
  await open.heard('reading');
  before.leave();
  const after = await gauge('TG-1', 'lost');
  after.read(7, '1.51');
  await after.answered('HF1 OK seq=7');
  after.read(8, '1.52');
  await open.heard('reading', 2);
  expect(open.events.flatMap((e) => (e.event === 'reading' ? e.shown : []))).toEqual([
    '1.51',
    '1.52',
  ]);
  after.leave();
  open.close();
});

it('a wrench speaks newton metres: to the step that tightens with it, once, and in no other unit', async () => {
  const open = await step(shop.ids.digital);
  const wrench = await gauge('TW-1', 'bolts');
  await open.heard('gauge');
  wrench.read(1, '6.02', 'Nm');
  await open.heard('reading');
  expect(open.events.at(-1)).toEqual({
    event: 'reading',
    deviceId: shop.ids.digital,
    value: 6.02,
    shown: '6.02',
  });
  wrench.read(1, '6.02', 'Nm');
  wrench.read(2, '53.3', 'lbfin');
  await wrench.answered('HF1 NO seq=2 why=wrong-unit');
  expect(open.events.filter(({ event }) => event === 'reading')).toHaveLength(1);
  wrench.leave();
  open.close();
});

it('the step opened last takes the gauge over, and the other is told by whom', async () => {
  const lead = await shop.signedIn('Lead');
  const first = await step(shop.ids.point);
  const second = await step(shop.ids.point, lead);
  await first.heard('taken-over');
  expect(first.events).toContainEqual({ event: 'taken-over', by: 'Lead' });
  const point = await gauge('TG-1', 'over');
  point.read(1, '1.60');
  await second.heard('reading');
  expect(first.events.filter(({ event }) => event === 'reading')).toEqual([]);
  second.close();
  await pause(50);
  point.read(2, '1.61');
  await first.heard('reading');
  expect(first.events.at(-1)).toMatchObject({ event: 'reading', value: 1.61 });
  point.leave();
  first.close();
});

it('a line that cannot be read, is too long, or comes before the greeting ends the connection', async () => {
  for (const [line, why] of [
    ['HF2 READ seq=1 shown=1 unit=mm', 'bad-line'],
    [`HF1 READ seq=1 shown=${'9'.repeat(300)} unit=mm`, 'too-long'],
    ['HF1 READ seq=1 shown=1.4', 'bad-line'],
  ] as const) {
    const bad = await gauge('TG-1', 'bad');
    bad.say(line);
    await bad.answered(`why=${why}`);
    bad.leave();
  }
  const socket = connect(shop.feedPort, '127.0.0.1');
  socket.write('HF1 READ seq=1 shown=1.47 unit=mm\n');
  const [answer] = (await once(socket, 'data')) as [Buffer];
  expect(answer.toString()).toBe('HF1 NO why=hello-first\n');
  socket.destroy();
});

it('only a stand-in can be driven, and only by somebody signed in', async () => {
  const real = await gauge('TG-1', 'real');
  expect((await client.send('POST', '/feed/gauges/TG-1', { press: true })).status).toBe(404);
  real.say('HF1 HELLO serial=TG-1 kind=thickness-gauge session=b plays=steady,worn-rotor');
  await pause(30);
  expect((await client.send('POST', '/feed/gauges/TG-1', { scene: 'worn-rotor' })).status).toBe(
    200,
  );
  await real.answered('HF1 PLAY scene=worn-rotor');
  expect((await client.send('POST', '/feed/gauges/TG-1', { scene: 'dance' })).status).toBe(422);
  expect((await shop.client().send('POST', '/feed/gauges/TG-1', { press: true })).status).toBe(401);
  real.leave();
});

describe('what is no gauge', () => {
  const says = async (text: string) => {
    const socket = connect(shop.feedPort, '127.0.0.1');
    await once(socket, 'connect');
    let answers = '';
    socket.on('data', (chunk: Buffer) => (answers += chunk.toString()));
    socket.write(text);
    await once(socket, 'close');
    return answers;
  };
  const hello = (serial: string) => `HF1 HELLO serial=${serial} kind=thickness-gauge session=z\n`;

  it('takes nothing after a refused first line, a browser’s request among them', async () => {
    const open = await step(shop.ids.point);
    const reading = 'HF1 READ seq=1 shown=1.99 unit=mm\n';
    const body = `${hello('TG-1')}${reading}`;
    const request = `POST / HTTP/1.1\r\nHost: 127.0.0.1:${shop.feedPort}\r\nContent-Length: ${body.length}\r\n\r\n${body}`;
    for (const text of [request, `what\n${body}`, `${reading}${body}`]) {
      const answers = await says(text);
      expect(answers.match(/HF1 NO/g)).toHaveLength(1);
      expect(answers).not.toMatch(/HF1 OK/);
    }
    expect(open.events.filter(({ event }) => event === 'reading')).toEqual([]);
    open.close();
  });

  it('is kept no more often than there are instruments in the register', async () => {
    const registered = 3;
    const strange = await Promise.all(Array.from({ length: 12 }, (_, i) => gauge(`STRANGE-${i}`)));
    await until(
      () => strange.some(({ answers }) => answers().includes('too-many')),
      () => strange.map(({ answers }) => answers()).join(),
    );
    expect((await state()).gauges.length).toBeLessThanOrEqual(registered);
    strange.forEach(({ leave }) => leave());
  });
});

describe('the stream of a browser', () => {
  it('is one: a page that opens it takes it from the page before, and is heard by no other', async () => {
    const first = await step(shop.ids.point);
    const second = await step(shop.ids.point);
    await first.heard('elsewhere');
    const mate = await shop.signedIn('Lead');
    const other = await step(shop.ids.dial, mate);
    expect(second.events.filter(({ event }) => event === 'elsewhere')).toEqual([]);
    expect(other.events.filter(({ event }) => event === 'elsewhere')).toEqual([]);
    second.close();
    other.close();
  });

  it('ends with its session', async () => {
    const leaving = await shop.signedIn('Owner');
    const abort = new AbortController();
    const response = await fetch(`${shop.address}/api/feed`, {
      headers: { cookie: leaving.cookie },
      signal: abort.signal,
    });
    await leaving.send('DELETE', '/session');
    // The stream comes to its end by itself; a stream that stayed open would never be read to it.
    expect(await response.text()).toMatch(/here/);
  });
});

it('closes at once under lines that never said a name, and lets no gauge hold it open', async () => {
  const feed = new Feed({
    deviceOnFeed: () => Promise.resolve(null),
    devicesOnFeed: () => Promise.resolve(0),
    now: () => new Date(),
    log: { warn: () => {}, error: () => {} },
  });
  await feed.open(0);
  const silent = connect(feed.port!, '127.0.0.1');
  await once(silent, 'connect');
  // What a gauge says reaches the feed before it is closed; it is in no register.
  const unknown = connect(feed.port!, '127.0.0.1');
  await once(unknown, 'connect');
  unknown.write('HF1 HELLO serial=X1 kind=thickness-gauge session=a\n');
  await once(unknown, 'data');
  const cut = Promise.all([once(silent, 'close'), once(unknown, 'close')]);
  const port = feed.port!;
  await feed.close();
  await cut;
  const late = connect(port, '127.0.0.1');
  await expect(once(late, 'connect')).rejects.toThrow('ECONNREFUSED');
  // Shorter than a silent line is given for its name.
}, 8_000);

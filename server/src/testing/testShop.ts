import type { End } from '@hold-fast/core/ends';
import type { SentKind, EntryOf } from '@hold-fast/core/job/kinds';
import { NOTHING_SAID, type Job } from '@hold-fast/core/job/job';
import { askedFor } from '@hold-fast/core/job/tightening';
import { USUAL_USE } from '@hold-fast/core/kit/bike';
import type { FastenerId } from '@hold-fast/core/torque/fasteners';
import { passesOf } from '@hold-fast/core/torque/sequence';
import { hash } from '@node-rs/argon2';
import { randomBytes } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { Entry, type EntryAsSent } from '@hold-fast/contract/entries';
import type { JobLog } from '@hold-fast/contract/jobs';
import { fold } from '@hold-fast/core/job/fold';
import type { Problem } from '@hold-fast/contract/problem';
import type { Role } from '@hold-fast/contract/roles';
import { SpecSheetBody } from '@hold-fast/contract/sheets';
import type { Container, Gauge, Wrench } from '@hold-fast/contract/stores';
import { pino } from 'pino';
import { v7 as uuid } from 'uuid';
import { addPerson } from '../people/store';
import { Feed } from '../feed/feed';
import { openPool, run, type Account, type Pool } from '../platform/database';
import { createServer } from '../server';
import { prepareDatabase } from '../platform/migrate';
import { addSheet } from '../sheets/store';
import {
  addContainer,
  addGauge,
  addStockLine,
  addWrench,
  deviceOnFeed,
  devicesOnFeed,
} from '../stores/store';

export const PASSPHRASE = 'a passphrase for tests';
export const PIN = '2468';
/** A hash is checked at the cost it was made at: tests sign in hundreds of times. */
const CHEAP = { memoryCost: 8, timeCost: 1, parallelism: 1 };
export const NOW = new Date('2026-11-25T09:00:00Z');

/** The sheet every test brake is judged by. */
export const SHEET = SpecSheetBody.parse({
  title: 'Test brake',
  source: 'Test sheet, revision A',
  brake: { actuation: 'hydraulic', pistons: 2, mount: 'post' },
  rotor: {
    hold: 'six-bolt',
    construction: 'one-piece',
    newMm: 1.8,
    limit: { limitMm: 1.5, atLimitIsWorn: true, origin: 'sheet', tag: null },
  },
  pads: { shape: '', newTotalMm: 4, plateMm: 1.8, plateAssumed: false },
  torque: [
    {
      fastener: 'rotor-bolts',
      drive: 'T25',
      boltCount: 6,
      window: { loNm: 5.4, hiNm: 6.6, namedNm: 6, origin: 'sheet', tag: 'D' },
      thread: 'medium-threadlocker',
    },
  ],
  fluid: {
    fluid: { family: 'mineral', blend: 'Selkie 10' },
    alsoNamedBlends: [],
    origin: 'sheet',
    tag: null,
  },
  lever: { ratio: 5, boreMm: 10, ownGiveMl: 0.1 },
});

export interface Answer<T> {
  status: number;
  body: T;
  headers: Headers;
}

/** Somebody at a browser: keeps the cookie and sends requests. */
export class Client {
  cookie = '';

  constructor(private readonly address: string) {}

  async send<T = Problem>(
    method: string,
    to: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer<T>> {
    const response = await fetch(`${this.address}/api${to}`, {
      method,
      headers: { 'content-type': 'application/json', cookie: this.cookie, ...headers },
      ...(body === undefined
        ? {}
        : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const text = await response.text();
    return {
      status: response.status,
      body: (response.headers.get('content-type')?.includes('json')
        ? JSON.parse(text)
        : undefined) as T,
      headers: response.headers,
    };
  }

  async signIn(name: string, passphrase = PASSPHRASE): Promise<Answer<Problem>> {
    const answer = await this.send('POST', '/session', { name, passphrase });
    this.cookie = answer.headers.getSetCookie()[0]?.split(';')[0] ?? this.cookie;
    return answer;
  }

  /** Sends something about a job, and answers with the job as it then is. */
  async sendJob(method: string, to: string, sent?: unknown): Promise<JobAnswer> {
    const answer = await this.send<JobLog>(method, to, sent);
    if (answer.status >= 300) return answer as unknown as JobAnswer;
    const { base, entries } =
      method === 'GET'
        ? answer.body
        : (await this.send<JobLog>('GET', `/jobs/${answer.body.base.id}`)).body;
    return { ...answer, body: fold(base, entries) as JobAnswer['body'] };
  }

  /** Appends an entry and answers with the job as it then is. */
  append(jobId: string, entry: Entry): Promise<JobAnswer> {
    return this.sendJob('POST', `/jobs/${jobId}/entries`, { entry, appWord: null });
  }
}

type JobAnswer = Answer<Job & Omit<Problem, 'title' | 'status' | 'detail'>>;

/** A shop of its own database, with one person of each role, two gauges, two wrenches, two containers and a sheet. */
export async function openTestShop() {
  const socketPath = process.env.TEST_SOCKET!;
  const account: Account = await prepareDatabase({
    socketPath,
    database: `test_${randomBytes(6).toString('hex')}`,
    migrationsDirectory: path.resolve(__dirname, '../../migrations'),
    secretFile: path.join(path.dirname(socketPath), 'runtime-secret'),
  });
  const pool = openPool(account);
  const ids = await stock(pool);
  const faults: unknown[] = [];
  const log = pino({ level: 'error' }, { write: (line: string) => faults.push(JSON.parse(line)) });
  const clock = { now: NOW };
  const now = () => clock.now;
  const feed = new Feed({
    deviceOnFeed: (serial) => deviceOnFeed(pool, serial),
    devicesOnFeed: () => devicesOnFeed(pool),
    now,
    log,
  });
  await feed.open(0);
  const server = createServer({ pool, now, log }, null, feed).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;

  return {
    pool,
    account,
    ids,
    faults,
    clock,
    feedPort: feed.port!,
    address,
    client: () => new Client(address),
    signedIn: async (name = 'Mechanic') => {
      const client = new Client(address);
      await client.signIn(name);
      return client;
    },
    close: async () => {
      await feed.close();
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await pool.end();
    },
  };
}

export type TestShop = Awaited<ReturnType<typeof openTestShop>>;

async function stock(pool: Pool) {
  const passphraseHash = await hash(PASSPHRASE, CHEAP);
  const pinHash = await hash(PIN, CHEAP);
  const people: [string, Role, boolean?][] = [
    ['Owner', 'owner'],
    ['Lead', 'lead'],
    ['Mechanic', 'mechanic'],
    ['Counter', 'counter'],
    ['Apprentice', 'mechanic', true],
  ];
  for (const [name, role, apprentice = false] of people)
    await addPerson(
      pool,
      {
        id: uuid(),
        name,
        role,
        apprentice,
        passphraseHash,
        pinHash,
        pinLength: PIN.length,
        choosing: false,
      },
      NOW,
    );
  const gauge = (name: string, change: Partial<Gauge> = {}): Gauge => ({
    id: uuid(),
    name,
    kind: 'thickness-gauge',
    resolutionMm: 0.01,
    uncertaintyMm: 0.03,
    uncertaintyAssumed: true,
    anvils: 'point',
    calibrationDueOn: '2027-01-01',
    feedSerial: null,
    retired: false,
    ...change,
  });
  const wrench = (name: string, change: Partial<Wrench> = {}): Wrench => ({
    id: uuid(),
    name,
    kind: 'click',
    feedSerial: null,
    retired: false,
    maxNm: 10,
    markNm: 0.1,
    tolerance: 0.04,
    toleranceAssumed: false,
    calibrationDueOn: '2027-01-01',
    uses: 100,
    ...change,
  });
  const container = (label: string, change: Partial<Container> = {}): Container => ({
    id: uuid(),
    label,
    fluid: { family: 'mineral', blend: 'Selkie 10' },
    lot: 'L1',
    sizeMl: 100,
    openedOn: null,
    printedUseBy: null,
    monthsAfterOpening: null,
    condition: 'clear',
    writtenOff: false,
    writtenOffReason: '',
    wrongFluid: false,
    ...change,
  });
  const stored = {
    point: gauge('Point', { feedSerial: 'TG-1' }),
    overduePoint: gauge('Overdue point', { calibrationDueOn: '2026-11-24' }),
    dial: gauge('Dial', { kind: 'dial-indicator', uncertaintyMm: 0.02, feedSerial: 'DI-1' }),
    feelers: gauge('Feelers', { kind: 'feeler-gauges', uncertaintyMm: 0.02 }),
    rule: gauge('Rule', { kind: 'rule', resolutionMm: 0.5, uncertaintyMm: 0.5 }),
    vernier: gauge('Vernier', { kind: 'vernier-caliper', anvils: 'flat', uncertaintyMm: 0.06 }),
    wrench: wrench('Sound'),
    overdue: wrench('Overdue', { calibrationDueOn: '2026-11-24' }),
    large: wrench('Large', { maxNm: 60, markNm: 0.5 }),
    digital: wrench('Digital', { kind: 'reading', feedSerial: 'TW-1' }),
    bottle: container('Bottle'),
    glycol: container('Tin', { fluid: { family: 'glycol', grade: 'DOT 4' } }),
    expired: container('Old', { openedOn: '2024-01-01' }),
    writtenOff: container('Off', { writtenOff: true, writtenOffReason: 'bits' }),
  };
  for (const each of [
    stored.point,
    stored.overduePoint,
    stored.vernier,
    stored.dial,
    stored.feelers,
    stored.rule,
  ])
    await addGauge(pool, each);
  for (const each of [stored.wrench, stored.overdue, stored.large, stored.digital])
    await addWrench(pool, each);
  for (const each of [stored.bottle, stored.glycol, stored.expired, stored.writtenOff])
    await addContainer(pool, each);
  const olive = uuid();
  await addStockLine(pool, {
    id: olive,
    part: 'olive',
    description: 'Olive, 5 mm hose',
    fits: '5 mm hose',
    reorderAt: 2,
    priceCents: 150,
  });
  const sheet = uuid();
  const sheetId = uuid();
  await addSheet(pool, { id: sheet, sheetId, revision: 1, body: SHEET, at: NOW });
  const ids = Object.fromEntries(Object.entries(stored).map(([name, { id }]) => [name, id]));
  return { ...(ids as Record<keyof typeof stored, string>), sheet, sheetId, olive };
}

/** An entry with an id and a time. */
export function entry<K extends SentKind>(
  kind: K,
  fields: Omit<Extract<EntryAsSent, { kind: K }>, 'kind' | 'id' | 'at'>,
): EntryOf<K> {
  const sent = { kind, id: uuid(), at: NOW.toISOString(), ...fields };
  return Entry.parse(sent) as EntryOf<K>;
}

/** A check-in of a new customer's new bike. */
export function checkIn(change: Record<string, unknown> = {}) {
  const customerId = uuid();
  const bikeId = uuid();
  return {
    id: uuid(),
    customer: { id: customerId, name: 'Harbour post', phone: '0555 0140' },
    bike: {
      id: bikeId,
      customerId,
      name: 'Post trike 7',
      maker: 'Gunnel Works',
      // One bike's, as every serial is.
      serial: `GW-${bikeId.slice(-6)}`,
      motor: false,
      systemMassKg: 182,
      terrain: 'hilly',
      wet: true,
      kmPerWeek: 240,
      forkMaterial: null,
      frameMaterial: null,
      frontBrake: 'disc',
      rearBrake: 'disc',
      furtherBrakes: '',
    },
    complaint: 'Front rotor',
    symptoms: ['scrape'],
    frontLever: 'left',
    odometerKm: 8750,
    minutes: 30,
    ...NOTHING_SAID,
    promisedAt: '2026-11-25T11:30:00.000Z',
    ...change,
  };
}

/** A bike has left, and the job that it was here for is over; how it ended is of no matter here. */
export async function leaves(shop: TestShop, bikeId: string): Promise<void> {
  const over = "UPDATE job SET status = 'sealed' WHERE bike_id = ? AND status = 'open'";
  await run(shop.pool, over, [bikeId]);
}

/** Checks a bike in once more, after the job that it was here for. Answers with the new job. */
export async function comeAgain(
  shop: TestShop,
  client: Client,
  bike: { id: string; customerId: string },
  change: Record<string, unknown> = {},
): Promise<Job> {
  await leaves(shop, bike.id);
  const taken = checkIn({ customer: bike.customerId, bike: bike.id, ...change });
  return (await client.sendJob('POST', '/jobs', taken)).body;
}

/** Checks a bike in and identifies its front brake. */
export async function openJob(
  shop: TestShop,
  client: Client,
  change: Record<string, unknown> = {},
): Promise<string> {
  const taken = checkIn(change);
  await client.send('POST', '/jobs', taken);
  await client.append(
    taken.id,
    entry('identification', { end: 'front', sheetRevisionId: shop.ids.sheet, stampedLimit: null }),
  );
  return taken.id;
}

/** Begins a sitting at the front brake and reads these places. Answers with the job as it then is. */
export async function measure(
  client: Client,
  jobId: string,
  part: EntryOf<'measurement'>['part'],
  gaugeId: string,
  readings: Record<string, number>,
  how: Partial<Pick<EntryOf<'measurement'>, 'basis' | 'pointCount'>> = {},
): Promise<Job> {
  const { basis = null, pointCount = null } = how;
  const sitting = entry('measurement', { end: 'front', part, gaugeId, basis, pointCount });
  await client.append(jobId, sitting);
  // Keys that are numbers come first; the zero is looked at before them.
  const inOrder = Object.entries(readings).sort(
    ([a], [b]) => Number(b === 'zero') - Number(a === 'zero'),
  );
  for (const [place, valueMm] of inOrder)
    await client.append(
      jobId,
      entry('reading', {
        measurementId: sitting.id,
        place,
        valueMm,
        typed: String(valueMm),
        replaces: null,
      }),
    );
  return (await client.sendJob('GET', `/jobs/${jobId}`)).body;
}

/** Brings a fastener to what is asked of it, through every pass. Answers with the job as it then is. */
export async function tighten(
  shop: TestShop,
  client: Client,
  jobId: string,
  fastener: FastenerId,
  end: End = 'front',
): Promise<Job> {
  const { body: job } = await client.sendJob('GET', `/jobs/${jobId}`);
  const asked = askedFor(job, { end, fastener, asked: null }, false);
  if ('refusal' in asked) throw new Error(`${fastener}: ${asked.code}`);
  const { loNm, hiNm } = asked.window;
  const begun = entry('tightening', {
    end,
    fastener,
    wrenchId: shop.ids.wrench,
    setNm: Math.round(5 * (loNm + hiNm)) / 10,
    treatment: asked.treatmentAsked,
  });
  await client.append(jobId, begun);
  for (const pass of passesOf(asked.boltCount))
    await client.append(jobId, entry('pass-mark', { tighteningId: begun.id, pass, bolt: null }));
  return (await client.sendJob('GET', `/jobs/${jobId}`)).body;
}

/** Measures the front rotor: a zero check, no ridge, and these points. Answers with the sitting's id. */
export async function measureRotor(
  shop: TestShop,
  client: Client,
  jobId: string,
  points: number[],
  how: { gaugeId?: string; ridge?: boolean; zero?: number | null } = {},
): Promise<string> {
  const sitting = entry('measurement', {
    end: 'front',
    part: 'rotor',
    gaugeId: how.gaugeId ?? shop.ids.point,
    basis: null,
    pointCount: 6,
  });
  await client.append(jobId, sitting);
  const read = (place: string, valueMm: number) =>
    client.append(
      jobId,
      entry('reading', {
        measurementId: sitting.id,
        place,
        valueMm,
        typed: String(valueMm),
        replaces: null,
      }),
    );
  if (how.zero !== null) await read('zero', how.zero ?? 0);
  await client.append(
    jobId,
    entry('look', { measurementId: sitting.id, subject: 'ridge', seen: how.ridge ?? false }),
  );
  // Three are spread round the track.
  for (const [i, point] of points.entries())
    await read(String(points.length === 3 ? 2 * i + 1 : i + 1), point);
  return sitting.id;
}

/** A customer's bike with a motor, new to the shop. */
export function motorBike() {
  const customerId = uuid();
  return {
    customer: { id: customerId, name: 'District nurses', phone: null },
    bike: {
      id: uuid(),
      customerId,
      name: 'Commuter',
      maker: '',
      serial: '',
      motor: true,
      ...USUAL_USE,
    },
  };
}

import { createServer as createHttpServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import autocannon from 'autocannon';
import { PEOPLE } from '@hold-fast/demo/people';
import express from 'express';
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise';
import { pino } from 'pino';
import { grownShop, ROUND_DAYS } from './grow';
import { MeasuredJob, registersOf, Sender } from './benchReadings';
import { openShop, type RunningShop } from './shop';

// Last in npm run bench, and alone by npm run bench:lists: every list and page of the shop at 1,000 bikes and at 100,000, how each of its statements finds its rows, and
// what of a bare handler's throughput is left. The two shops stand beside each other and are asked in turn.

const SMALL = 1_000;
const LARGE = 100_000;
const TIMES = 15;
const SLOW_MS = 500;
const AIM = 1.5;
const BARE_AIM = 0.7;
/** A walk of so few rows is no scan of tables that hold hundreds of thousands. */
const FEW_ROWS = 5_000;

/** What stands in a grown shop, to ask for. */
interface Known {
  bikeId: string;
  jobId: string;
  recordId: string;
  containerId: string;
  container: string;
  lot: string;
  wrench: string;
  gauge: string;
  sheet: string;
  mechanic: string;
  serial: string;
  tag: number;
  /** Days that end where every bike’s third visit is over, as many as hold a page of visits, and of one mechanic’s or gauge’s. */
  days: string;
  traced: string;
}

/** The last day of the third round of visits. */
const LAST_DAY = Date.UTC(2024, 7, 30);
/** So many days of a shop of so many bikes, up to that day, as have about so many visits: what is shown is as much in every shop. */
function daysOf(visits: number, bikes: number): string {
  const iso = (time: number) => new Date(time).toISOString().slice(0, 10);
  const days = Math.ceil((visits * ROUND_DAYS) / bikes);
  return `from=${iso(LAST_DAY - (days - 1) * 86_400_000)}&to=${iso(LAST_DAY)}`;
}

const LISTS: Readonly<Record<string, (known: Known) => string>> = {
  Bench: () => '/bench',
  'Bikes, first page': () => '/bikes',
  'Bikes, a common word': () => '/bikes?q=commuter',
  'Bikes, two common words': () => '/bikes?q=ana%20commuter',
  'Bikes, a serial': ({ serial }) => `/bikes?q=${serial}`,
  'Bikes, a tag': ({ tag }) => `/bikes?q=${tag}`,
  'A bike': ({ bikeId }) => `/bikes/${bikeId}`,
  'A job': ({ jobId }) => `/jobs/${jobId}`,
  Ledger: () => '/records',
  'Ledger, a common word': () => '/records?q=commuter',
  'Ledger, two common words': () => '/records?q=ana%20commuter',
  'Ledger, a serial': ({ serial }) => `/records?q=${serial}`,
  'Ledger, a tag': ({ tag }) => `/records?q=${tag}`,
  'Ledger, a lot': ({ lot }) => `/records?q=${encodeURIComponent(lot)}`,
  'Ledger, days': ({ days }) => `/records?${days}`,
  'Ledger, a verdict': () => '/records?word=watch',
  'A record': ({ recordId }) => `/records/${recordId}`,
  'A report': ({ recordId }) => `/records/${recordId}/report`,
  Gauges: () => '/gauges',
  Wrenches: () => '/wrenches',
  Containers: () => '/containers',
  'A container’s fills': ({ containerId }) => `/containers/${containerId}/fills`,
  Stock: () => '/stock',
  'Used parts': () => '/used-parts',
  Waste: () => '/waste',
  Sheets: () => '/sheets',
  Notices: () => '/notices',
  'Rules, history': () => '/rules/history',
  Due: () => '/due',
  'Trace, a lot': ({ lot }) => `/trace?by=lot&name=${encodeURIComponent(lot)}`,
  'Trace, a container': ({ container }) =>
    `/trace?by=container&name=${encodeURIComponent(container)}`,
  'Trace, a wrench': ({ wrench }) => `/trace?by=wrench&name=${encodeURIComponent(wrench)}`,
  'Trace, a gauge': ({ gauge }) => `/trace?by=gauge&name=${encodeURIComponent(gauge)}`,
  'Trace, a gauge, days': ({ gauge, traced }) =>
    `/trace?by=gauge&name=${encodeURIComponent(gauge)}&${traced}`,
  'Trace, a mechanic': ({ mechanic }) => `/trace?by=mechanic&name=${encodeURIComponent(mechanic)}`,
  'Trace, a mechanic, days': ({ mechanic, traced }) =>
    `/trace?by=mechanic&name=${encodeURIComponent(mechanic)}&${traced}`,
  'Trace, a sheet': ({ sheet }) => `/trace?by=sheet&name=${encodeURIComponent(sheet)}`,
  'The day’s bench': () => '/day?day=2026-11-30',
  Messages: () => '/messages',
};

interface Asked {
  sql: string;
  values: unknown[];
}

/** A shop under measure: what it was asked, and how long each answer took. */
class Measured {
  readonly sender: Sender;

  constructor(
    readonly shop: RunningShop,
    readonly cookie: string,
    readonly known: Known,
  ) {
    this.sender = new Sender(shop, cookie);
  }

  /** The middle of so many answers, ms, the first two not counted. */
  async time(to: string): Promise<number> {
    const took: number[] = [];
    // One that takes long is asked less often: how much too long it is shows all the same.
    for (let i = 0; i < TIMES + 2 && !(took.at(-1)! > SLOW_MS && i > 3); i++) {
      const began = performance.now();
      await this.sender.ask('GET', to);
      if (i >= 2) took.push(performance.now() - began);
    }
    return middle(took);
  }

  /** The statements that one answer takes. */
  async statements(to: string): Promise<Asked[]> {
    const { pool } = this.shop;
    const asked: Asked[] = [];
    const plain = pool.execute.bind(pool);
    const spy = (sql: string, values: unknown[] = []) => {
      asked.push({ sql, values });
      return plain(sql, values as never);
    };
    pool.execute = spy as unknown as Pool['execute'];
    await this.sender.ask('GET', to);
    pool.execute = plain as Pool['execute'];
    return asked;
  }

  /** Tables that a statement reads from end to end. */
  async scans({ sql, values }: Asked): Promise<string[]> {
    const [rows] = await this.shop.pool.query<RowDataPacket[]>(`ANALYZE ${sql}`, values);
    // What it truly read: a walk through an index that ends with the page reads no more than the page.
    return rows
      .filter(
        ({ type, r_rows: read }) =>
          ['ALL', 'index'].includes(type as string) && Number(read) > FEW_ROWS,
      )
      .map(
        ({ table, type, key, r_rows: read }) =>
          `${table} ${type} ${key ?? ''} ${Number(read)} rows`,
      );
  }
}

const middle = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

async function signIn(shop: RunningShop): Promise<string> {
  const { name, passphrase } = PEOPLE.find(({ role }) => role === 'owner')!;
  const answer = await fetch(`http://127.0.0.1:${shop.port}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name, passphrase }),
  });
  return answer.headers.getSetCookie()[0]!.split(';')[0]!;
}

async function open(root: string, bikes: number, say: (words: string) => void): Promise<Measured> {
  const dataDirectory = await grownShop(root, bikes, say);
  const log = pino({ level: 'silent' });
  const shop = await openShop({
    root,
    dataDirectory,
    webDirectory: null,
    port: 0,
    feedPort: 0,
    log,
    say,
  });
  const [[known]] = await shop.pool.query<RowDataPacket[]>(
    `SELECT b.id AS bikeId, b.serial, j.id AS jobId, j.tag, s.id AS recordId,
            (SELECT c.id FROM container c JOIN fill f ON f.container_id = c.id LIMIT 1) AS containerId,
            (SELECT c.label FROM container c JOIN fill f ON f.container_id = c.id LIMIT 1) AS container,
            (SELECT c.lot FROM container c JOIN fill f ON f.container_id = c.id LIMIT 1) AS lot,
            (SELECT w.name FROM wrench w JOIN tightening t ON t.wrench_id = w.id LIMIT 1) AS wrench,
            (SELECT g.name FROM gauge g JOIN measurement m ON m.gauge_id = g.id WHERE m.job_id = j.id LIMIT 1) AS gauge,
            (SELECT r.title FROM spec_sheet_revision r JOIN identification i ON i.sheet_revision_id = r.id WHERE i.job_id = j.id LIMIT 1) AS sheet,
            (SELECT p.name FROM person p JOIN entry e ON e.by_person = p.id WHERE e.job_id = j.id LIMIT 1) AS mechanic
       FROM bike b JOIN job j ON j.bike_id = b.id JOIN sealed_record s ON s.job_id = j.id
      WHERE b.serial = ? LIMIT 1`,
    // One whose serial begins no other’s.
    [`GR-${(bikes - 1).toString(16).toUpperCase()}`],
  );
  const days = { days: daysOf(60, bikes), traced: daysOf(200, bikes) };
  return new Measured(shop, await signIn(shop), { ...(known as Known), ...days });
}

/** Each list at both sizes, and the statements of the larger one that read a table whole. */
async function lists(small: Measured, large: Measured): Promise<void> {
  const tooSlow: string[] = [];
  for (const [name, of] of Object.entries(LISTS)) {
    const to = of(large.known);
    const [few, many] = [await small.time(of(small.known)), await large.time(to)];
    const ratio = many / few;
    const asked = await large.statements(to);
    const scans = (await Promise.all(asked.map((each) => large.scans(each)))).flat();
    if (ratio > AIM || scans.length > 0) tooSlow.push(name);
    const plan = scans.length > 0 ? `reads whole: ${scans.join('; ')}` : 'no table is read whole';
    console.log(
      `${name}: ${ratio.toFixed(2)} × (${few.toFixed(1)} ms, ${many.toFixed(1)} ms), ${asked.length} statements, ${plan}`,
    );
  }
  console.log(
    `Lists and pages at ${LARGE.toLocaleString('en')} bikes: ${Object.keys(LISTS).length - tooSlow.length} of ${Object.keys(LISTS).length} within ${AIM} × of their time at ${SMALL.toLocaleString('en')} and free of whole reads${tooSlow.length > 0 ? `; not ${tooSlow.join(', ')}` : ''}`,
  );
}

/** What a mechanic waits for: a measurement begun, a reading, a signature. */
async function writes(small: Measured, large: Measured): Promise<void> {
  const took = async ({ sender }: Measured) => {
    const registers = await registersOf(sender);
    const [begun, read, signed]: [number[], number[], number[]] = [[], [], []];
    const timed = async (into: number[], work: () => Promise<unknown>) => {
      const began = performance.now();
      await work();
      into.push(performance.now() - began);
    };
    for (let i = 0; i < TIMES; i++) {
      const job = await new MeasuredJob(sender, registers).open();
      await timed(begun, () => job.begin());
      await timed(read, () => job.read(0));
      await job.leave('Ingrith Sula');
      const proven = await new MeasuredJob(sender, registers).open();
      await proven.prove();
      await timed(signed, () => proven.sign('Ingrith Sula'));
    }
    return [middle(begun), middle(read), middle(signed)];
  };
  const few = await took(small);
  const many = await took(large);
  for (const [i, name] of ['Beginning a measurement', 'A reading', 'A sign-off'].entries())
    console.log(`${name}: ${(many[i]! / few[i]!).toFixed(2)} × (aim: at most ${AIM})`);
}

/** Each list of the larger shop against a bare handler that asks the database the same and sends the same. */
async function againstBare(large: Measured): Promise<void> {
  const { shop, cookie, known } = large;
  const below: string[] = [];
  for (const [name, of] of Object.entries(LISTS)) {
    const to = of(known);
    const asked = (await large.statements(to)) as { sql: string; values: never[] }[];
    const { answer } = await large.sender.ask<object>('GET', to);
    const bare = express();
    bare.get('/list', async (_request, response) => {
      for (const { sql, values } of asked)
        await (shop.pool as Pick<PoolConnection, 'execute'>).execute(sql, values);
      response.json(answer);
    });
    const server = createHttpServer(bare).listen(0, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    const bareUrl = `http://127.0.0.1:${(server.address() as AddressInfo).port}/list`;
    const rate = async (url: string) =>
      (await autocannon({ url, connections: 4, duration: 2, headers: { cookie } })).requests
        .average;
    const [ours, theirs] = [
      await rate(`http://127.0.0.1:${shop.port}/api${to}`),
      await rate(bareUrl),
    ];
    server.close();
    if (ours / theirs < BARE_AIM) below.push(`${name} ${(ours / theirs).toFixed(2)}`);
  }
  console.log(
    `Against a bare handler with the same statements: ${Object.keys(LISTS).length - below.length} of ${Object.keys(LISTS).length} at ${BARE_AIM} of its throughput or more${below.length > 0 ? `; below it ${below.join(', ')}` : ''}`,
  );
}

export async function manyBikes(root: string, say: (words: string) => void): Promise<void> {
  const small = await open(root, SMALL, say);
  const large = await open(root, LARGE, say);
  try {
    await lists(small, large);
    await writes(small, large);
    await againstBare(large);
  } finally {
    await small.shop.stop();
    await large.shop.stop();
  }
}

if (require.main === module)
  manyBikes(path.resolve(__dirname, '..'), (words) => console.log(`· ${words}`)).catch(
    (error: unknown) => {
      console.error(error);
      process.exit(1);
    },
  );

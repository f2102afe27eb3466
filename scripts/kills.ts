import { NOTHING_SAID } from '@hold-fast/core/job/job';
import { USUAL_USE } from '@hold-fast/core/kit/bike';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { PEOPLE } from '@hold-fast/demo/people';
import type { JobLog } from '@hold-fast/contract/jobs';
import { v7 as uuid } from 'uuid';

// A shop that is killed again and again while people write to it: nothing that was answered is lost, nothing stands twice.

const root = path.resolve(__dirname, '..');
const WRITERS = 6;
const WAYS = ['server', 'database', 'both', 'closed', 'starting'] as const;
type Way = (typeof WAYS)[number];

/** A generator that gives the same numbers for the same seed. */
function randomOf(seed: number): () => number {
  let state = seed % 2_147_483_647 || 1;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

class Shop {
  #child: ChildProcess | null = null;
  #said = '';
  url = '';

  constructor(readonly data: string) {}

  /** Starts it and waits until it is open; false when it was killed before that. */
  async open(): Promise<boolean> {
    this.#said = '';
    const child = spawn(
      process.execPath,
      ['--import', 'tsx', 'scripts/start.ts', '--data', this.data, '--port', '0'],
      { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], env: { ...process.env, FORCE_COLOR: '0' } },
    );
    this.#child = child;
    const take = (text: Buffer) => (this.#said += text.toString());
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    for (;;) {
      const open = /open at (http:\S+)/.exec(this.#said);
      if (open && this.#said.includes('Ctrl-C closes')) {
        this.url = open[1]!;
        return true;
      }
      if (child.exitCode !== null || child.signalCode !== null) {
        if (child.signalCode === 'SIGKILL') return false;
        throw new Error(`The shop did not open:\n${this.#said}`);
      }
      await pause(20);
    }
  }

  async kill(way: Way): Promise<void> {
    const child = this.#child!;
    const gone = new Promise<void>((resolve) =>
      child.exitCode !== null || child.signalCode !== null
        ? resolve()
        : child.once('exit', () => resolve()),
    );
    if (way === 'database' || way === 'both') this.#killDatabase();
    if (way === 'database') return;
    child.kill(way === 'closed' ? 'SIGTERM' : 'SIGKILL');
    await gone;
  }

  #killDatabase(): void {
    try {
      process.kill(
        Number(readFileSync(path.join(this.data, 'mariadb/mariadbd.pid'), 'utf8')),
        'SIGKILL',
      );
    } catch {
      // It was gone already, or had not come up yet.
    }
  }
}

interface Written {
  jobId: string;
  id: string;
}

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      minutes: { type: 'string', default: '1' },
      kills: { type: 'string' },
      seed: { type: 'string', default: String(Date.now() % 1_000_000) },
    },
  });
  const seed = Number(values.seed);
  const random = randomOf(seed);
  const most = values.kills ? Number(values.kills) : Infinity;
  const until = values.kills ? Infinity : Date.now() + Number(values.minutes) * 60_000;
  const data = mkdtempSync(path.join(tmpdir(), 'hold-fast-kills-'));
  const shop = new Shop(data);

  // Killed in the middle of being filled for the first time: begun again, whole.
  const filling = shop.open();
  await pause(2000 + random() * 4000);
  await shop.kill('server');
  await filling.catch(() => undefined);
  await shop.open();

  const taken: Written[] = [];
  const killed = new Map<Way, number>();
  let writing = true;
  const writers = Array.from({ length: WRITERS }, (_, i) => write(shop, i, taken, () => writing));
  for (let kills = 0; kills < most && Date.now() < until; kills++) {
    await pause(300 + random() * 2500);
    const way = WAYS[Math.floor(random() * WAYS.length)]!;
    killed.set(way, (killed.get(way) ?? 0) + 1);
    await shop.kill(way === 'starting' ? 'server' : way);
    if (way === 'database') continue;
    if (way === 'starting') {
      const opening = shop.open();
      await pause(100 + random() * 1500);
      await shop.kill(random() < 0.5 ? 'both' : 'server');
      await opening.catch(() => undefined);
    }
    await shop.open();
  }
  writing = false;
  await Promise.all(writers);
  const { lost, doubled, broken } = await look(shop, taken);
  const copy = await restored(shop, taken);
  rmSync(data, { recursive: true, force: true });
  const told = [...killed].map(([way, times]) => `${way} ${times}`).join(', ');
  console.log(
    `Seed ${seed}: killed while filling once, then ${told}; ${taken.length} writes were answered, ${lost} lost, ${doubled} doubled${broken ? ', the chain is broken' : ''}; restored from its copy: ${copy}`,
  );
  process.exitCode = lost + doubled === 0 && !broken && copy === 'whole' ? 0 : 1;
}

/** One mechanic: a bike checked in, then look after look, each sent until it is answered, now and then the same one again. */
async function write(
  shop: Shop,
  writer: number,
  taken: Written[],
  on: () => boolean,
): Promise<void> {
  const { name, passphrase } = PEOPLE.filter(({ role }) => role !== 'counter')[writer % 4]!;
  let cookie = '';
  /** Sends until it is answered; what was not answered is sent again, the same. */
  const send = async (to: string, body: object): Promise<void> => {
    for (;;) {
      try {
        if (cookie === '') {
          const signed = await fetch(`${shop.url}/api/session`, post({ name, passphrase }, ''));
          if (!signed.ok) throw new Error('not yet');
          cookie = signed.headers.getSetCookie()[0]!.split(';')[0]!;
        }
        const answer = await fetch(`${shop.url}/api${to}`, post(body, cookie));
        await answer.arrayBuffer();
        if (answer.ok) return;
        if (answer.status === 401) cookie = '';
        else if (answer.status < 500) throw new TypeError(`${answer.status} ${to}`);
      } catch (error) {
        if (error instanceof TypeError && /^\d/.test(error.message)) throw error;
      }
      await pause(100);
    }
  };
  while (on()) {
    const customerId = uuid();
    const jobId = uuid();
    await send('/jobs', {
      id: jobId,
      customer: { id: customerId, name: `Writer ${writer}`, phone: null },
      bike: {
        id: uuid(),
        customerId,
        name: `Bike ${writer}`,
        maker: '',
        serial: '',
        motor: false,
        ...USUAL_USE,
      },
      complaint: 'Killed',
      symptoms: [],
      frontLever: null,
      odometerKm: null,
      minutes: 30,
      ...NOTHING_SAID,
      promisedAt: new Date(Date.now() + 86_400_000).toISOString(),
    });
    for (let i = 0; i < 12 && on(); i++) {
      const entry = {
        kind: 'look-over',
        id: uuid(),
        at: new Date().toISOString(),
        end: 'front',
        area: 'leaks',
        found: [],
        words: `look ${i}`,
      };
      await send(`/jobs/${jobId}/entries`, { entry, appWord: null });
      taken.push({ jobId, id: entry.id });
      if (i % 4 === 0) await send(`/jobs/${jobId}/entries`, { entry, appWord: null });
    }
  }
}

const post = (body: object, cookie: string) => ({
  method: 'POST',
  headers: { 'content-type': 'application/json', cookie },
  body: JSON.stringify(body),
  signal: AbortSignal.timeout(15_000),
});

/** Whether the shop comes out of its copy as it stood, and over one that is open nothing is restored; it is closed afterwards. */
async function restored(shop: Shop, taken: readonly Written[]): Promise<string> {
  const elsewhere = mkdtempSync(path.join(tmpdir(), 'hold-fast-copy-'));
  const copy = path.join(elsewhere, 'copy.sql.gz');
  const run = (script: string, ...more: string[]) =>
    spawnSync(process.execPath, ['--import', 'tsx', `scripts/${script}.ts`, copy, ...more], {
      cwd: root,
      encoding: 'utf8',
    });
  const other = new Shop(path.join(elsewhere, 'data'));
  try {
    const made = run('backupNow', '--data', shop.data);
    if (made.status !== 0) return `no copy was made: ${made.stderr}`;
    if (run('restore', '--data', shop.data).status === 0) return 'it went over an open shop';
    await shop.kill('closed');
    const back = run('restore', '--data', other.data);
    if (back.status !== 0) return back.stderr;
    await other.open();
    const { lost, doubled, broken } = await look(other, taken);
    await other.kill('closed');
    return lost + doubled === 0 && !broken
      ? 'whole'
      : `${lost} lost, ${doubled} doubled${broken ? ', the chain is broken' : ''}`;
  } finally {
    rmSync(elsewhere, { recursive: true, force: true });
  }
}

/** What is there of all that was answered. */
async function look(shop: Shop, taken: readonly Written[]) {
  const { name, passphrase } = PEOPLE[0]!;
  let cookie = '';
  for (let tries = 0; cookie === '' && tries < 100; tries++) {
    const signed = await fetch(`${shop.url}/api/session`, post({ name, passphrase }, '')).catch(
      () => null,
    );
    cookie = signed?.headers.getSetCookie()[0]?.split(';')[0] ?? '';
    if (cookie === '') await pause(200);
  }
  const get = async <T>(to: string) =>
    (await (await fetch(`${shop.url}/api${to}`, { headers: { cookie } })).json()) as T;
  let lost = 0;
  let doubled = 0;
  for (const jobId of new Set(taken.map((each) => each.jobId))) {
    const { entries } = await get<JobLog>(`/jobs/${jobId}`);
    const times = new Map<string, number>();
    for (const {
      entry: { id },
    } of entries)
      times.set(id, (times.get(id) ?? 0) + 1);
    doubled += [...times.values()].filter((each) => each > 1).length;
    lost += taken.filter((each) => each.jobId === jobId && !times.has(each.id)).length;
  }
  const chain = await get<{ whole: boolean }>('/chain');
  return { lost, doubled, broken: !chain.whole };
}

main().then(
  // A pipe that a killed shop's children still hold keeps nobody waiting.
  () => process.exit(),
  (error: unknown) => {
    console.error(error);
    process.exit(1);
  },
);

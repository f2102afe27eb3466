import { atEachEnd } from '@hold-fast/core/ends';
import { createServer as createHttpServer } from 'node:http';
import { createRequire } from 'node:module';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import autocannon from 'autocannon';
import type { ChainState } from '@hold-fast/contract/jobs';
import type { Outlook } from '@hold-fast/core/forecast/forecast';
import { planBike } from '@hold-fast/core/plan/planner';
import { USUAL_BRAKE } from '@hold-fast/core/kit/traits';
import { naivePlan, taskOf } from '@hold-fast/core/plan/task';
import { sealLink } from '@hold-fast/core/seal/chain';
import { rotorVerdict, type RotorMeasurement } from '@hold-fast/core/wear/rotor';
import { PEOPLE } from '@hold-fast/demo/people';
import { benchQuery } from '@hold-fast/server/jobs/bench';
import { personByName } from '@hold-fast/server/people/store';
import { holdHead, recordsPage } from '@hold-fast/server/records/store';
import { solve } from '@hold-fast/core/heat/rungeKutta';
import express from 'express';
import { pino } from 'pino';
import { v7 as uuid } from 'uuid';
import { openShop, type RunningShop } from './shop';
import { manyBikes } from './benchLists';
import { pages } from './benchPages';
import { takingReadings } from './benchReadings';
import { exportWeb } from './web';

// Its types do not pass as strictly as ours.
const odex = createRequire(__filename)('odex') as {
  Solver: new (size: number) => {
    relativeTolerance: number;
    absoluteTolerance: number;
    solve: (
      rates: (time: number, state: number[]) => number[],
      from: number,
      start: number[],
      to: number,
    ) => unknown;
  };
};

// Ratios, each side by side in one run: what a number is worth shows only against another taken with it.

const root = path.resolve(__dirname, '..');
const ROUNDS = 3;
const say = (words: string) => console.log(`· ${words}`);

async function main(): Promise<void> {
  const web = await exportWeb(root, say);
  const shop = await openShop({
    root,
    dataDirectory: null,
    webDirectory: web,
    port: 0,
    feedPort: 0,
    log: pino({ level: 'silent' }),
    say,
  });
  try {
    const cookie = await signIn(shop);
    verdictsASecond();
    planning();
    heatSolver();
    await listThroughput(shop, cookie);
    await waitBesideChain(shop, cookie);
    await takingReadings(shop, cookie);
    await pages(root, shop, cookie);
  } finally {
    await shop.stop();
  }
  await manyBikes(root, say);
}

async function signIn(shop: RunningShop): Promise<string> {
  const [{ name, passphrase }] = PEOPLE as [(typeof PEOPLE)[number]];
  const answer = await fetch(`http://127.0.0.1:${shop.port}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name, passphrase }),
  });
  return answer.headers.getSetCookie()[0]!.split(';')[0]!;
}

function verdictsASecond(): void {
  const measurement: RotorMeasurement = {
    points: [1.66, 1.62, 1.57, 1.56, 1.6, 1.64].map((reading, i) => ({
      point: i + 1,
      readingsMm: [reading],
    })),
    pointCount: 6,
    gauge: {
      kind: 'thickness-gauge',
      resolutionMm: 0.01,
      uncertaintyMm: 0.03,
      anvils: 'point',
      calibrationDueOn: '2027-01-01',
    },
    zeroErrorMm: 0,
    measuredOn: '2026-11-25',
    ridge: 'felt',
    lipMm: 1.8,
    damage: [],
  };
  const limit = { limitMm: 1.5, atLimitIsWorn: true, origin: 'stamped', tag: null } as const;
  const outlook = {
    unit: 'km',
    earlier: [1.8, 1.75, 1.71, 1.66].map((mm, i) => ({ x: i * 900, mm, doubtMm: 0.03 })),
    now: 3600,
    nextService: 9000,
  } as const;
  const count = 20_000;
  const secondsFor = (past: Outlook | null) => {
    const began = performance.now();
    for (let i = 0; i < count; i++) rotorVerdict(measurement, limit, 1.8, past);
    return (performance.now() - began) / 1000;
  };
  secondsFor(outlook);
  const [bare, forecast] = [secondsFor(null), secondsFor(outlook)];
  console.log(
    `Rotor verdicts in core with forecast: ${Math.round(count / forecast).toLocaleString('en')} a second (aim: 10,000), ${(forecast / bare).toFixed(2)} × the time of those without`,
  );
}

/** A full double overhaul, planned from nothing, against the naive list of the same work. */
function planning(): void {
  const overhaul = [
    'inspect',
    'service-pistons',
    'bleed-tilt',
    'change-rotor',
    'change-pads',
    'align',
    'set-levers',
    'dress-mount',
  ] as const;
  const chosen = {
    procedures: { front: overhaul, rear: overhaul },
    bleed: { front: 'gravity-down', rear: 'push-up', third: 'push-up' },
    brakes: atEachEnd(() => USUAL_BRAKE),
  } as const;
  const took: number[] = [];
  for (let round = 0; round < 9; round++) {
    const began = performance.now();
    planBike(taskOf(chosen));
    took.push(performance.now() - began);
  }
  const ratio = planBike(taskOf(chosen))!.minutes / naivePlan(chosen)!.minutes;
  console.log(
    `Double overhaul: planned in ${median(took).toFixed(0)} ms, the first time ${took[0]!.toFixed(0)} (aim: under 50), ${ratio.toFixed(2)} × the bench time of the naive list`,
  );
}

/** A rotor with its pads and fluid under even power, by our solver and by a general library at the same tolerance. */
function heatSolver(): void {
  const rates = ([rotor, pads, fluid]: readonly number[]) => {
    const [toPads, toFluid] = [0.5 * (rotor! - pads!), 0.1 * (pads! - fluid!)];
    const glow = 1e-9 * ((rotor! + 273.15) ** 4 - 293.15 ** 4);
    return [
      (300 - 1.1 * (rotor! - 20) - glow - toPads) / 65.7,
      (toPads - 0.2 * (pads! - 20) - toFluid) / 40,
      toFluid / 6,
    ];
  };
  const tolerance = 1e-7;
  const start = [20, 20, 20];
  const ours = () =>
    solve((_time, state) => rates(state), start, 0, 600, {
      relative: tolerance,
      absolute: tolerance,
      longestStep: 600,
    });
  const theirs = () => {
    const solver = new odex.Solver(3);
    solver.relativeTolerance = tolerance;
    solver.absoluteTolerance = tolerance;
    return solver.solve((_time, state) => rates(state), 0, start, 600);
  };
  const took = (run: () => unknown) => {
    for (let i = 0; i < 200; i++) run();
    const began = performance.now();
    for (let i = 0; i < 1000; i++) run();
    return performance.now() - began;
  };
  const ratios = Array.from({ length: ROUNDS }, () => took(ours) / took(theirs));
  console.log(
    `Heat solver against a general one at equal tolerance: ${median(ratios).toFixed(2)} × its time (aim: at most 1.00)`,
  );
}

/** The Bench's list against a bare Express handler that runs the same statement and sends its rows. */
async function listThroughput(shop: RunningShop, cookie: string): Promise<void> {
  const { sql, values } = benchQuery(null);
  const plain = express();
  plain.get('/bench', async (_request, response) => {
    const [rows] = await shop.pool.execute(sql, values);
    response.json({ items: rows, after: null });
  });
  const server = createHttpServer(plain).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const plainUrl = `http://127.0.0.1:${(server.address() as AddressInfo).port}/bench`;
  const ourUrl = `http://127.0.0.1:${shop.port}/api/bench`;
  const rate = async (url: string) =>
    (await autocannon({ url, connections: 8, duration: 4, workers: 1, headers: { cookie } }))
      .requests.average;
  const ratios: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const [ours, theirs] = [await rate(ourUrl), await rate(plainUrl)];
    ratios.push(ours / theirs);
    say(`Bench list ${Math.round(ours)} a second, bare handler ${Math.round(theirs)}`);
  }
  server.close();
  console.log(
    `Bench list against a bare handler with the same SQL: ${median(ratios).toFixed(2)} × (aim: at least 0.70)`,
  );
}

/** How long others wait while ten thousand links of the chain are checked, against how long they wait without. */
async function waitBesideChain(shop: RunningShop, cookie: string): Promise<void> {
  const get = async <T>(to: string) =>
    (await (
      await fetch(`http://127.0.0.1:${shop.port}/api${to}`, { headers: { cookie } })
    ).json()) as T;
  const state = () => get<ChainState>('/chain');
  const checked = (chain: ChainState) => chain.whole && chain.checked === chain.links;
  while (!checked(await state()));
  await addLinks(shop, 10_000);
  const longestWait = async (on: (waits: number) => Promise<boolean>) => {
    const waits: number[] = [];
    do {
      const began = performance.now();
      await get('/session');
      waits.push(performance.now() - began);
    } while (await on(waits.length));
    return Math.max(...waits);
  };
  let asked = 0;
  const beside = await longestWait(async (waits) => {
    asked = waits;
    return !checked(await state());
  });
  const alone = await longestWait((waits) => Promise.resolve(waits < asked));
  console.log(
    `While 10,000 links are checked others wait ${beside.toFixed(0)} ms at most in ${asked} requests (aim: under 100), ${(beside / alone).toFixed(2)} × the longest without`,
  );
}

/** Hangs so many small corrections of a sealed job into the chain. */
async function addLinks(shop: RunningShop, count: number): Promise<void> {
  const { items } = await recordsPage(shop.pool, {
    before: null,
    words: [],
    phrase: '',
    word: null,
    from: null,
    until: null,
  });
  const { id: personId } = (await personByName(shop.pool, PEOPLE[0]!.name))!;
  let { head, number } = await holdHead(shop.pool);
  for (let batch = 0; batch < count; batch += 500) {
    const rows = Array.from({ length: 500 }, (_, i) => {
      const link = sealLink({ prev: head, record: { n: batch + i, words: 'x'.repeat(2000) } });
      const prev = head;
      head = link.seal;
      number += 1;
      const nth = 1000 + batch + i;
      return [
        uuid(),
        number,
        items[0]!.jobId,
        link.canonical,
        link.seal,
        prev,
        new Date(),
        personId,
        nth,
      ];
    });
    await shop.pool.query(
      'INSERT INTO sealed_record (id, number, job_id, canonical, seal, prev, sealed_at, sealed_by, nth) VALUES ?',
      [rows],
    );
  }
  await shop.pool.query('UPDATE counter SET head = ?, last_record = ?', [head, number]);
}

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});

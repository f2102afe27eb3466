import { watchedItems } from '@hold-fast/core/job/bars';
import type { End } from '@hold-fast/core/ends';
import { PLACED } from '@hold-fast/demo/day';
import { NOTICES } from '@hold-fast/demo/notices';
import { NOTHING_SAID } from '@hold-fast/core/job/job';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import type { AddressInfo } from 'node:net';
import type { CheckIn } from '@hold-fast/contract/checkIn';
import { Entry } from '@hold-fast/contract/entries';
import { SpecSheetBody } from '@hold-fast/contract/sheets';
import type { StockMove } from '@hold-fast/contract/stores';
import { SHEETS } from '@hold-fast/demo/library';
import { PEOPLE } from '@hold-fast/demo/people';
import { stores } from '@hold-fast/demo/stores';
import { INSPECTIONS } from '@hold-fast/demo/inspections';
import { BIKES, CUSTOMERS, VISITS, type Deed, type Visit } from '@hold-fast/demo/visits';
import type { Job } from '@hold-fast/core/job/job';
import { readJob } from '@hold-fast/server/jobs/readStore';
import { mechanics } from '@hold-fast/server/jobs/dayStore';
import { addPerson } from '@hold-fast/server/people/store';
import type { Pool } from '@hold-fast/server/platform/database';
import { createServer } from '@hold-fast/server/server';
import { hashSecret } from '@hold-fast/server/platform/secrets';
import { addSheet } from '@hold-fast/server/sheets/store';
import { addContainer, addGauge, addStockLine, addWrench } from '@hold-fast/server/stores/store';
import { fastenerRule } from '@hold-fast/core/torque/fasteners';
import { passesOf } from '@hold-fast/core/torque/sequence';
import { addDays, addHours, startOfDay } from 'date-fns';
import { pino } from 'pino';
import { v7 as uuid } from 'uuid';

// The visits go in by the front door: a server with its clock turned back, and the same requests the app sends.

interface Stock {
  gauges: Map<string, string>;
  wrenches: Map<string, string>;
  containers: Map<string, string>;
  sheets: Map<string, string>;
  shelf: Map<string, string>;
  /** What came in before the first visit. */
  delivered: StockMove[];
}

const PAD_PLACES = ['inner-leading', 'inner-trailing', 'outer-leading', 'outer-trailing'] as const;
const CORNERS = ['left-leading', 'left-trailing', 'right-leading', 'right-trailing'] as const;

/** Whether the shop is still without people, and so without anything. */
export async function isEmpty(pool: Pool): Promise<boolean> {
  const [rows] = await pool.query<never[]>('SELECT 1 FROM person LIMIT 1');
  return rows.length === 0;
}

/** Fills an empty shop with the invented workshop, as it stands at `now`. */
export async function seedDemo(pool: Pool, now: Date): Promise<void> {
  let clock = now;
  const stock = await addLibraryAndStores(pool, now);
  const log = pino({ level: 'error' });
  const server = createServer({ pool, now: () => clock, log }, null).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api`;

  const bikes = new Map<string, string>();
  const customers = new Map<string, string>();
  const openJobs = new Map<string, string>();
  try {
    const deliver = await signIn(address, PEOPLE[0]!.name);
    for (const move of stock.delivered) await deliver('/stock/moves', move);
    for (const visit of [...VISITS, ...INSPECTIONS]) {
      clock = addHours(addDays(startOfDay(now), -visit.daysAgo), visit.hour);
      const tick = () => {
        clock = new Date(clock.getTime() + 20_000);
        return clock.toISOString();
      };
      const send = await signIn(address, visit.by);
      const job = checkInOf(visit, clock, bikes, customers);
      await send('/jobs', job);
      for (const deed of visit.deeds)
        for (const entry of entriesOf(deed, stock, tick))
          await send(`/jobs/${job.id}/entries`, { entry, appWord: null });
      const { pin } = PEOPLE.find(({ name }) => name === visit.by)!;
      if (visit.signed)
        for (const entry of provingEntries((await readJob(pool, job.id)).folded.job, stock, tick))
          await send(`/jobs/${job.id}/entries`, { entry, appWord: null });
      if (!visit.signed) openJobs.set(visit.bike, job.id);
      if (visit.signed) {
        const toldOf = watchedItems((await readJob(pool, job.id)).folded.job).map(
          ({ end, subject }) => ({ end, subject }),
        );
        await send(`/jobs/${job.id}/sign-off`, { id: uuid(), pin, toldOf });
      }
    }
    clock = now;
    const people = await mechanics(pool, now.toISOString().slice(0, 10));
    for (const { bike, by, afterDays } of PLACED) {
      const day = addDays(now, afterDays).toISOString().slice(0, 10);
      const personId = people.find(({ name }) => name === by)!.id;
      const at = { day, personId, before: null };
      await deliver('/day/places', { id: uuid(), jobId: openJobs.get(bike), at });
    }
    for (const notice of NOTICES)
      await deliver('/notices', { ...notice, id: uuid(), withdrawn: false, withdrawnBecause: '' });
    // They came in by the front door at devices that never were.
    await pool.query('DELETE FROM session');
  } finally {
    await new Promise((resolve) => server.close(resolve));
  }
}

/** What whoever did the work proves before they sign: the lever by its number, everything by name, the wheel on the stand. */
function provingEntries(job: Job, stock: Stock, tick: () => string): Entry[] {
  const entry = () => ({ id: uuid(), at: tick() });
  const levers = job.bars.flatMap((bar) =>
    bar.code === 'lever-untested'
      ? entriesOf(
          { do: 'lever', end: bar.end, reach: 60, bite: 20, firm: 27, sunk: 27 },
          stock,
          tick,
        )
      : [],
  );
  const ticks = job.bars.flatMap((bar): Entry[] =>
    bar.code === 'check-open'
      ? [
          {
            kind: 'ticked',
            ...entry(),
            end: bar.end,
            check: bar.check,
            outcome: 'passed',
            words: '',
          },
        ]
      : [],
  );
  const stands = job.bars.flatMap((bar): Entry[] =>
    bar.code === 'stand-untested'
      ? [{ kind: 'test', ...entry(), test: 'stand', end: bar.end, outcome: 'passed', words: '' }]
      : [],
  );
  return [...levers, ...ticks, ...stands];
}

async function addLibraryAndStores(pool: Pool, now: Date): Promise<Stock> {
  for (const { name, role, passphrase, pin, apprentice = false } of PEOPLE)
    await addPerson(
      pool,
      {
        id: uuid(),
        name,
        role,
        apprentice,
        passphraseHash: await hashSecret(passphrase),
        pinHash: await hashSecret(pin),
        pinLength: pin.length,
        choosing: false,
      },
      now,
    );
  const stock: Stock = {
    gauges: new Map(),
    wrenches: new Map(),
    containers: new Map(),
    sheets: new Map(),
    shelf: new Map(),
    delivered: [],
  };
  const { gauges, wrenches, containers, stock: shelf } = stores(now);
  const numbered = (names: Map<string, string>, name: string) => {
    const id = uuid();
    names.set(name, id);
    return id;
  };
  for (const gauge of gauges)
    await addGauge(pool, {
      feedSerial: null,
      ...gauge,
      retired: false,
      id: numbered(stock.gauges, gauge.name),
    });
  for (const wrench of wrenches)
    await addWrench(pool, {
      kind: 'click',
      feedSerial: null,
      ...wrench,
      retired: false,
      id: numbered(stock.wrenches, wrench.name),
    });
  for (const container of containers)
    await addContainer(pool, { ...container, id: numbered(stock.containers, container.label) });
  for (const { count, batch, ...line } of shelf) {
    const id = numbered(stock.shelf, line.description);
    await addStockLine(pool, { ...line, id });
    stock.delivered.push({ id: uuid(), stockId: id, pieces: count, batch, why: 'Opening count' });
  }
  for (const [name, body] of Object.entries(SHEETS))
    await addSheet(pool, {
      id: numbered(stock.sheets, name),
      sheetId: uuid(),
      revision: 1,
      body: SpecSheetBody.parse(body),
      at: now,
    });
  return stock;
}

async function signIn(address: string, name: string) {
  const { passphrase } = PEOPLE.find((person) => person.name === name)!;
  const answer = await fetch(`${address}/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name, passphrase }),
  });
  const cookie = answer.headers.getSetCookie()[0]?.split(';')[0] ?? '';
  return async (path: string, body: unknown) => {
    const sent = await fetch(address + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie },
      body: JSON.stringify(body),
    });
    if (!sent.ok)
      throw new Error(
        `The demo data was refused: ${path} ${JSON.stringify(body)} ${await sent.text()}`,
      );
  };
}

function checkInOf(
  visit: Visit,
  now: Date,
  bikes: Map<string, string>,
  customers: Map<string, string>,
): CheckIn {
  const { customer: customerName, ...bike } = BIKES[visit.bike]!;
  const knownCustomer = customers.get(customerName);
  const customerId = knownCustomer ?? uuid();
  customers.set(customerName, customerId);
  const knownBike = bikes.get(visit.bike);
  const bikeId = knownBike ?? uuid();
  bikes.set(visit.bike, bikeId);
  return {
    id: uuid(),
    customer: knownCustomer ?? { id: customerId, ...CUSTOMERS[customerName]! },
    bike: knownBike ?? { id: bikeId, customerId, ...bike },
    complaint: visit.complaint,
    symptoms: visit.symptoms,
    frontLever: visit.frontLever,
    odometerKm: visit.odometerKm,
    minutes: visit.minutes,
    ...NOTHING_SAID,
    ...visit.asked,
    promisedAt: addHours(
      addDays(startOfDay(now), visit.promised.afterDays),
      visit.promised.hour,
    ).toISOString(),
  };
}

function entriesOf(deed: Deed, stock: Stock, tick: () => string): Entry[] {
  const entry = () => ({ id: uuid(), at: tick() });
  const sitting = (
    end: End,
    part: EntryOf<'measurement'>['part'],
    held: {
      gauge: string;
      pointCount?: number;
      basis?: EntryOf<'measurement'>['basis'];
      look?: Pick<EntryOf<'look'>, 'subject' | 'seen'>;
      readings: Record<string, number>;
    },
  ): Entry[] => {
    const measurementId = uuid();
    const { readings, look, pointCount = null, basis = null } = held;
    const gaugeId = stock.gauges.get(held.gauge)!;
    return [
      { kind: 'measurement', ...entry(), id: measurementId, end, part, gaugeId, basis, pointCount },
      ...(look ? [{ kind: 'look' as const, ...entry(), measurementId, ...look }] : []),
      // Object keys that are numbers come first; the zero is looked at before them.
      ...Object.entries(readings)
        .sort(([a], [b]) => Number(b === 'zero') - Number(a === 'zero'))
        .map(([place, valueMm]): Entry => ({
          kind: 'reading',
          ...entry(),
          measurementId,
          place,
          valueMm,
          typed: String(valueMm),
          via: 'keys',
          replaces: null,
          words: '',
        })),
    ];
  };
  switch (deed.do) {
    case 'identify':
      return [
        {
          kind: 'identification',
          ...entry(),
          end: deed.end,
          sheetRevisionId: stock.sheets.get(deed.sheet)!,
          stampedLimit: deed.stamped ?? null,
        },
      ];
    case 'rotor':
      return sitting(deed.end, 'rotor', {
        gauge: deed.gauge,
        pointCount: deed.points.length,
        ...(deed.ridge === null ? {} : { look: { subject: 'ridge', seen: deed.ridge } }),
        readings: {
          ...(deed.zero === null ? {} : { zero: deed.zero }),
          ...(deed.lip === undefined ? {} : { lip: deed.lip }),
          ...Object.fromEntries(deed.points.map((mm, i) => [String(i + 1), mm])),
        },
      });
    case 'pads':
      return sitting(deed.end, 'pads', {
        gauge: deed.gauge,
        basis: deed.basis,
        readings: {
          ...(deed.zero === null ? {} : { zero: deed.zero }),
          ...Object.fromEntries(deed.four.map((mm, i) => [PAD_PLACES[i]!, mm])),
        },
      });
    case 'turn':
      return sitting(deed.end, 'runout', {
        gauge: 'G5 dial',
        pointCount: deed.points.length,
        readings: {
          ...(deed.radius === undefined ? {} : { radius: deed.radius }),
          ...Object.fromEntries(deed.points.map((mm, i) => [String(i + 1), mm])),
        },
      });
    case 'gaps':
      return sitting(deed.end, 'clearance', {
        gauge: 'G6 feelers',
        look: { subject: 'at-mid-reading', seen: deed.atMid },
        readings: {
          ...(deed.span === undefined ? {} : { span: deed.span }),
          ...Object.fromEntries(deed.corners.map((mm, i) => [CORNERS[i]!, mm])),
        },
      });
    case 'lever': {
      const { reach, bite, firm, sunk, pumped } = deed;
      return sitting(deed.end, 'lever', {
        gauge: 'G7 steel rule',
        basis: 'travel',
        readings: {
          reach,
          bite,
          firm,
          ...(sunk === undefined ? {} : { sunk }),
          ...(pumped === undefined ? {} : { pumped }),
        },
      });
    }
    case 'face':
      return sitting(deed.end, 'mount-face', {
        gauge: 'G6 feelers',
        readings: { gap: deed.gap, spacing: deed.spacing },
      });
    case 'look':
      return [
        Entry.parse({
          kind: 'look-over',
          ...entry(),
          end: deed.end,
          area: deed.area,
          found: deed.found ?? [],
          words: deed.words,
        }),
      ];
    case 'fit': {
      const { do: _, ...fitted } = deed;
      return [Entry.parse({ kind: 'fitting', ...entry(), ...fitted })];
    }
    case 'tighten': {
      const { end, fastener, setNm, treatment } = deed;
      const tighteningId = uuid();
      return [
        {
          kind: 'tightening',
          ...entry(),
          id: tighteningId,
          end,
          fastener,
          wrenchId: stock.wrenches.get(deed.wrench)!,
          setNm,
          treatment,
          asked: null,
          crowfoot: null,
        },
        ...passesOf(fastenerRule(fastener).count).map((pass): Entry => ({
          kind: 'pass-mark',
          ...entry(),
          tighteningId,
          pass,
          bolt: null,
          measuredNm: null,
          via: 'keys',
        })),
      ];
    }
    case 'fill':
      return [
        {
          kind: 'fill',
          ...entry(),
          end: deed.end,
          containerId: stock.containers.get(deed.container)!,
          ml: deed.ml,
          colour: deed.colour,
        },
      ];
    case 'plan':
      return [
        {
          kind: 'plan-choice',
          ...entry(),
          procedures: { front: deed.front ?? [], rear: deed.rear ?? [] },
          bleed: { front: 'gravity-down', rear: 'push-up' },
          again: [],
          agreed: deed.agreed,
          words: deed.words,
        },
      ];
    case 'test':
      return [
        { kind: 'test', ...entry(), test: deed.test, end: deed.end, outcome: 'passed', words: '' },
      ];
  }
}

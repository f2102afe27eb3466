import type { AddressInfo } from 'node:net';
import type { CheckIn } from '@hold-fast/contract/checkIn';
import type { Entry } from '@hold-fast/contract/entries';
import { SHEETS } from '@hold-fast/demo/library';
import { PEOPLE } from '@hold-fast/demo/people';
import { stores } from '@hold-fast/demo/stores';
import { BIKES, CUSTOMERS, VISITS, type Deed, type Visit } from '@hold-fast/demo/visits';
import { addPerson } from '@hold-fast/server/people/store';
import type { Pool } from '@hold-fast/server/platform/database';
import { createServer } from '@hold-fast/server/platform/http';
import { hashSecret } from '@hold-fast/server/platform/secrets';
import { addSheet } from '@hold-fast/server/sheets/store';
import { addContainer, addGauge, addWrench } from '@hold-fast/server/stores/store';
import { addDays, addHours, startOfDay } from 'date-fns';
import { pino } from 'pino';
import { v7 as uuid } from 'uuid';

// The visits go in by the front door: a server with its clock turned back, and the same requests the app sends.

interface Stock {
  gauges: Map<string, string>;
  wrenches: Map<string, string>;
  containers: Map<string, string>;
  sheets: Map<string, string>;
}

const PAD_PLACES = ['inner-leading', 'inner-trailing', 'outer-leading', 'outer-trailing'] as const;

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
  try {
    for (const visit of VISITS) {
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
        await send(`/jobs/${job.id}/sign-off`, { id: uuid(), pin, customerToldOfWatch: true });
    }
  } finally {
    await new Promise((resolve) => server.close(resolve));
  }
}

async function addLibraryAndStores(pool: Pool, now: Date): Promise<Stock> {
  for (const { name, role, passphrase, pin } of PEOPLE)
    await addPerson(
      pool,
      {
        id: uuid(),
        name,
        role,
        passphraseHash: await hashSecret(passphrase),
        pinHash: await hashSecret(pin),
      },
      now,
    );
  const stock: Stock = {
    gauges: new Map(),
    wrenches: new Map(),
    containers: new Map(),
    sheets: new Map(),
  };
  const { gauges, wrenches, containers } = stores(now);
  const numbered = (names: Map<string, string>, name: string) => {
    const id = uuid();
    names.set(name, id);
    return id;
  };
  for (const gauge of gauges)
    await addGauge(pool, { ...gauge, id: numbered(stock.gauges, gauge.name) });
  for (const wrench of wrenches)
    await addWrench(pool, { ...wrench, id: numbered(stock.wrenches, wrench.name) });
  for (const container of containers)
    await addContainer(pool, { ...container, id: numbered(stock.containers, container.label) });
  for (const [name, body] of Object.entries(SHEETS))
    await addSheet(
      pool,
      {
        id: numbered(stock.sheets, name),
        sheetId: uuid(),
        revision: 1,
        body: {
          ...body,
          torque: [...body.torque],
          fluid: body.fluid && { ...body.fluid, alsoNamedBlends: [...body.fluid.alsoNamedBlends] },
        },
      },
      now,
    );
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
    promisedAt: addHours(
      addDays(startOfDay(now), visit.promised.afterDays),
      visit.promised.hour,
    ).toISOString(),
  };
}

function entriesOf(deed: Deed, stock: Stock, tick: () => string): Entry[] {
  const entry = () => ({ id: uuid(), at: tick() });
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
    case 'pads': {
      const rotor = deed.do === 'rotor';
      const measurementId = uuid();
      const reading = (place: string, valueMm: number): Entry => ({
        kind: 'reading',
        ...entry(),
        measurementId,
        place,
        valueMm,
        typed: String(valueMm),
        replaces: null,
      });
      return [
        {
          kind: 'measurement',
          ...entry(),
          id: measurementId,
          end: deed.end,
          part: deed.do,
          gaugeId: stock.gauges.get(deed.gauge)!,
          basis: rotor ? null : deed.basis,
          pointCount: rotor ? deed.points.length : null,
        },
        ...(deed.zero === null ? [] : [reading('zero', deed.zero)]),
        ...(rotor && deed.ridge !== null
          ? [
              {
                kind: 'look',
                ...entry(),
                measurementId,
                subject: 'ridge',
                seen: deed.ridge,
              } satisfies Entry,
            ]
          : []),
        ...(rotor && deed.lip !== undefined ? [reading('lip', deed.lip)] : []),
        ...(rotor
          ? deed.points.map((point, i) => reading(String(i + 1), point))
          : deed.four.map((number, i) => reading(PAD_PLACES[i]!, number))),
      ];
    }
    case 'fit':
      return [
        {
          kind: 'fitting',
          ...entry(),
          end: deed.end,
          part: deed.part,
          description: deed.description,
        },
      ];
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
        },
        ...(['snug', 'half', 'full', 'verify'] as const).map((pass): Entry => ({
          kind: 'pass-mark',
          ...entry(),
          tighteningId,
          pass,
          bolt: null,
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
    case 'test':
      return [{ kind: 'test', ...entry(), test: deed.test, end: deed.end, outcome: 'passed' }];
  }
}

import { NOTHING_SAID } from '@hold-fast/core/job/job';
import { USUAL_USE } from '@hold-fast/core/kit/bike';
import type { Page } from '@hold-fast/contract/jobs';
import type { GaugeInStore } from '@hold-fast/contract/stores';
import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import { PEOPLE } from '@hold-fast/demo/people';
import type { RowDataPacket } from 'mysql2';
import { v7 as uuid } from 'uuid';
import type { RunningShop } from './shop';

// What a reading and a sign-off cost, against bare inserts in transactions of their own on the same database.

const TIMES = 9;
const CONNECTIONS = 10;
const EACH = 60;

type Name = (typeof PEOPLE)[number]['name'];

/** A shop to send to, as one person. */
export class Sender {
  constructor(
    readonly shop: RunningShop,
    private readonly cookie: string,
  ) {}

  async ask<T>(
    method: 'GET' | 'POST',
    to: string,
    body?: object,
  ): Promise<{ answer: T; bytes: number }> {
    const response = await fetch(`http://127.0.0.1:${this.shop.port}/api${to}`, {
      method,
      headers: { 'content-type': 'application/json', cookie: this.cookie },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    const text = await response.text();
    if (!response.ok) throw new Error(text);
    return { answer: JSON.parse(text) as T, bytes: text.length };
  }
}

/** A job whose front rotor is being measured. */
export class MeasuredJob {
  readonly id = uuid();
  entries = 0;
  #measurementId = '';

  constructor(
    readonly sender: Sender,
    readonly registers: { sheetRevisionId: string; gaugeId: string },
  ) {}

  async open(): Promise<this> {
    const customerId = uuid();
    await this.sender.ask('POST', '/jobs', {
      id: this.id,
      customer: { id: customerId, name: 'Bench', phone: null },
      bike: {
        id: uuid(),
        customerId,
        name: 'Bench',
        maker: '',
        serial: '',
        motor: false,
        ...USUAL_USE,
      },
      complaint: 'Measured',
      symptoms: [],
      frontLever: 'left',
      odometerKm: null,
      promisedAt: new Date().toISOString(),
      minutes: 30,
      ...NOTHING_SAID,
    });
    const { sheetRevisionId } = this.registers;
    await this.append({
      kind: 'identification',
      end: 'front',
      sheetRevisionId,
      stampedLimit: null,
    });
    await this.begin();
    return this;
  }

  async append(entry: object): Promise<number> {
    this.entries += 1;
    const sent = { id: uuid(), at: new Date().toISOString(), ...entry };
    const to = `/jobs/${this.id}/entries`;
    return (await this.sender.ask('POST', to, { entry: sent, appWord: null })).bytes;
  }

  begin(): Promise<number> {
    this.#measurementId = uuid();
    const { gaugeId } = this.registers;
    const sitting = { end: 'front', part: 'rotor', gaugeId, basis: null, pointCount: 12 };
    return this.append({ kind: 'measurement', ...sitting, id: this.#measurementId });
  }

  read(point: number): Promise<number> {
    return this.readAt(String(1 + (point % 12)), 1.7);
  }

  readAt(place: string, valueMm: number): Promise<number> {
    const value = { place, valueMm, typed: String(valueMm), replaces: null };
    return this.append({ kind: 'reading', measurementId: this.#measurementId, ...value });
  }

  /** Proves the rotor, and who works which lever. */
  async prove(): Promise<void> {
    await this.append({ kind: 'test', test: 'lever-side', end: null, outcome: 'passed' });
    const measurementId = this.#measurementId;
    await this.append({ kind: 'look', measurementId, subject: 'ridge', seen: false });
    await this.readAt('zero', 0);
    for (let point = 0; point < 12; point++) await this.read(point);
  }

  /** Signs it off as whoever is signed in. */
  async sign(name: Name = PEOPLE[0]!.name, more: object = {}): Promise<void> {
    const { pin } = PEOPLE.find((person) => person.name === name)!;
    const signed = { id: uuid(), pin, toldOf: [], ...more };
    await this.sender.ask('POST', `/jobs/${this.id}/sign-off`, signed);
  }

  /** Closes it as it is. */
  leave(name: Name): Promise<void> {
    return this.sign(name, { notRepaired: { words: 'Measured enough', takenBy: 'Bench' } });
  }
}

async function questionsOf({ pool }: RunningShop, what: () => Promise<unknown>): Promise<number> {
  const questions = async () => {
    const [rows] = await pool.query<RowDataPacket[]>("SHOW GLOBAL STATUS LIKE 'Questions'");
    return Number(rows[0]!.Value);
  };
  const before = await questions();
  await what();
  // The count itself is asked for once between the two.
  return (await questions()) - before - 1;
}

async function bareInsert({ pool }: RunningShop): Promise<void> {
  const connection = await pool.getConnection();
  await connection.beginTransaction();
  await connection.query(
    'INSERT INTO accepted_write (id, body_hash, person_id, accepted_at) SELECT ?, REPEAT("x", 32), id, NOW() FROM person LIMIT 1',
    [uuid()],
  );
  await connection.commit();
  connection.release();
}

/** The middle of so many, ms. */
async function middleOf(what: (i: number) => Promise<unknown>): Promise<number> {
  const took: number[] = [];
  for (let i = 0; i < TIMES; i++) {
    const began = performance.now();
    await what(i);
    took.push(performance.now() - began);
  }
  return took.sort((a, b) => a - b)[Math.floor(TIMES / 2)]!;
}

/** How many a second at so many connections, each doing one after the other. */
async function aSecond(what: (connection: number, i: number) => Promise<unknown>): Promise<number> {
  const began = performance.now();
  await Promise.all(
    Array.from({ length: CONNECTIONS }, async (_, connection) => {
      for (let i = 0; i < EACH; i++) await what(connection, i);
    }),
  );
  return (CONNECTIONS * EACH * 1000) / (performance.now() - began);
}

/** A sheet and a gauge to measure by. */
export async function registersOf(sender: Sender) {
  const sheets = (await sender.ask<Page<SheetRevision>>('GET', '/sheets')).answer.items;
  const gauges = (await sender.ask<Page<GaugeInStore>>('GET', '/gauges')).answer.items;
  return {
    sheetRevisionId: sheets[0]!.id,
    gaugeId: gauges.find(({ kind }) => kind === 'thickness-gauge')!.id,
  };
}

/** How often a reading and a sign-off ask the database, how their time grows with the job, and how many go at once. */
export async function takingReadings(shop: RunningShop, cookie: string): Promise<void> {
  const sender = new Sender(shop, cookie);
  const registers = await registersOf(sender);
  const opened = () => new MeasuredJob(sender, registers).open();

  const job = await opened();
  const small = await middleOf((i) => job.read(i));
  let bytes = 0;
  const trips = await questionsOf(shop, async () => {
    bytes = await job.read(0);
  });
  while (job.entries < 1000) await (job.entries % 13 === 0 ? job.begin() : job.read(job.entries));
  const large = await middleOf((i) => job.read(i));
  const bare = await middleOf(() => bareInsert(shop));
  console.log(
    `A reading asks the database ${trips} times (aim: at most 12), is answered with ${bytes.toLocaleString('en')} bytes, and takes ${(small / bare).toFixed(1)} × a bare insert; on a job of 1,000 entries ${(large / small).toFixed(2)} × its time on one of 10 (aim: at most 1.5)`,
  );

  const signed = await opened();
  await signed.prove();
  const signing = await questionsOf(shop, () => signed.sign());
  console.log(`A sign-off asks it ${signing} times (aim: at most 25)`);

  const jobs = await Promise.all(Array.from({ length: CONNECTIONS }, opened));
  const readings = await aSecond((connection, i) => jobs[connection]!.read(i));
  const inserts = await aSecond(() => bareInsert(shop));
  console.log(
    `At ${CONNECTIONS} connections ${Math.round(readings)} readings a second, ${(readings / inserts).toFixed(2)} of as many bare inserts`,
  );
}

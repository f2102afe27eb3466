import { randomUUID } from 'node:crypto';
import { parseArgs } from 'node:util';
import { CheckIn, JobEdit } from '@hold-fast/contract/checkIn';
import { Entry } from '@hold-fast/contract/entries';
import { Photo } from '@hold-fast/contract/photos';
import { SignIn } from '@hold-fast/contract/people';
import { RulesEdit } from '@hold-fast/contract/shopRules';
import { SheetEdit, SheetsImport } from '@hold-fast/contract/sheets';
import { Amendment, Decision, SignOff } from '@hold-fast/contract/signOff';
import {
  Container,
  ContainerEdit,
  Gauge,
  GaugeEdit,
  HandOver,
  StockLine,
  StockMove,
  Wrench,
  WrenchEdit,
} from '@hold-fast/contract/stores';
import { PEOPLE } from '@hold-fast/demo/people';
import { pino } from 'pino';
import { v7 as uuid } from 'uuid';
import { z, type ZodType } from 'zod';
import { openShop } from './shop';
import path from 'node:path';

// Requests made from the contracts, and then bent: whatever comes in, the shop answers in words and stays whole.

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
interface Shape {
  type?: string;
  enum?: Json[];
  const?: Json;
  anyOf?: Shape[];
  oneOf?: Shape[];
  properties?: Record<string, Shape>;
  items?: Shape;
  format?: string;
  pattern?: string;
  minimum?: number;
  maximum?: number;
  exclusiveMinimum?: number;
  multipleOf?: number;
  minLength?: number;
  maxLength?: number;
  minItems?: number;
  maxItems?: number;
}

/** A generator that gives the same numbers for the same seed (mulberry32). */
function randomOf(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** What no schema asks for and somebody sends all the same. */
const NASTY: readonly Json[] = [
  null,
  true,
  -1,
  0,
  -0,
  1e-320,
  5e-324,
  1e308,
  -1e308,
  2 ** 53,
  0.1 + 0.2,
  256,
  65_536,
  4_294_967_296,
  '',
  ' ',
  '\ud83d',
  'a\ude00',
  '\u0000',
  '\u202e',
  '😀'.repeat(40),
  'x'.repeat(70_000),
  "'; DROP TABLE job; --",
  '%00',
  '../..',
  '0000-01-01',
  '9999-12-31T23:59:59.999Z',
  '2026-02-30',
  'NaN',
  [],
  {},
  [[]],
  { a: 1 },
  '__proto__',
  { __proto__: null, constructor: 1 },
];

export class Requests {
  readonly #random: () => number;

  constructor(
    seed: number,
    private readonly ids: readonly string[],
  ) {
    this.#random = randomOf(seed);
  }

  pick<T>(of: readonly T[]): T {
    return of[Math.floor(this.#random() * of.length)]!;
  }

  chance(share: number): boolean {
    return this.#random() < share;
  }

  /** A value of a shape, by and large as it asks. */
  of(shape: Shape, depth = 0): Json {
    if (shape.const !== undefined) return shape.const;
    if (shape.enum) return this.pick(shape.enum);
    const either = shape.anyOf ?? shape.oneOf;
    if (either) return this.of(this.pick(either), depth);
    switch (shape.type) {
      case 'object':
        return Object.fromEntries(
          Object.entries(shape.properties ?? {}).map(([key, each]) => [
            key,
            this.of(each, depth + 1),
          ]),
        );
      case 'array': {
        const least = shape.minItems ?? 0;
        const most = Math.min(shape.maxItems ?? 3, least + 3);
        const count = least + Math.floor(this.#random() * (most - least + 1));
        return Array.from({ length: count }, () => this.of(shape.items ?? {}, depth + 1));
      }
      case 'integer':
      case 'number':
        return this.#number(shape);
      case 'boolean':
        return this.chance(0.5);
      case 'string':
        return this.#text(shape);
      default:
        return null;
    }
  }

  /** The same with one or two things in it bent. */
  bent(value: Json): Json {
    if (this.chance(0.15)) return this.pick(NASTY);
    if (Array.isArray(value))
      return value.length === 0
        ? [this.pick(NASTY)]
        : value.map((each, i) => (i === 0 ? this.bent(each) : each));
    if (value !== null && typeof value === 'object') {
      const keys = Object.keys(value);
      if (keys.length === 0 || this.chance(0.1)) return { ...value, surplus: this.pick(NASTY) };
      const key = this.pick(keys);
      if (this.chance(0.1))
        return Object.fromEntries(Object.entries(value).filter(([each]) => each !== key));
      return { ...value, [key]: this.bent(value[key]!) };
    }
    return this.pick(NASTY);
  }

  id(): string {
    return this.chance(0.85)
      ? this.pick(this.ids)
      : this.pick([randomUUID(), uuid(), 'nothing', '%E0%A4%A']);
  }

  #number({ minimum, exclusiveMinimum, maximum, multipleOf, type }: Shape): number {
    const least = minimum ?? exclusiveMinimum ?? 0;
    const most = Math.min(maximum ?? 1000, least + 10_000);
    const value = least + this.#random() * (most - least);
    const step = multipleOf ?? (type === 'integer' ? 1 : 0.01);
    return Number((Math.round(value / step) * step).toFixed(3));
  }

  #text({ format, pattern, minLength = 0, maxLength = 20 }: Shape): string {
    if (format === 'uuid' || /\[0-9a-f.*-/i.test(pattern ?? ''))
      return this.chance(0.5) ? this.pick(this.ids) : uuid();
    if (format === 'date-time') return new Date(1.79e12 + this.#random() * 1e10).toISOString();
    if (format === 'date')
      return new Date(1.79e12 + this.#random() * 1e11).toISOString().slice(0, 10);
    if (pattern?.includes('\\d{4,8}')) return this.pick(['1593', '0000', '12345678']);
    const length = Math.max(minLength, Math.floor(this.#random() * Math.min(maxLength, 24)));
    return this.pick([
      'Selkie 10',
      'Bremse ä',
      'a',
      '1.47',
      'TG-0107',
      'x'.repeat(Math.max(1, length)),
    ]);
  }
}

const shapeOf = (schema: ZodType): Shape =>
  z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Shape;

/** Every changing route with the shape of its body; `:id` stands for any id there is. */
const WRITES: readonly [string, string, Shape][] = (
  [
    ['POST', '/session', SignIn],
    ['POST', '/jobs', CheckIn],
    ['PUT', '/jobs/:id', JobEdit],
    ['POST', '/jobs/:id/photos', Photo],
    ['POST', '/jobs/:id/decisions', Decision],
    ['POST', '/jobs/:id/sign-off', SignOff],
    ['POST', '/jobs/:id/amendments', Amendment],
    ['POST', '/gauges', Gauge],
    ['PUT', '/gauges/:id', GaugeEdit],
    ['POST', '/wrenches', Wrench],
    ['PUT', '/wrenches/:id', WrenchEdit],
    ['POST', '/containers', Container],
    ['PUT', '/containers/:id', ContainerEdit],
    ['POST', '/stock', StockLine],
    ['POST', '/stock/moves', StockMove],
    ['POST', '/waste', HandOver],
    ['PUT', '/rules', RulesEdit],
    ['PUT', '/sheets/:id', SheetEdit],
    ['POST', '/sheets/import', SheetsImport],
  ] as const
).map(([method, to, schema]) => [method, to, shapeOf(schema as ZodType)]);
const ENTRIES = Entry.options.map((schema) => shapeOf(schema));
const READS = [
  '/bench',
  '/bench?after=:text',
  '/jobs/:id',
  '/bikes',
  '/bikes?q=:text',
  '/bikes/:id',
  '/sheets',
  '/sheets/:id',
  '/sheets?after=:id',
  '/gauges',
  '/gauges?after=:text',
  '/wrenches',
  '/containers',
  '/containers?after=:id',
  '/containers/:id/fills',
  '/stock',
  '/stock?after=:id',
  '/waste',
  '/rules',
  '/records',
  '/records?after=:text',
  '/records/:id',
  '/chain',
  '/leads',
  '/pin-tries',
  '/photos/:id',
  '/feed/state',
  '/:text',
];

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      requests: { type: 'string', default: '2000' },
      seed: { type: 'string', default: String(Date.now() % 1_000_000) },
    },
  });
  const [count, seed] = [Number(values.requests), Number(values.seed)];
  const shop = await openShop({
    root: path.resolve(__dirname, '..'),
    dataDirectory: null,
    webDirectory: null,
    port: 0,
    feedPort: 0,
    log: pino({ level: 'silent' }),
    say: () => undefined,
  });
  const statuses = new Map<number, number>();
  const failed: string[] = [];
  try {
    const address = `http://127.0.0.1:${shop.port}/api`;
    const cookies = await Promise.all(
      PEOPLE.map(async ({ name, passphrase }) => {
        const answer = await fetch(`${address}/session`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ name, passphrase }),
        });
        return answer.headers.getSetCookie()[0]!.split(';')[0]!;
      }),
    );
    const requests = new Requests(seed, await idsIn(shop.pool));
    const one = async () => {
      const [method, to, shape] = requests.chance(0.25)
        ? (['GET', requests.pick(READS), null] as const)
        : requests.chance(0.5)
          ? (['POST', '/jobs/:id/entries', requests.pick(ENTRIES)] as const)
          : requests.pick(WRITES);
      const at = to
        .replace(':id', () => requests.id())
        .replace(':text', () => encodeURIComponent(wellFormed(requests.pick(NASTY))));
      const made = shape && requests.of(shape);
      const inner = made !== null && requests.chance(0.6) ? requests.bent(made) : made;
      const body = to.endsWith('/entries') ? { entry: inner, appWord: null } : inner;
      const answer = await fetch(address + at, {
        method,
        headers: { 'content-type': 'application/json', cookie: requests.pick(cookies) },
        ...(method === 'GET' ? {} : { body: JSON.stringify(body) }),
      });
      await answer.arrayBuffer();
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
      if (answer.status >= 500)
        failed.push(`${answer.status} ${method} ${at} ${JSON.stringify(body)?.slice(0, 600)}`);
    };
    for (let done = 0; done < count; done += 8)
      await Promise.all(Array.from({ length: Math.min(8, count - done) }, one));
    const chain = (await (
      await fetch(`${address}/chain`, { headers: { cookie: cookies[0]! } })
    ).json()) as { whole: boolean };
    if (!chain.whole) failed.push('the chain of seals is broken');
  } finally {
    await shop.stop();
  }
  const told = [...statuses].sort(([a], [b]) => a - b).map(([status, n]) => `${n} × ${status}`);
  console.log(`${count} requests from seed ${seed}: ${told.join(', ')}`);
  for (const each of failed.slice(0, 20)) console.log(`  ${each}`);
  console.log(failed.length === 0 ? 'None was answered with a fault' : `${failed.length} faults`);
  process.exitCode = failed.length === 0 ? 0 : 1;
}

/** As an address can hold it: JavaScript refuses to encode half a letter, and short enough for a request line. */
const wellFormed = (value: Json) =>
  (typeof value === 'string' ? value : (JSON.stringify(value) ?? ''))
    .replace(/\p{Cs}/gu, '')
    .slice(0, 200);

/** Ids of all kinds of things, so that requests meet what is there. */
async function idsIn(pool: Awaited<ReturnType<typeof openShop>>['pool']): Promise<string[]> {
  const tables = [
    'job',
    'bike',
    'customer',
    'gauge',
    'wrench',
    'container',
    'spec_sheet',
    'spec_sheet_revision',
    'measurement',
    'reading',
    'tightening',
    'stock_line',
    'sealed_record',
    'fill',
    'entry',
  ];
  const [rows] = await pool.query<never[]>(
    tables.map((table) => `(SELECT id FROM ${table} ORDER BY id DESC LIMIT 30)`).join(' UNION '),
  );
  return (rows as { id: string }[]).map(({ id }) => id);
}

void main();

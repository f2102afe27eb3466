import { SENT, type SentKind } from '@hold-fast/core/job/kinds';
import type { BikePage } from '@hold-fast/contract/bikes';
import { Entry } from '@hold-fast/contract/entries';
import type { PinTries } from '@hold-fast/contract/people';
import { ROLES, type Role } from '@hold-fast/contract/roles';
import { pino } from 'pino';
import { v7 as uuid } from 'uuid';
import { Feed } from '../feed/feed';
import { createServer } from '../server';
import {
  checkIn,
  measureRotor,
  openJob,
  openTestShop,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';
import { rolesOf } from '../jobs/rules';
import { OPEN_ROUTES, ROUTES } from './rules';

let shop: TestShop;
const as = {} as Record<Role, Client>;
beforeAll(async () => {
  shop = await openTestShop();
  for (const role of ROLES) as[role] = await shop.signedIn(role[0]!.toUpperCase() + role.slice(1));
});
afterAll(() => shop.close());

interface Layer {
  route?: { path: string; methods: Record<string, boolean> };
  handle?: { stack?: Layer[] };
}
const routesIn = (stack: readonly Layer[]): string[] =>
  stack.flatMap(({ route, handle }) =>
    route
      ? Object.keys(route.methods).map((method) => `${method.toUpperCase()} ${route.path}`)
      : routesIn(handle?.stack ?? []),
  );

describe('every route', () => {
  it('stands in the table, and the table names none that is not there', () => {
    const now = () => shop.clock.now;
    const log = pino({ level: 'silent' });
    const register = {
      deviceOnFeed: () => Promise.resolve(null),
      devicesOnFeed: () => Promise.resolve(0),
    };
    const app = createServer(
      { pool: shop.pool, now, log },
      null,
      new Feed({ ...register, now, log }),
    );
    const found = routesIn((app as unknown as { router: { stack: Layer[] } }).router.stack);
    expect([...new Set(found)].sort()).toEqual([...OPEN_ROUTES, ...Object.keys(ROUTES)].sort());
  });

  it.each(Object.entries(ROUTES))(
    '%s is refused without a session, and to whom it is not',
    async (route, roles) => {
      const [method, path] = route.split(' ') as [string, string];
      // Ids of nothing: whoever may is told that there is no such thing, or what is missing.
      const at = path.replace(/:serial/, 'NONE').replace(/:\w+/g, () => uuid());
      const body = method === 'GET' ? undefined : {};
      expect((await shop.client().send(method, at, body)).status).toBe(401);
      for (const role of ROLES) {
        if (route === 'GET /feed' && (roles as readonly Role[]).includes(role)) continue;
        const { status, body: answer } = await as[role].send(method, at, body);
        const refused = status === 403 && answer?.type === 'urn:hold-fast:problem:not-allowed';
        expect([role, refused]).toEqual([role, !(roles as readonly Role[]).includes(role)]);
      }
    },
  );

  it('that is not in the table is nobody’s', async () => {
    for (const role of ROLES) expect((await as[role].send('GET', '/nowhere')).status).toBe(404);
  });
});

describe('every kind of entry', () => {
  const kinds = Object.keys(SENT) as SentKind[];

  it('stands in the table', () =>
    expect(kinds.sort()).toEqual(Entry.options.map(({ shape }) => shape.kind.value).sort()));

  it('that measures, tightens, fills, proves or takes back is not the counter’s', () => {
    const counters = kinds.filter((kind) => rolesOf(kind).includes('counter'));
    expect(counters.sort()).toEqual([
      'customer-answer',
      'part-brought',
      'plan-choice',
      'stay',
      'sum',
      'waits',
    ]);
  });

  it('is refused to the counter by the server, before the job is looked at', async () => {
    const jobId = await openJob(shop, as.mechanic);
    const sent = {
      entry: {
        kind: 'look-over',
        id: uuid(),
        at: shop.clock.now.toISOString(),
        end: 'front',
        area: 'leaks',
        found: [],
        words: '',
      },
      appWord: null,
    };
    const answer = await as.counter.send('POST', `/jobs/${jobId}/entries`, sent);
    expect([answer.status, answer.body.type]).toEqual([403, 'urn:hold-fast:problem:not-allowed']);
    expect((await as.mechanic.send('POST', `/jobs/${jobId}/entries`, sent)).status).toBe(201);
  });
});

it('the counter checks in and rings; it neither signs nor accepts', async () => {
  const taken = checkIn();
  expect((await as.counter.send('POST', '/jobs', taken)).status).toBe(201);
  const phone = async (role: Role) =>
    (await as[role].send<BikePage>('GET', `/bikes/${taken.bike.id}`)).body.customer.phone;
  expect(await phone('counter')).toBe('0555 0140');
  expect(await phone('lead')).toBe('0555 0140');
  expect(await phone('owner')).toBe('0555 0140');
  expect(await phone('mechanic')).toBeNull();
  const signed = { id: uuid(), pin: PIN, toldOf: [] };
  expect((await as.counter.send('POST', `/jobs/${taken.id}/sign-off`, signed)).status).toBe(403);
});

describe('a lead’s PIN', () => {
  const decide = (client: Client, jobId: string, pin: string, personName: string) =>
    client.sendJob('POST', `/jobs/${jobId}/decisions`, {
      id: uuid(),
      end: 'front',
      subject: 'rotor',
      decision: 'accepted-unproven',
      words: 'It will do',
      personName,
      pin,
    });

  it('does not fall to guessing: ten tries, then two seconds and more for each, whatever the name is typed like', async () => {
    const jobId = await openJob(shop, as.mechanic);
    await measureRotor(shop, as.mechanic, jobId, [1.7, 1.7]);
    const spelt = ['Lead', 'lead', 'LEAD ', 'Léad'];
    const answers = await Promise.all(
      Array.from({ length: 60 }, (_, i) =>
        decide(as.mechanic, jobId, String(1000 + i), spelt[i % spelt.length]!),
      ),
    );
    expect(answers.filter(({ status }) => status === 403)).toHaveLength(10);
    expect(answers.filter(({ status }) => status === 429)).toHaveLength(50);
    // The right one too has to wait its two seconds, and then is taken.
    expect((await decide(as.mechanic, jobId, PIN, 'Lead')).status).toBe(429);
    const began = shop.clock.now;
    shop.clock.now = new Date(began.getTime() + 2000);
    expect((await decide(as.mechanic, jobId, PIN, 'Lead')).status).toBe(201);
    shop.clock.now = began;

    const told = await as.lead.send<PinTries[]>('GET', '/pin-tries');
    expect(told.body).toEqual([{ by: 'Mechanic', tries: 10, at: began.toISOString() }]);
    expect((await as.mechanic.send('GET', '/pin-tries')).body).toEqual([]);
    await as.lead.send('DELETE', '/pin-tries', {});
    expect((await as.lead.send('GET', '/pin-tries')).body).toEqual([]);
  });
});

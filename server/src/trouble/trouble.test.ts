import type { RulesInForce } from '@hold-fast/contract/shopRules';
import type { TroubleCounts } from '@hold-fast/contract/trouble';
import { learned, tableOf } from '@hold-fast/core/trouble/engine';
import { v7 as uuid } from 'uuid';
import {
  entry,
  measureRotor,
  openJob,
  openTestShop,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let client: Client;
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const counts = async () => (await client.send<TroubleCounts>('GET', '/trouble/counts')).body;

/** A visit in which a track full of deposits was found to be behind a squeal, ready to be signed. */
async function squealer(): Promise<string> {
  const jobId = await openJob(shop, client, { symptoms: ['squeal'] });
  await measureRotor(shop, client, jobId, [1.7, 1.71, 1.72, 1.7, 1.7, 1.71]);
  await client.append(
    jobId,
    entry('look-over', {
      end: 'front',
      area: 'caliper',
      found: [],
      words: '',
      takesBack: [],
    }),
  );
  await client.append(jobId, entry('cause', { end: 'front', cause: 'not-bedded' }));
  await client.append(
    jobId,
    entry('test', { test: 'lever-side', end: null, outcome: 'passed', words: '' }),
  );
  return jobId;
}
const sign = (jobId: string, body: { id: string; notRepaired?: object }) =>
  client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    pin: PIN,
    toldOf: [],
    ...body,
  });

it('a signed visit counts what was seen and looked for before its cause was found, once however often it is sent', async () => {
  expect(await counts()).toEqual({ counting: 0, counts: {} });
  const jobId = await squealer();
  expect((await counts()).counts).toEqual({});
  const signed = { id: uuid() };
  for (let times = 0; times < 2; times++) expect((await sign(jobId, signed)).status).toBe(201);
  expect((await counts()).counts['not-bedded']).toMatchObject({
    squeal: { seen: 1, looked: 1 },
    'grit-seen': { seen: 0, looked: 1 },
    knock: { seen: 0, looked: 1 },
  });
  expect((await sign(await squealer(), { id: uuid() })).status).toBe(201);
  const twice = (await counts()).counts;
  expect(twice['not-bedded']!.squeal).toEqual({ seen: 2, looked: 2 });
  // It ships as "often", 0.6, and weighs as ten: (6 + 2) / 12.
  expect(learned(twice).shows['not-bedded'].squeal).toBeCloseTo(8 / 12, 9);
});

it('a bike that left as it came teaches nothing', async () => {
  const before = await counts();
  const left = await sign(await squealer(), {
    id: uuid(),
    notRepaired: { words: 'The customer takes it as it is', takenBy: 'Harbour post' },
  });
  expect(left.status).toBe(201);
  expect(await counts()).toEqual(before);
});

describe('what a shop lays down of it', () => {
  const inForce = async () => (await client.send<RulesInForce>('GET', '/rules')).body;
  const lay = async (by: Client, trouble: object) => {
    const { version, rules } = await inForce();
    return by.send<{ type: string; errors?: { path: string }[] }>('PUT', '/rules', {
      id: uuid(),
      version,
      rules: { ...rules, trouble },
    });
  };

  it('is a lead’s hand, and begins the counts anew', async () => {
    const shows = { air: { knock: 'sometimes' } };
    const laid = { weights: { air: 20 }, shows, counting: 1 };
    expect((await lay(client, laid)).status).toBe(403);
    expect((await lay(lead, laid)).status).toBe(200);
    const { trouble } = (await inForce()).rules;
    expect(tableOf(trouble).shows.air.knock).toBe(0.3);
    expect(tableOf(trouble).prior.air).toBeGreaterThan(
      tableOf({ ...trouble, weights: {} }).prior.air,
    );
    expect(await counts()).toEqual({ counting: 1, counts: {} });
  });

  it.each([
    ['rules.trouble.shows.air.knock', { shows: { air: { knock: 'certain' } } }],
    ['rules.trouble.shows.air.knock', { shows: { air: { knock: 1 } } }],
    ['rules.trouble.weights.air', { weights: { air: 0 } }],
    ['rules.trouble.weights.air', { weights: { air: 51 } }],
    ['rules.trouble.shows', { shows: { ghosts: {} } }],
  ])('nothing in it is certain: %s is refused by its name', async (path, change) => {
    const refused = await lay(lead, { weights: {}, shows: {}, counting: 1, ...change });
    expect(refused.status).toBe(422);
    expect(JSON.stringify(refused.body)).toContain(path);
  });
});

import type { AtTablet, Tablet } from '@hold-fast/contract/tablet';
import { v7 as uuid } from 'uuid';
import { openTestShop, PIN, type Client, type TestShop } from '../testing/testShop';

let shop: TestShop;
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());

const TABLET_COOKIE = /hold_fast_tablet_\d+=[^;]+/;

/** A device that a lead made a tablet of the bench; nobody is in. */
async function tablet(name: string): Promise<{ device: Client; id: string }> {
  const id = uuid();
  const made = await lead.send('POST', '/tablets', { id, name });
  expect(made.status).toBe(201);
  const device = shop.client();
  device.cookie = TABLET_COOKIE.exec(made.headers.getSetCookie().join('\n'))![0];
  return { device, id };
}
const atTablet = async (device: Client) =>
  (await device.send<{ person: { name: string } | null; tablet?: AtTablet }>('GET', '/session'))
    .body;

/** Somebody comes in by name and PIN; answers with the client that is theirs. */
async function pinIn(device: Client, name: string, pin = PIN) {
  const personId = (await atTablet(device)).tablet!.people.find((each) => each.name === name)!.id;
  const answer = await device.send('POST', '/session/pin', { personId, pin });
  const session = answer.headers.getSetCookie()[0]?.split(';')[0];
  const client = shop.client();
  client.cookie = [device.cookie, session].filter(Boolean).join('; ');
  return { status: answer.status, body: answer.body, client };
}

it('lets people in by their PIN, each as themselves, and nobody by itself', async () => {
  const { device } = await tablet('Left bench');
  const { person, tablet: here } = await atTablet(device);
  expect(person).toBeNull();
  expect(here!.name).toBe('Left bench');
  expect(here!.people.map(({ name }) => name)).toEqual([
    'Apprentice',
    'Counter',
    'Lead',
    'Mechanic',
    'Owner',
  ]);
  expect(here!.people.every(({ pinLength }) => pinLength === PIN.length)).toBe(true);
  expect((await device.send('GET', '/bench')).status).toBe(401);
  const { status, client } = await pinIn(device, 'Mechanic');
  expect(status).toBe(201);
  expect((await atTablet(client)).person!.name).toBe('Mechanic');
  expect((await client.send('GET', '/bench')).status).toBe(200);
});

it('takes a PIN at a tablet alone, and slows guessing down like anywhere', async () => {
  const { device } = await tablet('Right bench');
  const personId = (await atTablet(device)).tablet!.people.find(
    ({ name }) => name === 'Counter',
  )!.id;
  const elsewhere = await shop.client().send('POST', '/session/pin', { personId, pin: PIN });
  expect(elsewhere.status).toBe(403);
  const began = shop.clock.now;
  for (let i = 0; i < 10; i++)
    expect((await pinIn(device, 'Counter', String(1000 + i))).body.type).toBe(
      'urn:hold-fast:problem:wrong-pin',
    );
  expect((await pinIn(device, 'Counter')).status).toBe(429);
  shop.clock.now = new Date(began.getTime() + 60_000);
  expect((await pinIn(device, 'Counter')).status).toBe(201);
  shop.clock.now = began;
});

it('is made by who runs the bench, and ended with all who are in there', async () => {
  const mechanic = await shop.signedIn('Mechanic');
  const refused = await mechanic.send('POST', '/tablets', { id: uuid(), name: 'Mine' });
  expect([refused.status, refused.headers.getSetCookie()]).toEqual([403, []]);
  const { device, id } = await tablet('Lent out');
  const { client } = await pinIn(device, 'Mechanic');
  expect((await client.send('GET', '/bench')).status).toBe(200);
  const { body } = await lead.send<{ items: Tablet[] }>('POST', `/tablets/${id}/end`, {});
  expect(body.items.find((each) => each.id === id)!.ended!.by).toBe('Lead');
  expect((await client.send('GET', '/bench')).status).toBe(401);
  expect((await atTablet(device)).tablet).toBeUndefined();
  expect((await mechanic.send('GET', '/bench')).status).toBe(200);
  expect((await lead.send('POST', `/tablets/${uuid()}/end`, {})).status).toBe(404);
});

it('lets nobody in who is locked, or has yet to choose their own PIN', async () => {
  const { device } = await tablet('Third bench');
  const owner = await shop.signedIn('Owner');
  const id = uuid();
  const passphrase = 'given by the owner';
  const person = { id, name: 'Newcomer', role: 'mechanic', apprentice: false, passphrase };
  await owner.send('POST', '/people', person);
  const names = async () => (await atTablet(device)).tablet!.people.map(({ name }) => name);
  expect(await names()).not.toContain('Newcomer');
  for (const pin of ['0000', PIN])
    expect((await device.send('POST', '/session/pin', { personId: id, pin })).status).toBe(403);
  const theirs = shop.client();
  await theirs.signIn('Newcomer', passphrase);
  await theirs.send('PUT', '/secrets', {
    passphrase,
    newPassphrase: 'my own few words',
    newPin: '73915',
  });
  const { people } = (await atTablet(device)).tablet!;
  expect(people.find(({ name }) => name === 'Newcomer')!.pinLength).toBe(5);
  const locked = {
    version: 2,
    name: 'Newcomer',
    role: 'mechanic',
    apprentice: false,
    locked: true,
  };
  expect((await owner.send('PUT', `/people/${id}`, locked)).status).toBe(200);
  expect(await names()).not.toContain('Newcomer');
  const shut = await device.send('POST', '/session/pin', { personId: id, pin: '73915' });
  expect(shut.body.type).toBe('urn:hold-fast:problem:wrong-pin');
});

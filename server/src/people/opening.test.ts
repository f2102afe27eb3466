import { randomBytes } from 'node:crypto';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import type { Opening } from '@hold-fast/contract/opening';
import type { RulesInForce } from '@hold-fast/contract/shopRules';
import { pino } from 'pino';
import { v7 as uuid } from 'uuid';
import { openPool, select, type Pool } from '../platform/database';
import { createServer } from '../server';
import { prepareDatabase } from '../platform/migrate';
import { Client, NOW } from '../testing/testShop';

let pool: Pool;
let server: Server;
let client: Client;
beforeEach(async () => {
  const socketPath = process.env.TEST_SOCKET!;
  const account = await prepareDatabase({
    socketPath,
    database: `test_${randomBytes(6).toString('hex')}`,
    migrationsDirectory: path.resolve(__dirname, '../../migrations'),
    secretFile: path.join(path.dirname(socketPath), 'runtime-secret'),
  });
  pool = openPool(account);
  const log = pino({ level: 'silent' });
  server = createServer({ pool, now: () => NOW, log }, null).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  client = new Client(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
});
afterEach(async () => {
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  await pool.end();
});

const opening = (change: Partial<Opening> = {}): Opening => ({
  id: uuid(),
  name: 'The Slip Workshop',
  timeZone: 'Atlantic/Azores',
  manner: { language: 'de', length: 'mm', torque: 'N·m', distance: 'km', temperature: '°C' },
  currency: 'NOK',
  owner: 'Una Marr',
  passphrase: 'first light on the quay',
  pin: '5309',
  ...change,
});
const names = async () =>
  (await select<{ name: string }>(pool, 'SELECT name FROM person')).map(({ name }) => name);

it('is opened once: its name and manner are in force, and its owner is in', async () => {
  expect((await client.send<object>('GET', '/session')).body).toMatchObject({ unopened: true });
  const sent = opening();
  const first = await client.send('POST', '/shop', sent);
  expect(first.status).toBe(201);
  client.cookie = first.headers.getSetCookie()[0]!.split(';')[0]!;
  const { rules, by } = (await client.send<RulesInForce>('GET', '/rules')).body;
  expect(rules).toMatchObject({
    name: 'The Slip Workshop',
    timeZone: 'Atlantic/Azores',
    currency: 'NOK',
    manner: { language: 'de' },
  });
  expect(by).toBe('Una Marr');
  // Sent again where the answer was lost: it is open, nobody is doubled, and the id alone lets nobody in.
  const again = await client.send('POST', '/shop', { ...sent, passphrase: 'of somebody else' });
  expect([again.status, again.headers.getSetCookie()]).toEqual([403, []]);
  expect(await names()).toEqual(['Una Marr']);
  const session = await new Client(client['address']).send<object>('GET', '/session');
  expect(session.body).not.toHaveProperty('unopened');
});

it('is opened by one of two who try at once', async () => {
  const answers = await Promise.all(
    ['Una Marr', 'Somebody else'].map((owner) => client.send('POST', '/shop', opening({ owner }))),
  );
  expect(answers.map(({ status }) => status).sort()).toEqual([201, 403]);
  expect(await names()).toHaveLength(1);
});

it.each<[keyof Opening, unknown, string]>([
  ['name', ' ', 'too_small'],
  ['timeZone', 'Harbour', 'no-time-zone'],
  ['currency', 'XX', 'no-currency'],
  ['pin', '2345', 'pin-plain'],
])('is not opened with the %s %j', async (field, value, code) => {
  const { status, body } = await client.send('POST', '/shop', { ...opening(), [field]: value });
  expect(status).toBe(422);
  expect(body.fields).toEqual([expect.objectContaining({ path: field, code })]);
  expect(await names()).toEqual([]);
});

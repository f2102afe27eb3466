import { select } from './database';
import { RUNTIME_RIGHTS } from './rights';
import { openTestShop, type TestShop } from '../testing/testShop';

let shop: TestShop;
beforeAll(async () => {
  shop = await openTestShop();
});
afterAll(() => shop.close());

describe('the account the server runs under', () => {
  it('has its rights written down for every table', async () => {
    // Tables it has no right to at all (the list of migrations) do not show for it.
    const tables = await select<{ name: string }>(
      shop.pool,
      'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() ORDER BY table_name',
    );
    expect(tables.map(({ name }) => name)).toEqual(Object.keys(RUNTIME_RIGHTS).sort());
  });

  it('can change no table', async () => {
    await expect(shop.pool.query('CREATE TABLE mine (id INT)')).rejects.toThrow(/denied/);
    await expect(shop.pool.query('DROP TABLE reading')).rejects.toThrow(/denied/);
    await expect(shop.pool.query('SELECT * FROM migration')).rejects.toThrow(/denied/);
  });

  it.each([
    'reading',
    'verdict',
    'sealed_record',
    'fill',
    'pass_mark',
    'decision',
    'identification',
  ])('can neither change nor take away a row of %s', async (table) => {
    await expect(shop.pool.query(`UPDATE ${table} SET id = id`)).rejects.toThrow(/denied/);
    await expect(shop.pool.query(`DELETE FROM ${table}`)).rejects.toThrow(/denied/);
  });
});

it('answers "unavailable" and loses nothing when the database goes away', async () => {
  const other = await openTestShop();
  const client = await other.signedIn();
  await other.pool.end();
  const answer = await client.send('GET', '/bikes');
  expect([500, 503]).toContain(answer.status);
  expect(answer.headers.get('content-type')).toMatch('application/problem+json');
  expect(JSON.stringify(answer.body)).not.toMatch(/pool|sql|select/i);
  await other.close().catch(() => undefined);
});

import { select } from './database';
import { RUNTIME_RIGHTS } from './rights';
import type { RowDataPacket } from 'mysql2/promise';
import { measureRotor, openJob, openTestShop, type TestShop } from '../testing/testShop';

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

  it.each(['reading', 'verdict', 'sealed_record', 'fill', 'entry', 'identification'])(
    'can neither change nor take away a row of %s',
    async (table) => {
      await expect(shop.pool.query(`UPDATE ${table} SET id = id`)).rejects.toThrow(/denied/);
      await expect(shop.pool.query(`DELETE FROM ${table}`)).rejects.toThrow(/denied/);
    },
  );
});

describe('what is sealed', () => {
  it('stays so in the database itself: the job is not changed back, and nothing is added to it', async () => {
    const client = await shop.signedIn();
    const jobId = await openJob(shop, client);
    const sitting = await measureRotor(shop, client, jobId, [1.7, 1.7, 1.7]);
    await shop.pool.query("UPDATE job SET status = 'sealed' WHERE id = ?", [jobId]);
    await expect(
      shop.pool.query("UPDATE job SET status = 'open' WHERE id = ?", [jobId]),
    ).rejects.toThrow(/sealed/);
    await expect(
      shop.pool.query("UPDATE job SET complaint = 'other' WHERE id = ?", [jobId]),
    ).rejects.toThrow(/sealed/);
    const [[person]] = await shop.pool.query<RowDataPacket[]>('SELECT id FROM person LIMIT 1');
    const by = String(person!.id);
    await expect(
      shop.pool.query(
        "INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person) VALUES (UUID(), 999999, ?, 'test', '{}', 'null', NOW(), ?)",
        [jobId, by],
      ),
    ).rejects.toThrow(/sealed/);
    await expect(
      shop.pool.query(
        "INSERT INTO reading (id, seq, measurement_id, place, value_mm, typed, at, by_person) VALUES (UUID(), 999998, ?, '1', 1.8, '180', NOW(), ?)",
        [sitting, by],
      ),
    ).rejects.toThrow(/sealed/);
  });

  it('and columns that never change cannot be changed', async () => {
    for (const change of [
      'bike SET created_at = NOW()',
      'customer SET id = 1',
      'notice SET id = 1',
      'job SET tag = 1',
      'gauge SET id = 1',
      'bike_tag SET job_id = 1',
    ])
      await expect(shop.pool.query(`UPDATE ${change}`)).rejects.toThrow(/denied/);
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

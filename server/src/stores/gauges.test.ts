import type { Page } from '@hold-fast/contract/jobs';
import type { GaugeInStore } from '@hold-fast/contract/stores';
import { v7 as uuid } from 'uuid';
import {
  entry,
  measureRotor,
  openJob,
  openTestShop,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const gauge = (change: object = {}) => ({
  id: uuid(),
  name: `Gauge ${uuid().slice(-6)}`,
  kind: 'thickness-gauge',
  resolutionMm: 0.01,
  uncertaintyMm: 0.02,
  uncertaintyAssumed: false,
  anvils: 'point',
  calibrationDueOn: '2027-06-01',
  feedSerial: null,
  retired: false,
  ...change,
});

it('a lead registers a gauge, once however often it is sent; a mechanic does not', async () => {
  const mechanic = await shop.signedIn('Mechanic');
  const fresh = gauge();
  expect((await mechanic.send('POST', '/gauges', fresh)).status).toBe(403);
  expect((await lead.send('POST', '/gauges', fresh)).status).toBe(201);
  expect((await lead.send('POST', '/gauges', fresh)).status).toBe(201);
  const all = (await lead.send<Page<GaugeInStore>>('GET', '/gauges')).body.items;
  expect(all.filter(({ id }) => id === fresh.id)).toMatchObject([{ version: 1, uses: 0 }]);
});

it('two gauges cannot share a name, nor a name on the feed', async () => {
  expect((await lead.send('POST', '/gauges', gauge({ name: 'Point' }))).body.fields).toMatchObject([
    { path: 'name' },
  ]);
  expect(
    (await lead.send('POST', '/gauges', gauge({ feedSerial: 'TG-1' }))).body.fields,
  ).toMatchObject([{ path: 'feedSerial' }]);
});

it('a new certificate does not rewrite an old reading, and the change is kept', async () => {
  const overdue = gauge({ calibrationDueOn: '2026-11-24' });
  await lead.send('POST', '/gauges', overdue);
  const jobId = await openJob(shop, lead);
  await measureRotor(shop, lead, jobId, [1.7, 1.7, 1.7], { gaugeId: overdue.id });
  const renewed = { version: 1, gauge: { ...overdue, calibrationDueOn: '2027-11-24' } };
  expect(
    (await lead.send<GaugeInStore>('PUT', `/gauges/${overdue.id}`, renewed)).body,
  ).toMatchObject({ version: 2, uses: 4 });
  expect((await lead.send('PUT', `/gauges/${overdue.id}`, renewed)).body.type).toMatch(
    'version-conflict',
  );
  const { body: job } = await lead.sendJob('GET', `/jobs/${jobId}`);
  expect(job.measured[0]?.verdict?.judgement).toMatchObject({
    verdict: { word: 'unproven' },
  });
  const [changes] = await shop.pool.query('SELECT version FROM gauge_change WHERE gauge_id = ?', [
    overdue.id,
  ]);
  expect(changes).toMatchObject([{ version: 2 }]);
});

it('a retired gauge begins no sitting', async () => {
  const old = gauge();
  await lead.send('POST', '/gauges', old);
  await lead.send('PUT', `/gauges/${old.id}`, { version: 1, gauge: { ...old, retired: true } });
  const jobId = await openJob(shop, lead);
  const begun = entry('measurement', {
    end: 'front',
    part: 'rotor',
    gaugeId: old.id,
    basis: null,
    pointCount: 6,
  });
  expect((await lead.append(jobId, begun)).body.fields).toMatchObject([{ code: 'retired' }]);
});

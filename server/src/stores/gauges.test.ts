import type { Page } from '@hold-fast/contract/jobs';
import type { ContainerInStore, GaugeInStore } from '@hold-fast/contract/stores';
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

it('the year of a certificate that slipped is refused, registered or renewed, of a wrench too', async () => {
  const refusal = [{ path: 'calibrationDueOn', code: 'too-far' }];
  const slipped = gauge({ calibrationDueOn: '2072-06-01' });
  expect((await lead.send('POST', '/gauges', slipped)).body.fields).toEqual(refusal);
  const sound = gauge();
  expect((await lead.send('POST', '/gauges', sound)).status).toBe(201);
  const renewed = { version: 1, gauge: { ...sound, calibrationDueOn: '2037-06-01' } };
  expect((await lead.send('PUT', `/gauges/${sound.id}`, renewed)).body.fields).toEqual(refusal);
  const wrench = {
    id: uuid(),
    name: `Wrench ${uuid().slice(-6)}`,
    kind: 'click',
    maxNm: 10,
    markNm: 0.1,
    tolerance: 0.06,
    toleranceAssumed: true,
    calibrationDueOn: '2037-06-01',
    uses: 0,
    feedSerial: null,
    retired: false,
  };
  expect((await lead.send('POST', '/wrenches', wrench)).body.fields).toEqual(refusal);
  const set = { ...wrench, calibrationDueOn: '2027-06-01' };
  // Finer than is assumed of it is for its certificate to say.
  const finer = { ...set, tolerance: 0.04 };
  expect((await lead.send('POST', '/wrenches', finer)).body.fields).toEqual([
    { path: 'tolerance', code: 'under-assumed' },
  ]);
  expect((await lead.send('POST', '/wrenches', set)).status).toBe(201);
  // Others go on clicking while a lead has its form open: what was read before is not written over it.
  const clicked = { version: 1, wrench: { ...set, uses: 40 } };
  expect((await lead.send('PUT', `/wrenches/${set.id}`, clicked)).status).toBe(200);
  const read = { version: 2, wrench: set };
  expect((await lead.send('PUT', `/wrenches/${set.id}`, read)).body.fields).toEqual([
    { path: 'uses', code: 'clicks-go-back' },
  ]);
  const later = { version: 2, wrench };
  expect((await lead.send('PUT', `/wrenches/${set.id}`, later)).body.fields).toEqual(refusal);
});

it('a container is opened on no day to come', async () => {
  const { items } = (await lead.send<Page<ContainerInStore>>('GET', '/containers')).body;
  const {
    remainingMl: _left,
    version: _version,
    ...bottle
  } = items.find(({ id }) => id === shop.ids.bottle)!;
  const can = { ...bottle, id: uuid(), label: 'Can', openedOn: null };
  const opened = { ...can, openedOn: '2027-11-20' };
  const refusal = [{ path: 'openedOn', code: 'not-yet' }];
  expect((await lead.send('POST', '/containers', opened)).body.fields).toEqual(refusal);
  expect((await lead.send('POST', '/containers', can)).status).toBe(201);
  const mechanic = await shop.signedIn('Mechanic');
  const written = { version: 1, container: opened };
  expect((await mechanic.send('PUT', `/containers/${can.id}`, written)).body.fields).toEqual(
    refusal,
  );
  // That it is cloudy is taken, whatever else is wrong with what stands there.
  const cloudy = { ...opened, condition: 'cloudy' };
  const found = { version: 1, container: cloudy };
  expect((await mechanic.send('PUT', `/containers/${can.id}`, found)).status).toBe(200);
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

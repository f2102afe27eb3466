import type { Job } from '@hold-fast/core/job/job';
import type { BikePage } from '@hold-fast/contract/bikes';
import type { BenchJob, Page } from '@hold-fast/contract/jobs';
import type { RulesInForce } from '@hold-fast/contract/shopRules';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { v7 as uuid } from 'uuid';
import {
  comeAgain,
  checkIn,
  entry,
  measure,
  measureRotor,
  openJob,
  openTestShop,
  PIN,
  SHEET,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let client: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const items = (job: Job) =>
  inspectEnd(job, 'front').items.map(({ subject, word }) => `${subject} ${word}`);
const jobOf = async (jobId: string) => (await client.sendJob('GET', `/jobs/${jobId}`)).body;
const turn = (...mm: number[]) => Object.fromEntries(mm.map((each, i) => [String(i + 1), each]));

describe('a full inspection of one end', () => {
  it('is judged thing by thing from what is stored', async () => {
    const jobId = await openJob(shop, client);
    const { dial, feelers, rule } = shop.ids;
    await measure(
      client,
      jobId,
      'runout',
      dial,
      { radius: 80, ...turn(0, 0.12, 0, 0, 0, 0, 0, 0) },
      { pointCount: 8 },
    );
    await measure(client, jobId, 'clearance', feelers, {
      'left-leading': 0.3,
      'left-trailing': 0.3,
      'right-leading': 0.1,
      'right-trailing': 0.1,
    });
    await measure(
      client,
      jobId,
      'lever',
      rule,
      { reach: 60, bite: 20, firm: 27, sunk: 27 },
      { basis: 'travel' },
    );
    const job = await measure(client, jobId, 'mount-face', feelers, { gap: 0.3, spacing: 34 });
    expect(items(job)).toEqual([
      'runout watch',
      'clearance watch',
      'mount-face watch',
      'lever holds',
    ]);
    expect(job.measured.map(({ verdict }) => verdict?.rule)).toEqual([
      'runout/4',
      'clearance/4',
      'lever/4',
      'mount-face/4',
    ]);
    expect(job.measured[1]?.verdict?.judgement).toMatchObject({
      verdict: { marginMm: -0.02, shiftMm: 0.1 },
    });
  });

  it('judges the gaps anew when the wobble is measured after them', async () => {
    const jobId = await openJob(shop, client);
    const gaps = {
      'left-leading': 0.3,
      'left-trailing': 0.3,
      'right-leading': 0.3,
      'right-trailing': 0.3,
    };
    expect(items(await measure(client, jobId, 'clearance', shop.ids.feelers, gaps))).toEqual([
      'clearance unproven',
    ]);
    const job = await measure(
      client,
      jobId,
      'runout',
      shop.ids.dial,
      turn(0, 0.05, 0, 0, 0, 0, 0, 0),
      {
        pointCount: 8,
      },
    );
    expect(items(job)).toEqual(['runout holds', 'clearance holds']);
  });

  it('refuses what is not measured so: gauge, points, ways of taking, places', async () => {
    const jobId = await openJob(shop, client);
    const sitting = (change: object) =>
      client.append(jobId, {
        ...entry('measurement', {
          end: 'front',
          part: 'rotor',
          gaugeId: shop.ids.rule,
          basis: null,
          pointCount: 6,
        }),
        ...change,
      });
    const field = async (change: object) => (await sitting(change)).body.fields?.[0];
    expect(await field({})).toMatchObject({ path: 'entry.gaugeId', code: 'unsuited' });
    expect(await field({ part: 'lever' })).toMatchObject({ path: 'entry.pointCount' });
    expect(await field({ part: 'lever', pointCount: null })).toMatchObject({ path: 'entry.basis' });
    expect(
      await field({
        part: 'clearance',
        gaugeId: shop.ids.feelers,
        pointCount: null,
        basis: 'travel',
      }),
    ).toMatchObject({ path: 'entry.basis' });
    const job = await measure(
      client,
      jobId,
      'lever',
      shop.ids.rule,
      { bite: 20, gap: 1, firm: 19 },
      { basis: 'travel' },
    );
    // A place the lever has not, and a pull that ends before it bites, were refused; the bite was taken.
    expect(job.measured[0]?.readings.map(({ place }) => place)).toEqual(['bite']);
  });
});

describe('what is seen', () => {
  const seen = (jobId: string, area: 'rotor' | 'leaks' | 'cable', found: string[]) =>
    client.append(jobId, {
      ...entry('look-over', { end: 'front', area, found: [], words: '' }),
      found: found as [],
    });

  it('counts with what was measured, shows on the Bench, and bars the sign-off until a new part is in', async () => {
    const jobId = await openJob(shop, client);
    await measureRotor(shop, client, jobId, [1.7, 1.7, 1.7]);
    const cracked = await seen(jobId, 'rotor', ['crack']);
    expect(cracked.body.measured[0]?.verdict?.judgement).toMatchObject({
      verdict: { word: 'replace' },
    });
    const bench = (await client.send<Page<BenchJob>>('GET', '/bench')).body.items;
    expect(bench.find(({ id }) => id === jobId)).toMatchObject({
      front: 'replace',
      doNotRide: true,
    });
    const fitted = await client.append(
      jobId,
      entry('fitting', { end: 'front', part: 'rotor', description: 'New one' }),
    );
    expect(items(fitted.body)).toEqual([]);
    expect(fitted.body.bars.map(({ code }) => code)).not.toContain('do-not-ride');
  });

  it('stays on the bike’s page until a later visit lifts it', async () => {
    const taken = checkIn();
    await client.send('POST', '/jobs', taken);
    await client.append(
      taken.id,
      entry('identification', {
        end: 'front',
        sheetRevisionId: shop.ids.sheet,
        stampedLimit: null,
      }),
    );
    await seen(taken.id, 'leaks', ['leak-at-banjo']);
    const page = async () =>
      (await client.send<BikePage>('GET', `/bikes/${taken.bike.id}`)).body.doNotRide;
    expect(await page()).toMatchObject({ jobId: taken.id });
    const again = await comeAgain(shop, client, taken.bike);
    expect(await page()).toMatchObject({ jobId: taken.id });
    await client.append(
      again.id,
      entry('identification', {
        end: 'front',
        sheetRevisionId: shop.ids.sheet,
        stampedLimit: null,
      }),
    );
    await seen(again.id, 'leaks', []);
    expect(await page()).toMatchObject({ jobId: taken.id });
    await client.append(
      again.id,
      entry('repair', { end: 'front', work: 'remake-joint-at-caliper', words: 'Both seals new' }),
    );
    await seen(again.id, 'leaks', []);
    expect(await page()).toBeNull();
  });

  it('refuses an area the brake has not, and a finding of another area', async () => {
    const jobId = await openJob(shop, client);
    expect((await seen(jobId, 'cable', [])).body.fields?.[0]).toMatchObject({
      code: 'no-such-area',
    });
    expect((await seen(jobId, 'leaks', ['crack'])).body.fields?.[0]).toMatchObject({
      code: 'wrong-area',
    });
  });

  it('a decision counts for what was seen then, and no longer once more is found', async () => {
    const jobId = await openJob(shop, client);
    await seen(jobId, 'rotor', ['deep-scoring']);
    const refused = await client.sendJob('POST', `/jobs/${jobId}/decisions`, {
      id: uuid(),
      end: 'front',
      subject: 'rotor',
      decision: 'customer-refused',
      words: 'In spring',
      personName: 'Lead',
      pin: PIN,
    });
    expect(refused.body.decided[0]).toMatchObject({ stands: true });
    expect(
      (await seen(jobId, 'rotor', ['deep-scoring', 'loose-rivets'])).body.decided[0],
    ).toMatchObject({ stands: false });
  });
});

describe('kit', () => {
  const fit = (jobId: string, change: object) =>
    client.append(
      jobId,
      entry('fitting', { end: 'front', part: 'pads', description: 'Pads', ...change }),
    );

  it('a used rotor of another construction goes by its own stamp, rivets first', async () => {
    const jobId = await openJob(shop, client);
    await fit(jobId, {
      part: 'rotor',
      description: 'Two-piece from the shelf',
      condition: 'used',
      construction: 'two-piece',
      newMm: 1.6,
      stampedLimit: { limitMm: 1.4, atLimitIsWorn: null },
      cameOffFor: 'loose-rivets',
    });
    await measureRotor(shop, client, jobId, [1.55, 1.55, 1.55]);
    const judged = async () => (await jobOf(jobId)).measured[0]?.verdict?.judgement;
    expect(await judged()).toMatchObject({
      verdict: {
        word: 'replace',
        limit: { limitMm: 1.4, origin: 'stamped' },
        newMm: 1.6,
        reasons: [{ code: 'damaged', finding: 'loose-rivets' }],
      },
    });
    const rivets = { end: 'front', area: 'rotor', found: [] } as const;
    await client.append(jobId, entry('look-over', { ...rivets, found: [] }));
    expect(await judged()).toMatchObject({ verdict: { word: 'replace' } });
    const takesBack = ['loose-rivets' as const];
    const mute = await client.append(
      jobId,
      entry('look-over', { ...rivets, found: [], takesBack }),
    );
    expect([mute.status, mute.body.fields?.[0]?.code]).toEqual([422, 'say-why']);
    const words = 'All five tight, tried with a probe';
    await client.append(jobId, entry('look-over', { ...rivets, found: [], takesBack, words }));
    expect(await judged()).toMatchObject({ verdict: { word: 'holds' } });
  });

  it('warns of another compound until something is done about it, and refuses metal where it is marked', async () => {
    const jobId = await openJob(shop, client);
    await fit(jobId, { condition: 'found', compound: 'organic' });
    expect((await fit(jobId, { compound: 'metallic' })).body).toMatchObject({
      type: expect.stringMatching('fitting-refused') as unknown,
      fields: [{ path: 'entry.rebedding', code: 'compound-change' }],
    });
    expect((await fit(jobId, { compound: 'metallic', rebedding: 'strip-and-bed-in' })).status).toBe(
      201,
    );
    await fit(jobId, { part: 'rotor', description: 'Marked', organicOnly: true });
    expect(
      (await fit(jobId, { compound: 'metallic', rebedding: 'new-rotor' })).body.fields,
    ).toMatchObject([{ path: 'entry.compound', code: 'organic-only' }]);
    expect((await fit(jobId, { compound: 'organic' })).status).toBe(201);
  });
});

describe('a sheet edited while a job is open', () => {
  it('leaves the job its revision, and the job says that there is a newer one', async () => {
    const jobId = await openJob(shop, client);
    await measureRotor(shop, client, jobId, [1.7, 1.7, 1.7]);
    const lead = await shop.signedIn('Lead');
    const edit = {
      id: uuid(),
      sheetId: shop.ids.sheetId,
      baseId: shop.ids.sheet,
      body: {
        ...SHEET,
        rotor: { ...SHEET.rotor, limit: { ...SHEET.rotor.limit!, limitMm: 1.75 } },
      },
      note: 'The maker raised the limit',
    };
    expect((await lead.send('PUT', `/sheets/${shop.ids.sheetId}`, edit)).status).toBe(200);
    const job = await jobOf(jobId);
    expect(job.identified.front).toMatchObject({
      sheet: { revision: 1 },
      newerRevision: { revision: 2 },
    });
    expect(items(job)).toEqual(['rotor holds']);
    const newer = await client.append(
      jobId,
      entry('identification', { end: 'front', sheetRevisionId: edit.id, stampedLimit: null }),
    );
    expect(items(newer.body)).toEqual(['rotor replace']);
    expect(newer.body.identified.front?.newerRevision).toBeNull();
  });
});

describe('forecast', () => {
  it('watches a rotor whose early end comes before the next service', async () => {
    const taken = checkIn({ odometerKm: 0 });
    await client.send('POST', '/jobs', taken);
    const visit = async (odometerKm: number, mm: number, fresh = false) => {
      const again = fresh ? taken : await comeAgain(shop, client, taken.bike, { odometerKm });
      await client.append(
        again.id,
        entry('identification', {
          end: 'front',
          sheetRevisionId: shop.ids.sheet,
          stampedLimit: null,
        }),
      );
      await measureRotor(shop, client, again.id, [mm, mm, mm]);
      return (await jobOf(again.id)).measured[0]?.verdict?.judgement;
    };
    await visit(0, 1.8, true);
    const then = shop.clock.now;
    shop.clock.now = new Date('2026-12-20T09:00:00Z');
    client = await shop.signedIn();
    // 240 km a week: a year is 12,480 km on, far past the crossing near 9,400 km.
    expect(await visit(2500, 1.72)).toMatchObject({
      verdict: {
        word: 'watch',
        reasons: [{ code: 'due-before-service', unit: 'km' }],
        forecast: { ok: true, readings: 2 },
      },
    });
    const page = (await client.send<BikePage>('GET', `/bikes/${taken.bike.id}`)).body;
    expect(page.wear[0]?.outlook).toMatchObject({ unit: 'km', forecast: { ok: true } });
    expect(page.jobs.map(({ odometerKm }) => odometerKm)).toEqual([2500, 0]);
    shop.clock.now = then;
    client = await shop.signedIn();
  });
});

describe('two mechanics at one end', () => {
  it('keep both sittings, and the one that ends last with something in it stands', async () => {
    const jobId = await openJob(shop, client);
    const other = await shop.signedIn('Lead');
    const [one, two] = await Promise.all([
      measureRotor(shop, client, jobId, [1.7, 1.7, 1.7]),
      measureRotor(shop, other, jobId, [1.47, 1.5, 1.5]),
    ]);
    const job = await jobOf(jobId);
    expect(job.measured.map(({ id }) => id).sort()).toEqual([one, two].sort());
    expect(job.measured.filter(({ superseded }) => !superseded)).toHaveLength(1);
    expect(job.measured.flatMap(({ readings }) => readings)).toHaveLength(8);
  });
});

describe('the shop’s rules', () => {
  it('say which schools are in force; a lead lays them down, one change at a time', async () => {
    const jobId = await openJob(shop, client);
    const pads = {
      zero: 0,
      'inner-leading': 3.1,
      'inner-trailing': 3.1,
      'outer-leading': 3.1,
      'outer-trailing': 3.1,
    };
    expect(
      items(await measure(client, jobId, 'pads', shop.ids.point, pads, { basis: 'total' })),
    ).toEqual(['pads replace']);
    const lead = await shop.signedIn('Lead');
    const rules = { ...USUAL_RULES, schools: ['total'] };
    const edit = { id: uuid(), version: 0, rules };
    expect((await client.send('PUT', '/rules', edit)).status).toBe(403);
    expect((await lead.send<RulesInForce>('PUT', '/rules', edit)).body).toMatchObject({
      version: 1,
      by: 'Lead',
    });
    expect((await lead.send('PUT', '/rules', edit)).status).toBe(200);
    expect((await lead.send('PUT', '/rules', { ...edit, id: uuid() })).body.type).toMatch(
      'version-conflict',
    );
    expect(items(await jobOf(jobId))).toEqual(['pads watch']);
    const bands = { goodMm: 0.3, watchMm: 0.2, trueMm: 0.5 };
    expect(
      (
        await lead.send('PUT', '/rules', {
          id: uuid(),
          version: 1,
          rules: { ...rules, runoutBands: bands },
        })
      ).status,
    ).toBe(422);
  });

  it('a number the shop lays down judges every open job; who laid it down stays on record', async () => {
    const jobId = await openJob(shop, client);
    const pads = {
      zero: 0,
      'inner-leading': 3.3,
      'inner-trailing': 3.3,
      'outer-leading': 3.3,
      'outer-trailing': 3.3,
    };
    await measure(client, jobId, 'pads', shop.ids.point, pads, { basis: 'total' });
    const padWord = async () =>
      inspectEnd((await client.sendJob('GET', `/jobs/${jobId}`)).body, 'front').items.find(
        ({ subject }) => subject === 'pads',
      )?.word;
    expect(await padWord()).not.toBe('replace');
    const lead = await shop.signedIn('Lead');
    const { version, rules } = (await lead.send<RulesInForce>('GET', '/rules')).body;
    const lay = (figures: object, from = version) =>
      lead.send('PUT', '/rules', { id: uuid(), version: from, rules: { ...rules, figures } });
    const outside = await lay({ 'pads-total-limit': 9 });
    expect([outside.status, outside.body.fields]).toMatchObject([
      422,
      [{ path: 'rules.figures.pads-total-limit', code: 'outside' }],
    ]);
    expect((await lay({ 'pads-total-limit': 3.5 })).status).toBe(200);
    expect(await padWord()).toBe('replace');
    const history = (await client.send<RulesInForce[]>('GET', '/rules/history')).body;
    expect(history[0]).toMatchObject({
      version: version + 1,
      by: 'Lead',
      rules: { figures: { 'pads-total-limit': 3.5 } },
    });
    expect(history.length).toBeGreaterThan(1);
    expect((await lay({}, version + 1)).status).toBe(200);
    expect(await padWord()).not.toBe('replace');
  });
});

describe('a modified mount', () => {
  it('is one at the next visit too, until a lead says that it was seen wrong', async () => {
    const first = await openJob(shop, client);
    const told = {
      end: 'front',
      deviation: 'mount-by-make',
      words: 'Material proud under the rear lug',
      measured: '0.4 mm',
      choice: 'modified-adapter',
      decidedBy: 'customer',
      who: 'The rider',
      riskTold: true,
    } as const;
    await client.append(first, entry('deviation', told));
    const { bike } = (await client.sendJob('GET', `/jobs/${first}`)).body;
    const visit = async () => {
      const taken = await comeAgain(shop, client, bike);
      await client.append(taken.id, entry('look-over', { end: 'front', area: 'mount', found: [] }));
      const job = (await client.sendJob('GET', `/jobs/${taken.id}`)).body;
      const word = inspectEnd(job, 'front').items.find(({ subject }) => subject === 'mount')?.word;
      return { id: taken.id, word };
    };
    const second = await visit();
    expect(second.word).toBe('unproven');
    const decided = await client.send('POST', `/jobs/${second.id}/decisions`, {
      id: uuid(),
      end: 'front',
      subject: 'mount',
      decision: 'seen-wrong',
      words: 'It was the adapter’s sticker',
      personName: 'Lead',
      pin: PIN,
    });
    expect(decided.status).toBe(201);
    expect((await visit()).word).toBe('holds');
  });
});

import { openFasteners } from '@hold-fast/core/evidence/fastenings';
import { toldOf } from '@hold-fast/core/job/told';
import { type Job } from '@hold-fast/core/job/job';
import { checksAt, visitOf } from '@hold-fast/core/job/visit';
import type { EntryAsSent } from '@hold-fast/contract/entries';
import type { BenchJob, JobChange, Page } from '@hold-fast/contract/jobs';
import type { Problem } from '@hold-fast/contract/problem';
import type {
  ContainerInStore,
  FilledFrom,
  StockInStore,
  WasteCan,
} from '@hold-fast/contract/stores';
import { planAt } from '@hold-fast/core/plan/visit';
import { checkChain } from '@hold-fast/core/seal/chain';
import { v7 as uuid } from 'uuid';
import { chainAfter } from '../records/store';
import {
  comeAgain,
  entry,
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

const send = (jobId: string, sent: EntryAsSent, by = client) =>
  by.sendJob('POST', `/jobs/${jobId}/entries`, { entry: sent, appWord: null });
const field = async (answer: Promise<{ status: number; body: Pick<Problem, 'fields'> }>) => {
  const { status, body } = await answer;
  return [status, body.fields?.[0]?.path, body.fields?.[0]?.code];
};
const tightening = (change: object = {}) =>
  entry('tightening', {
    end: 'front',
    fastener: 'caliper-post',
    wrenchId: shop.ids.wrench,
    setNm: 7,
    treatment: 'medium-threadlocker',
    ...change,
  });
const mark = (tighteningId: string, pass: string, change: object = {}) =>
  entry('pass-mark', { tighteningId, pass: pass as never, bolt: null, ...change });
const PASSES = ['snug', 'half', 'full', 'verify'];

/** Tightens a fastener through all its passes with a click wrench. Answers with the job as it then is. */
async function tighten(jobId: string, change: object = {}, passes = PASSES): Promise<Job> {
  const begun = tightening(change);
  expect((await send(jobId, begun)).status).toBe(201);
  let job!: Job;
  for (const pass of passes) job = (await send(jobId, mark(begun.id, pass))).body;
  return job;
}

describe('torque on every fastener', () => {
  it('goes by the trade’s usual window where the sheet has no row, and says whose it is', async () => {
    const job = await tighten(await openJob(shop, client));
    expect(job.tightened[0]).toMatchObject({
      fastener: 'caliper-post',
      boltCount: 2,
      window: { loNm: 6, hiNm: 8, origin: 'shop', tag: 'P' },
      flaws: [],
    });
  });

  it('a window from memory proves nothing; one read off the part or the maker’s sheet does', async () => {
    const jobId = await openJob(shop, client);
    const lever = { fastener: 'lever-clamp', setNm: 5, treatment: 'grease' };
    const memory = await tighten(jobId, lever);
    expect(memory.tightened[0]!.flaws).toEqual(['gaps-open', 'torque-from-memory']);
    const asked = { loNm: 4, hiNm: 6, origin: 'stamped', source: 'On the clamp' };
    const job = await tighten(jobId, { ...lever, asked });
    expect(job.tightened[1]).toMatchObject({ askedSource: 'On the clamp', flaws: ['gaps-open'] });
    const gaps = (of: Job, oneMm: number, otherMm: number) =>
      send(jobId, entry('clamp-gaps', { tighteningId: of.tightened.at(-1)!.id, oneMm, otherMm }));
    expect((await gaps(job, 1.5, 1)).body.tightened[1]!.flaws).toEqual(['gaps-unequal']);
    // Felt again with nothing loosened, they are as they were; tightened anew they may be equal.
    const again = await gaps(job, 1.2, 1.2);
    expect([again.status, again.body.fields?.[0]]).toMatchObject([
      422,
      { path: 'entry.oneMm', code: 'gaps-were-unequal' },
    ]);
    const anew = await tighten(jobId, { ...lever, asked });
    expect((await gaps(anew, 1.2, 1.2)).body.tightened[2]!.flaws).toEqual([]);
    // Felt before the last pass, they say nothing of the clamp as it will be.
    const begun = await tighten(jobId, { ...lever, asked }, ['snug', 'half']);
    expect(await field(gaps(begun, 1.2, 1.2))).toEqual([422, 'entry.tighteningId', 'passes-first']);
  });

  it('a print that has nothing in common with the sheet is a lead’s to decide, with words', async () => {
    const jobId = await openJob(shop, client);
    const asked = { loNm: 8, hiNm: 9, origin: 'stamped', source: 'On the spider' };
    const begin = (by: Client, more: object) =>
      by.append(jobId, {
        ...entry('tightening', {
          end: 'front',
          fastener: 'rotor-bolts',
          wrenchId: shop.ids.wrench,
          setNm: 8.5,
          treatment: 'medium-threadlocker',
          asked: null,
          crowfoot: null,
        }),
        asked: { ...asked, overSheet: '', ...more } as never,
      });
    const code = async (answer: ReturnType<typeof begin>) => (await answer).body.fields?.[0]?.code;
    const overSheet = 'The maker wrote back';
    expect(await code(begin(client, {}))).toBe('no-common-window');
    expect(await code(begin(client, { overSheet }))).toBe('lead-decides');
    expect(await code(begin(lead, {}))).toBe('no-common-window');
    const taken = await begin(lead, { overSheet });
    expect(taken.body.tightened).toMatchObject([
      { overSheet, window: { loNm: 8 }, flaws: ['passes-open'] },
    ]);
  });

  it('counts a crowfoot into the setting, and refuses one that points back past the grip', async () => {
    const jobId = await openJob(shop, client);
    const crowfoot = { leverMm: 200, extensionMm: 40, angleDegrees: 0 };
    const nut = { fastener: 'hose-nut-lever', treatment: 'dry', wrenchId: shop.ids.wrench };
    expect(await field(send(jobId, tightening({ ...nut, setNm: 5.5, crowfoot })))).toEqual([
      422,
      'entry.setNm',
      'outside-window',
    ]);
    const { body } = await send(jobId, tightening({ ...nut, setNm: 4.6, crowfoot }));
    expect(body.tightened[0]).toMatchObject({ crowfoot, setNm: 4.6, flaws: ['passes-open'] });
    const back = { leverMm: 50, extensionMm: 60, angleDegrees: 180 };
    expect(await field(send(jobId, tightening({ ...nut, setNm: 5, crowfoot: back })))).toEqual([
      422,
      'entry.crowfoot',
      'points-back',
    ]);
  });

  it('a single nut has no half pass', async () => {
    const jobId = await openJob(shop, client);
    const begun = tightening({ fastener: 'hose-nut-lever', setNm: 5.5, treatment: 'dry' });
    await send(jobId, begun);
    expect(await field(send(jobId, mark(begun.id, 'half')))).toEqual([
      422,
      'entry.pass',
      'no-such-pass',
    ]);
  });

  it('a wrench that reads proves each bolt by what it showed', async () => {
    const jobId = await openJob(shop, client);
    const begun = tightening({ wrenchId: shop.ids.digital });
    await send(jobId, begun);
    for (const pass of ['snug', 'half']) await send(jobId, mark(begun.id, pass));
    const read = (pass: string, bolt: number, measuredNm: number) =>
      send(jobId, mark(begun.id, pass, { bolt, measuredNm, via: 'feed' }));
    expect((await send(jobId, mark(begun.id, 'full'))).body.tightened[0]!.flaws).toContain(
      'passes-open',
    );
    await read('full', 1, 5.5);
    await read('full', 1, 7.02);
    await read('full', 2, 6.98);
    await read('verify', 1, 7.1);
    const { body } = await read('verify', 2, 7.05);
    expect(body.tightened[0]!.flaws).toEqual([]);
    expect(body.tightened[0]!.marks.at(-1)).toMatchObject({ measuredNm: 7.05, via: 'feed' });
    const over = await read('verify', 2, 8.4);
    expect(over.body.tightened[0]!.flaws).toEqual(['over-torqued']);
  });

  it('a click wrench shows no number, and a reading belongs to one bolt', async () => {
    const jobId = await openJob(shop, client);
    const begun = tightening();
    await send(jobId, begun);
    expect(await field(send(jobId, mark(begun.id, 'full', { bolt: 1, measuredNm: 7 })))).toEqual([
      422,
      'entry.measuredNm',
      'not-measured',
    ]);
  });

  it('an overdue wrench leaves it unproven, a retired one is refused', async () => {
    const jobId = await openJob(shop, client);
    const job = await tighten(jobId, { wrenchId: shop.ids.overdue });
    expect(job.tightened[0]!.flaws).toEqual(['wrench-out-of-calibration']);
    const fresh = {
      id: uuid(),
      name: 'Leaving',
      kind: 'click',
      maxNm: 10,
      markNm: 0.1,
      tolerance: 0.04,
      toleranceAssumed: false,
      calibrationDueOn: '2027-01-01',
      uses: 0,
      feedSerial: null,
      retired: false,
    };
    expect((await client.send('POST', '/wrenches', fresh)).status).toBe(403);
    expect((await lead.send('POST', '/wrenches', fresh)).status).toBe(201);
    const retired = { version: 1, wrench: { ...fresh, retired: true } };
    expect((await lead.send('PUT', `/wrenches/${fresh.id}`, retired)).status).toBe(200);
    expect((await lead.send('PUT', `/wrenches/${fresh.id}`, retired)).status).toBe(409);
    expect(await field(send(jobId, tightening({ wrenchId: fresh.id })))).toEqual([
      422,
      'entry.wrenchId',
      'retired',
    ]);
  });
});

describe('parts and fluid', () => {
  const container = (label: string, sizeMl: number) => ({
    id: uuid(),
    label: `${label} ${uuid().slice(-4)}`,
    fluid: { family: 'mineral', blend: 'Selkie 10' },
    lot: 'L9',
    sizeMl,
    openedOn: null,
    printedUseBy: null,
    monthsAfterOpening: null,
    condition: 'clear',
    writtenOff: false,
    writtenOffReason: '',
    wrongFluid: false,
  });
  const deliver = (pieces: number, batch: string) =>
    client.send<StockInStore>('POST', '/stock/moves', {
      id: uuid(),
      stockId: shop.ids.olive,
      pieces,
      batch,
      why: 'Delivered',
    });
  const take = (jobId: string, by = client, change: object = {}) =>
    send(
      jobId,
      entry('part-taken', { end: 'front', stockId: shop.ids.olive, pieces: 1, ...change }),
      by,
    );

  it('a part comes off the shelf with its batch, and two mechanics cannot take the last one', async () => {
    const jobId = await openJob(shop, client);
    await deliver(1, 'B-7');
    const other = await shop.signedIn('Lead');
    const both = await Promise.all([take(jobId), take(jobId, other)]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 422]);
    const { body } = await client.sendJob('GET', `/jobs/${jobId}`);
    expect(body.taken).toMatchObject([
      { part: 'olive', batch: '', batches: ['B-7'], pieces: 1, end: 'front' },
    ]);
    expect(await field(take(jobId))).toEqual([422, 'entry.pieces', 'not-enough']);
    expect((await deliver(-1, '')).status).toBe(422);
  });

  it('clean mineral goes back, never more than was taken, and glycol never', async () => {
    const jobId = await openJob(shop, client);
    const fill = entry('fill', { end: 'front', containerId: shop.ids.bottle, ml: 20 });
    await send(jobId, fill);
    const remaining = async () =>
      (await client.send<Page<ContainerInStore>>('GET', '/containers')).body.items.find(
        ({ id }) => id === shop.ids.bottle,
      )!.remainingMl;
    const before = await remaining();
    const back = (ml: number) => send(jobId, entry('fluid-back', { fillId: fill.id, ml }));
    expect((await back(8)).body.filled[0]).toMatchObject({ ml: 20, backMl: 8 });
    expect(await remaining()).toBe(before + 8);
    expect(await field(back(12.5))).toEqual([422, 'entry.ml', 'more-than-taken']);
    await send(jobId, entry('waste', { end: 'front', family: 'mineral', ml: 11 }));
    const cans = async () => (await client.send<WasteCan[]>('GET', '/waste')).body;
    expect(await cans()).toMatchObject([{ family: 'mineral', ml: 11, handedOverAt: null }]);
    const handed = { id: uuid(), family: 'mineral' };
    for (let times = 0; times < 2; times++) await client.send('POST', '/waste', handed);
    expect(await cans()).toMatchObject([{ family: 'mineral', ml: 0 }]);
  });

  it('a container written off meanwhile is refused, and taking it back takes a lead', async () => {
    const jobId = await openJob(shop, client);
    const fresh = container('Bottle', 100);
    await lead.send('POST', '/containers', fresh);
    const off = { ...fresh, writtenOff: true, writtenOffReason: 'Bits in it' };
    const put = (container: object, version: number, by = client) =>
      by.send('PUT', `/containers/${fresh.id}`, { version, container });
    expect((await put(off, 1)).status).toBe(200);
    const fill = () =>
      field(send(jobId, entry('fill', { end: 'front', containerId: fresh.id, ml: 5 })));
    expect(await fill()).toEqual([422, 'entry.containerId', 'written-off']);
    expect((await put(fresh, 2)).status).toBe(403);
    expect((await put(fresh, 2, lead)).status).toBe(200);
    expect((await fill())[0]).toBe(201);
    // The fill opened it: what a lead read while it was sealed does not seal it again.
    expect((await put(fresh, 3, lead)).status).toBe(409);
  });

  it('says what it changed besides the job, as every write does', async () => {
    const jobId = await openJob(shop, client);
    const fresh = container('Poured from', 100);
    await lead.send('POST', '/containers', fresh);
    const changedBy = async (each: EntryAsSent) => {
      const sent = { entry: each, appWord: null };
      const { body } = await client.send<JobChange>('POST', `/jobs/${jobId}/entries`, sent);
      return body.registers;
    };
    const fill = entry('fill', { end: 'front', containerId: fresh.id, ml: 5 });
    expect(await changedBy(fill)).toEqual(['containers', 'notices']);
    const drained = entry('waste', { end: 'front', family: 'mineral', ml: 5 });
    expect(await changedBy(drained)).toEqual(['waste']);
    expect(await changedBy(entry('bite', { end: 'front', rose: true }))).toEqual([]);
  });

  it('a container that held the wrong fluid: every brake it went into is tagged until its fluid is looked at after that', async () => {
    const fresh = container('Mixed', 100);
    await lead.send('POST', '/containers', fresh);
    // The first fill opened it; a change that forgot so would make it last for ever, and takes a lead.
    const put = (change: object, version: number, by = client) =>
      by.send('PUT', `/containers/${fresh.id}`, {
        version,
        container: { ...fresh, openedOn: '2026-11-25', ...change },
      });
    const fluidLooked = async (jobId: string) =>
      (
        await send(
          jobId,
          entry('look-over', { end: 'front', area: 'fluid', found: [], words: 'Clear' }),
        )
      ).body;
    const [one, two, untouched] = [
      await openJob(shop, client),
      await openJob(shop, client),
      await openJob(shop, client),
    ];
    for (const jobId of [one, one, two])
      await send(jobId, entry('fill', { end: 'front', containerId: fresh.id, ml: 5 }));
    await fluidLooked(one);
    const went = await client.send<Page<FilledFrom>>('GET', `/containers/${fresh.id}/fills`);
    expect(went.body.items.map(({ jobId, ml }) => [jobId, ml])).toEqual([
      [two, 5],
      [one, 5],
      [one, 5],
    ]);

    expect((await put({ wrongFluid: true }, 2)).status).toBe(422);
    const wrong = { writtenOff: true, writtenOffReason: 'Smells of glycol', wrongFluid: true };
    expect((await put(wrong, 2)).status).toBe(200);
    const jobOf = async (jobId: string) => (await client.sendJob('GET', `/jobs/${jobId}`)).body;
    for (const jobId of [one, two])
      expect((await jobOf(jobId)).bars).toContainEqual({
        code: 'still-tagged',
        end: 'front',
        subject: 'fluid',
        found: ['fluid-wrong'],
      });
    expect((await jobOf(untouched)).tags).toEqual([]);
    const listed = async (jobId: string) =>
      (await client.send<{ items: BenchJob[] }>('GET', '/bench')).body.items.find(
        ({ id }) => id === jobId,
      )?.doNotRide;
    expect([await listed(two), await listed(untouched)]).toEqual([true, false]);
    // A look alone is no answer: what met the wrong fluid is rebuilt, and then looked at.
    const other = entry('test', { test: 'lever-side', end: null, outcome: 'passed' });
    expect((await send(one, other)).body.tags).toHaveLength(1);
    expect((await fluidLooked(one)).tags).toHaveLength(1);
    for (const work of ['reseal-caliper', 'reseal-lever'] as const) {
      expect((await fluidLooked(one)).tags).toHaveLength(1);
      await send(one, entry('repair', { end: 'front', work, words: 'All seals new' }));
    }
    expect((await fluidLooked(one)).tags).toEqual([]);
    expect((await put({ ...wrong, wrongFluid: false }, 3)).status).toBe(403);
    expect((await put({ ...wrong, wrongFluid: false }, 3, lead)).status).toBe(200);
    expect((await jobOf(two)).tags).toEqual([]);
    expect((await client.send('GET', `/containers/${uuid()}/fills`)).status).toBe(404);
  });

  it('a container that somebody else emptied meanwhile gives what it holds and no more', async () => {
    const jobId = await openJob(shop, client);
    const fresh = container('Ampoule', 10);
    await lead.send('POST', '/containers', fresh);
    const fill = (by: Client) =>
      send(jobId, entry('fill', { end: 'front', containerId: fresh.id, ml: 8 }), by);
    const both = await Promise.all([fill(client), fill(lead)]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 422]);
    const refused = both.find(({ status }) => status === 422)!;
    expect(refused.body.facts).toMatchObject({ code: 'not-enough', remainingMl: 2 });
  });
});

describe('what is told', () => {
  it('is kept in order; what is taken back is gone from the job, once', async () => {
    const jobId = await openJob(shop, client);
    const cycle = entry('bleed-cycle', {
      end: 'front',
      method: 'push-up',
      bubbles: 'few',
      colour: 'amber',
      ml: 9,
    });
    expect(toldOf((await send(jobId, cycle)).body, 'bleed-cycle', 'front')).toMatchObject([
      { method: 'push-up', bubbles: 'few', ml: 9, by: 'Mechanic' },
    ]);
    const back = await send(jobId, entry('taken-back', { of: cycle.id }));
    expect(back.body.told).toEqual([]);
    expect(await field(send(jobId, entry('taken-back', { of: cycle.id })))).toEqual([
      422,
      'entry.of',
      'unknown',
    ]);
  });

  it('a deviation is decided among what is offered, with the risk read out', async () => {
    const jobId = await openJob(shop, client);
    const deviation = {
      kind: 'deviation',
      id: uuid(),
      at: '2026-11-25T09:00:00Z',
      end: 'front',
      deviation: 'modified-part',
      words: 'Filed tab',
      measured: '0.8 mm proud',
      choice: 'leave-as-found',
      decidedBy: 'customer',
      who: 'Harbour post',
      riskTold: true,
    };
    const sent = (change: object) => send(jobId, { ...deviation, ...change } as never);
    expect(await field(sent({}))).toEqual([422, 'entry.choice', 'not-offered']);
    expect((await field(sent({ riskTold: false }))).slice(0, 2)).toEqual([422, 'entry.riskTold']);
    const { body } = await sent({ choice: 'not-ridden' });
    expect(toldOf(body, 'deviation')).toMatchObject([{ who: 'Harbour post', by: 'Mechanic' }]);
  });

  it('a pull of bedding in comes after the careful ride, never before it', async () => {
    const job = await planned(['change-pads']);
    const pull = entry('bedding-pull', { end: 'front', fromKmh: 25, toKmh: 5 });
    const { status, body } = await send(job.id, pull);
    expect([status, body.facts]).toEqual([422, { code: 'rule', rule: 8 }]);
  });

  it('an answer of the customer is kept with who and how', async () => {
    const job = await planned(['change-pads']);
    const { body } = await send(
      job.id,
      entry('customer-answer', {
        answer: 'postponed',
        lines: [{ end: 'front', procedure: 'change-pads' }],
        who: 'Harbour post',
        how: 'by-phone',
        words: 'Next month',
      }),
    );
    expect(toldOf(body, 'customer-answer')).toMatchObject([
      { answer: 'postponed', how: 'by-phone', words: 'Next month' },
    ]);
  });
});

async function planned(front: string[]): Promise<Job> {
  const jobId = await openJob(shop, client);
  const choice = entry('plan-choice', {
    procedures: { front, rear: [] } as never,
    bleed: { front: 'gravity-down', rear: 'push-up' },
    agreed: 'agreed',
    words: '',
  });
  return (await send(jobId, choice)).body;
}

/** Does the next step of a plan. */
const goOn = (job: Job) => {
  const { step, end } = planAt(visitOf(job))!.steps[0]!;
  const after = job.stepped.at(-1)?.id ?? null;
  return send(job.id, entry('plan-step', { step, end, outcome: 'done', reason: '', after }));
};

/** Does the steps of a plan up to one of them, or all. */
async function walked(job: Job, until: string | null = null): Promise<Job> {
  let at = job;
  for (;;) {
    const next = planAt(visitOf(at))!.steps[0];
    if (!next || next.step === until) return at;
    const { status, body } = await goOn(at);
    expect([next.step, status]).toEqual([next.step, 201]);
    at = body;
  }
}

describe('rule 10: what a plan brought to its torque or opened is proven by name before it goes out', () => {
  it('bars the sign-off until every bolt has a tightening and every name a tick', async () => {
    let job = await walked(await planned(['align']), 'torque-caliper');
    const { status, body: refused } = await goOn(job);
    expect([status, refused.facts]).toEqual([
      422,
      { code: 'bolt-open', end: 'front', fastener: 'caliper-post' },
    ]);
    expect(openFasteners(job, 'front').map(({ fastener }) => fastener)).toEqual(['caliper-post']);
    expect(job.bars).toContainEqual({
      code: 'torque-unproven',
      end: 'front',
      fastener: 'caliper-post',
      flaws: ['passes-open'],
    });
    job = await walked(await tighten(job.id));
    expect(checksAt(job, 'front').map(({ check }) => check)).toEqual([
      'rotor-bolts',
      'caliper-bolts',
      'no-drag',
      'lever-clamp',
    ]);
    const tick = (check: string, outcome = 'passed', words = '') =>
      send(
        job.id,
        entry('ticked', { end: 'front', check: check as never, outcome: outcome as never, words }),
      );
    for (const check of ['caliper-bolts', 'rotor-bolts', 'lever-clamp']) await tick(check);
    const failed = (await tick('no-drag', 'failed')).body;
    const open = [{ code: 'check-open', end: 'front', check: 'no-drag', failed: true }];
    expect(failed.bars.filter(({ code }) => code === 'check-open')).toEqual(open);
    // A yes by itself is no answer to a no, nor is it unsaid.
    const tapped = (await tick('no-drag')).body;
    expect(tapped.bars.filter(({ code }) => code === 'check-open')).toEqual(open);
    const of = failed.told.at(-1)!.id;
    expect(await field(send(job.id, entry('taken-back', { of })))).toEqual([
      422,
      'entry.of',
      'failed-check',
    ]);
    expect(await field(tick('cable-end-cap'))).toEqual([422, 'entry.check', 'not-asked']);
    await tick('no-drag', 'passed', 'Caliper centred once more');
    const { body } = await send(
      job.id,
      entry('test', { test: 'lever-side', end: null, outcome: 'passed' }),
    );
    expect(body.bars).toEqual([]);
  });
});

describe('a do-not-ride', () => {
  const look = (jobId: string, found: string[]) =>
    send(
      jobId,
      entry('look-over', { end: 'front', area: 'caliper', found: found as never, words: '' }),
    );

  it('stays on the bike over visits until the same thing is looked at again and found fit', async () => {
    const first = await openJob(shop, client);
    const { body: found } = await look(first, ['caliper-cracked']);
    expect(found.tags).toMatchObject([{ end: 'front', subject: 'caliper', jobId: first }]);
    const page = async () =>
      (await client.send<{ doNotRide: unknown }>('GET', `/bikes/${found.bike.id}`)).body.doNotRide;
    expect(await page()).toMatchObject({ jobId: first });

    const { id: second } = await comeAgain(shop, client, found.bike, { complaint: 'Puncture' });
    await client.append(
      second,
      entry('identification', {
        end: 'front',
        sheetRevisionId: shop.ids.sheet,
        stampedLimit: null,
      }),
    );
    const later = (await client.sendJob('GET', `/jobs/${second}`)).body;
    expect(later.bars).toContainEqual({
      code: 'still-tagged',
      end: 'front',
      subject: 'caliper',
      found: ['caliper-cracked'],
    });
    expect((await look(second, [])).body.tags).toHaveLength(1);
    const work = 'replace-caliper';
    const { body: lifted } = await send(
      second,
      entry('repair', { end: 'front', work, words: 'Another caliper, new olive' }),
    );
    expect(lifted.tags).toEqual([]);
    expect(await page()).toBeNull();
  });
});

describe('a sealed record', () => {
  it('is corrected by an amendment in the same chain, under a PIN, once', async () => {
    const jobId = await openJob(shop, client);
    await send(jobId, entry('test', { test: 'lever-side', end: null, outcome: 'passed' }));
    const amendment = { id: uuid(), words: 'The customer’s odometer read 8,760.', pin: PIN };
    const amend = (change: object = {}) =>
      client.sendJob('POST', `/jobs/${jobId}/amendments`, {
        takesBack: [],
        ...amendment,
        ...change,
      });
    expect((await amend()).status).toBe(404);
    const signed = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
      id: uuid(),
      pin: PIN,
      toldOf: [],
    });
    expect((await amend({ pin: '0000' })).status).toBe(403);
    for (let times = 0; times < 2; times++) expect((await amend()).status).toBe(201);
    const { body } = await client.sendJob('GET', `/jobs/${jobId}`);
    expect(body.sealed).toEqual(signed.body.sealed);
    expect(body.amended).toMatchObject([{ words: amendment.words, by: 'Mechanic' }]);
    const links = await chainAfter(shop.pool, 0, 10_000);
    expect(checkChain(links)).toMatchObject({ whole: true, length: links.length });
    const last = JSON.parse(links.at(-1)!.canonical) as { record: object };
    expect(last.record).toMatchObject({
      format: 'hold-fast/amendment/2',
      amends: signed.body.sealed!.seal,
    });
  });

  it('a PIN wrong ten times has to wait, the right one too', async () => {
    const counter = await shop.signedIn('Owner');
    const jobId = await openJob(shop, counter);
    const sign = (pin: string) =>
      counter.send<Problem>('POST', `/jobs/${jobId}/sign-off`, {
        id: uuid(),
        pin,
        toldOf: [],
      });
    for (let tries = 0; tries < 10; tries++) expect((await sign('0000')).status).toBe(403);
    const { status, body } = await sign(PIN);
    expect([status, body.type]).toEqual([429, 'urn:hold-fast:problem:too-many-tries']);
  });
});

import type { Entry } from '@hold-fast/contract/entries';
import type { BenchJob } from '@hold-fast/contract/jobs';
import { v7 as uuid } from 'uuid';
import { run } from '../platform/database';
import {
  checkIn,
  comeAgain,
  entry,
  measure,
  measureRotor,
  openJob,
  NOW,
  openTestShop,
  tighten,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';

// Our design (E1 to E9), tried as a request could try it: whatever is sent, nothing betters what stands but an answer.

let shop: TestShop;
let client: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const barsOf = async (jobId: string) =>
  (await client.sendJob('GET', `/jobs/${jobId}`)).body.bars.map(({ code }) => code);
const sign = (jobId: string, change: object = {}) =>
  client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
    ...change,
  });
const look = (
  jobId: string,
  area: 'rotor' | 'pads' | 'leaks',
  found: string[],
  more: object = {},
) =>
  client.append(jobId, {
    ...entry('look-over', { end: 'front', area, found: [] }),
    found: found as never,
    ...more,
  });
const decide = (jobId: string, decision: string, subject: string, change: object = {}) =>
  client.sendJob('POST', `/jobs/${jobId}/decisions`, {
    id: uuid(),
    end: 'front',
    subject,
    decision,
    words: 'Because',
    personName: 'Mechanic',
    pin: PIN,
    ...change,
  });
async function ready(): Promise<string> {
  const jobId = await openJob(shop, client);
  await client.append(jobId, entry('test', { test: 'lever-side', end: null, outcome: 'passed' }));
  return jobId;
}
/** The next visit of a job's bike. */
async function nextVisit(jobId: string): Promise<string> {
  const { bike } = (await client.sendJob('GET', `/jobs/${jobId}`)).body;
  const { id } = await comeAgain(shop, client, bike);
  await begin(id);
  return id;
}
/** Its front brake is identified, and the side of its lever tried. */
async function begin(id: string): Promise<void> {
  const sheetRevisionId = shop.ids.sheet;
  await client.append(
    id,
    entry('identification', { end: 'front', sheetRevisionId, stampedLimit: null }),
  );
  await client.append(id, entry('test', { test: 'lever-side', end: null, outcome: 'passed' }));
}

describe('the stamp of a rotor', () => {
  it('that one visit read judges at the next, though nobody reads it again, until another rotor is on', async () => {
    const jobId = await openJob(shop, client);
    const stampedLimit = { limitMm: 1.65, atLimitIsWorn: true };
    const sheetRevisionId = shop.ids.sheet;
    await client.append(
      jobId,
      entry('identification', { end: 'front', sheetRevisionId, stampedLimit }),
    );
    const next = await nextVisit(jobId);
    await measureRotor(shop, client, next, [1.62, 1.62, 1.62]);
    expect(await barsOf(next)).toContain('replace-open');
    const { identified, stampedBefore, identifiedBefore, tag } = (
      await client.sendJob('GET', `/jobs/${next}`)
    ).body;
    expect(stampedBefore).toMatchObject([{ end: 'front', stamp: { limit: { limitMm: 1.65 } } }]);
    // What is told of it today is nothing of before.
    expect(Object.keys(identifiedBefore)).toEqual(['front']);
    expect(identifiedBefore.front!.sheetId).toBe(identified.front!.sheet.sheetId);
    expect(identifiedBefore.front!.tag).toBeLessThan(tag);
    expect(identified.front).toMatchObject({ stampedLimit: null, limit: { limitMm: 1.65 } });
  });
});

describe('a crack', () => {
  it('is neither looked nor talked away, on this job or another of the same bike', async () => {
    const jobId = await ready();
    await look(jobId, 'rotor', ['crack']);
    await look(jobId, 'rotor', []);
    expect(await barsOf(jobId)).toEqual(['do-not-ride']);
    const taken = await look(jobId, 'rotor', [], { takesBack: ['crack'], words: 'A scratch' });
    expect([taken.status, taken.body.fields?.[0]?.code]).toEqual([422, 'lead-only']);
    expect((await decide(jobId, 'seen-wrong', 'rotor')).status).toBe(403);
    expect((await decide(jobId, 'customer-refused', 'rotor')).status).toBe(409);

    const second = await nextVisit(jobId);
    await look(second, 'rotor', []);
    await measureRotor(shop, client, second, [1.7, 1.7, 1.7]);
    expect(await barsOf(second)).toEqual(['still-tagged']);
    expect((await sign(second)).status).toBe(409);
    expect((await decide(second, 'seen-wrong', 'rotor')).status).toBe(403);
    const lead = { personName: 'Lead' };
    expect((await decide(second, 'seen-wrong', 'rotor', lead)).status).toBe(201);
    expect(await barsOf(second)).toEqual([]);
  });
});

it('a worn rotor is not measured away on a second job, while the bike is here on the first', async () => {
  const jobId = await ready();
  await measureRotor(shop, client, jobId, [1.45, 1.45, 1.45]);
  expect(await barsOf(jobId)).toEqual(['replace-open']);
  const { bike, customer } = (await client.sendJob('GET', `/jobs/${jobId}`)).body;
  const again = checkIn({ bike: bike.id, customer: customer.id });
  const refused = await client.send('POST', '/jobs', again);
  expect([refused.status, refused.body.facts?.jobId]).toEqual([409, jobId]);
  expect((await client.send('GET', `/jobs/${again.id}`)).status).toBe(404);
  expect((await sign(jobId)).status).toBe(409);
});

it('a bike that was taken in twice all the same is signed as good on neither job, while the other is open', async () => {
  const worn = await ready();
  await measureRotor(shop, client, worn, [1.45, 1.45, 1.45]);
  // As it could be taken in before: a second job beside the first.
  const good = uuid();
  const rest = `bike_id, complaint, status, front_lever, odometer_km, promised_at, minutes, came_along, damage, checked_in_at,
    checked_in_by`;
  await run(
    shop.pool,
    `INSERT INTO job (id, tag, ${rest}) SELECT ?, tag + 5000, ${rest} FROM job WHERE id = ?`,
    [good, worn],
  );
  await begin(good);
  await measureRotor(shop, client, good, [1.6, 1.6, 1.6]);
  expect(await barsOf(good)).toEqual([]);
  const refused = await sign(good);
  expect([refused.status, refused.body]).toMatchObject([409, { facts: { jobId: worn } }]);
  const leave = { words: 'Taken in twice', takenBy: 'Nobody: it stays here' };
  expect((await sign(worn, { notRepaired: leave })).status).toBe(201);
  // What was found there hangs on the bike now.
  expect(await barsOf(good)).toEqual(['still-tagged']);
});

describe('a no of the hand-over', () => {
  const test = async (
    jobId: string,
    name: 'lever-feel' | 'lever-side',
    outcome: string,
    words = '',
  ) =>
    client.append(jobId, {
      ...entry('test', {
        test: name,
        end: name === 'lever-feel' ? 'front' : null,
        outcome: 'passed',
      }),
      outcome: outcome as 'passed',
      words,
    });

  it('of a lever is answered by no tap and nobody’s word but a lead’s', async () => {
    const jobId = await ready();
    await test(jobId, 'lever-feel', 'failed');
    await test(jobId, 'lever-feel', 'passed', 'Pulled harder');
    expect(await barsOf(jobId)).toEqual(['do-not-ride']);
    expect((await sign(jobId)).status).toBe(409);
    expect((await decide(jobId, 'customer-refused', 'lever')).status).toBe(409);
    expect((await decide(jobId, 'seen-wrong', 'lever')).status).toBe(403);
    // Nor by another job of the bike, on which nobody felt it.
    const second = await nextVisit(jobId);
    expect(await barsOf(second)).toEqual(['still-tagged']);
    expect((await decide(second, 'seen-wrong', 'lever', { personName: 'Lead' })).status).toBe(201);
    expect(await barsOf(second)).toEqual([]);
  });

  it('of the rider is answered by a yes that says what was done', async () => {
    const jobId = await ready();
    await test(jobId, 'lever-side', 'failed');
    await test(jobId, 'lever-side', 'passed');
    expect(await barsOf(jobId)).toEqual(['lever-side-unconfirmed']);
    await test(jobId, 'lever-side', 'passed', 'Queryable again with the levers in hand');
    expect(await barsOf(jobId)).toEqual([]);
    expect((await sign(jobId)).status).toBe(201);
  });
});

it('a loose bolt is not told to be tight', async () => {
  const jobId = await ready();
  const told = await client.append(
    jobId,
    entry('repair', { end: 'front', work: 'tighten-bolts', words: 'Tight now' }),
  );
  expect([told.status, told.body.fields?.[0]]).toMatchObject([
    422,
    { path: 'entry.work', code: 'not-by-words' },
  ]);
});

describe('a worn rotor', () => {
  it('measured again without the worn place stays worn; a whole one with words answers it', async () => {
    const jobId = await ready();
    await measureRotor(shop, client, jobId, [1.7, 1.5, 1.7]);
    await measureRotor(shop, client, jobId, [1.7, 1.7]);
    expect(await barsOf(jobId)).toEqual(['replace-open']);
    await measureRotor(shop, client, jobId, [1.7, 1.56, 1.7]);
    expect(await barsOf(jobId)).toEqual(['replace-open']);
    expect((await decide(jobId, 'seen-wrong', 'rotor')).status).toBe(201);
    expect(await barsOf(jobId)).toEqual([]);
  });

  it('a correction that betters the word is refused without words', async () => {
    const jobId = await ready();
    const measurementId = await measureRotor(shop, client, jobId, [1.7, 1.45, 1.7]);
    const { body } = await client.sendJob('GET', `/jobs/${jobId}`);
    const replaces = body.measured[0]!.readings.find(({ place }) => place === '3')!.id;
    const correct = (words: string) =>
      client.append(
        jobId,
        entry('reading', {
          measurementId,
          place: '3',
          valueMm: 1.65,
          typed: '165',
          replaces,
          words,
        }),
      );
    const mute = await correct('');
    expect([mute.status, mute.body.fields?.[0]?.code]).toEqual([422, 'say-why']);
    expect(await barsOf(jobId)).toEqual(['replace-open']);
    expect((await correct('The jaw stood on a burr')).status).toBe(201);
    expect(await barsOf(jobId)).toEqual([]);
  });

  it('that the customer will not have replaced is ridden against advice, and the next visit opens with it', async () => {
    const jobId = await ready();
    await measureRotor(shop, client, jobId, [1.45, 1.45, 1.45]);
    await decide(jobId, 'customer-refused', 'rotor', { words: 'In spring' });
    expect((await sign(jobId)).status).toBe(201);

    const next = await nextVisit(jobId);
    const { body } = await client.sendJob('GET', `/jobs/${next}`);
    expect(body.againstAdvice).toMatchObject([{ subject: 'rotor', words: 'In spring', jobId }]);
    const onBench = async () =>
      (await client.send<{ items: BenchJob[] }>('GET', '/bench')).body.items.find(
        ({ id }) => id === next,
      )?.againstAdvice;
    expect(await onBench()).toBe(true);
    expect((await sign(next)).status).toBe(409);
    await measureRotor(shop, client, next, [1.7, 1.7, 1.7]);
    expect(await barsOf(next)).toEqual(['refused-before']);
    await client.append(
      next,
      entry('fitting', { end: 'front', part: 'rotor', description: 'New', condition: 'new' }),
    );
    expect(await barsOf(next)).not.toContain('refused-before');
    expect(await onBench()).toBe(false);
  });
});

it('a sinking lever is mended by work and the same test whole, and by nothing shorter', async () => {
  const jobId = await ready();
  const lever = (readings: Record<string, number>) =>
    measure(client, jobId, 'lever', shop.ids.rule, readings, { basis: 'travel' });
  await lever({ reach: 60, bite: 20, firm: 27, sunk: 30 });
  await lever({ bite: 20 });
  expect(await barsOf(jobId)).toEqual(['do-not-ride']);
  const whole = { reach: 60, bite: 20, firm: 27, sunk: 27 };
  await lever(whole);
  expect(await barsOf(jobId)).toEqual(['do-not-ride']);
  await client.append(
    jobId,
    entry('repair', { end: 'front', work: 'reseal-lever', words: 'New seals' }),
  );
  await lever(whole);
  expect(await barsOf(jobId)).not.toContain('do-not-ride');
});

it('a rotor fitted is held by its own bolts, ticked by name, and tried on the stand', async () => {
  const jobId = await ready();
  await client.append(
    jobId,
    entry('fitting', { end: 'front', part: 'rotor', description: 'New', condition: 'new' }),
  );
  await tighten(shop, client, jobId, 'caliper-post');
  expect(await barsOf(jobId)).toContain('torque-unproven');
  await tighten(shop, client, jobId, 'rotor-bolts');
  expect(new Set(await barsOf(jobId))).toEqual(new Set(['check-open', 'stand-untested']));
});

it('fluid that went in with no plan wants the lever’s number', async () => {
  const jobId = await ready();
  const filled = { end: 'front', containerId: shop.ids.bottle, ml: 5, colour: '' } as const;
  await client.append(jobId, entry('fill', filled));
  expect(await barsOf(jobId)).toContain('lever-untested');
});

it('what an earlier visit put in stays in the brake: another family is refused at container and plan', async () => {
  const first = await ready();
  const filled = { end: 'front', containerId: shop.ids.bottle, ml: 5, colour: '' } as const;
  await client.append(first, entry('fill', filled));
  const second = await nextVisit(first);
  expect(await barsOf(second)).not.toContain('do-not-ride');
  const lead = await shop.signedIn('Lead');
  const { body: job } = await client.sendJob('GET', `/jobs/${second}`);
  expect(job.metBefore.front.caliper).toEqual([{ family: 'mineral', blend: 'Selkie 10' }]);
  const { sheet } = job.identified.front!;
  const sheetId = uuid();
  const body = {
    ...sheet.body,
    title: 'Glycol brake',
    fluid: { ...sheet.body.fluid!, fluid: { family: 'glycol' as const, grade: 'DOT 4' as const } },
  };
  const made = await lead.send<{ id: string }[]>('PUT', `/sheets/${sheetId}`, {
    id: uuid(),
    sheetId,
    baseId: null,
    body,
    note: 'New',
  });
  expect(made.status).toBe(200);
  await client.append(
    second,
    entry('identification', {
      end: 'front',
      sheetRevisionId: made.body[0]!.id,
      stampedLimit: null,
    }),
  );
  expect(await barsOf(second)).toContain('do-not-ride');
  const glycol = entry('fill', { ...filled, containerId: shop.ids.glycol });
  const refused = await client.sendJob('POST', `/jobs/${second}/entries`, {
    entry: glycol,
    appWord: null,
  });
  expect([refused.status, refused.body.fields?.[0]]).toMatchObject([
    422,
    { path: 'entry.containerId', code: 'other-family-inside' },
  ]);
});

it('a sheet revised while a job is open bars it until the job takes the new one, or a lead says why not', async () => {
  const lead = await shop.signedIn('Lead');
  const jobId = await ready();
  const { body: job } = await client.sendJob('GET', `/jobs/${jobId}`);
  const { sheet } = job.identified.front!;
  const body = { ...sheet.body, pads: { ...sheet.body.pads, plateMm: 1.9 } };
  const edit = { id: uuid(), sheetId: sheet.sheetId, baseId: sheet.id, body, note: 'Plate' };
  expect((await lead.send('PUT', `/sheets/${sheet.sheetId}`, edit)).status).toBe(200);
  expect(await barsOf(jobId)).toEqual(['sheet-revised']);
  expect((await decide(jobId, 'kept-sheet', 'rotor')).status).toBe(403);
  expect((await decide(jobId, 'kept-sheet', 'rotor', { personName: 'Lead' })).status).toBe(201);
  expect(await barsOf(jobId)).toEqual([]);
});

describe('an amendment whose words contradict the seal', () => {
  it('takes back what was sealed: the bike is not ridden, and the next visit opens with it', async () => {
    const jobId = await ready();
    await measureRotor(shop, client, jobId, [1.7, 1.7, 1.7]);
    expect((await sign(jobId)).status).toBe(201);
    const amend = (takesBack: object[]) =>
      client.sendJob('POST', `/jobs/${jobId}/amendments`, {
        id: uuid(),
        words: 'The gauge was found off by 0.2 the day after',
        takesBack,
        pin: PIN,
      });
    expect((await amend([{ end: 'rear', subject: 'rotor' }])).status).toBe(409);
    expect((await amend([])).body.tags).toEqual([]);
    const taken = await amend([{ end: 'front', subject: 'rotor' }]);
    expect(taken.body.tags).toMatchObject([{ end: 'front', subject: 'rotor', jobId }]);
    // Nor does another word beside the seal lift it.
    expect((await amend([])).body.tags).toHaveLength(1);

    const second = await nextVisit(jobId);
    expect(await barsOf(second)).toEqual(['still-tagged']);
    await look(second, 'rotor', []);
    await measureRotor(shop, client, second, [1.7, 1.7, 1.7]);
    expect(await barsOf(second)).toEqual(['still-tagged']);
    expect((await decide(second, 'seen-wrong', 'rotor')).status).toBe(403);
    expect((await decide(second, 'seen-wrong', 'rotor', { personName: 'Lead' })).status).toBe(201);
    expect(await barsOf(second)).not.toContain('still-tagged');
  });
});

describe('when an entry was made', () => {
  const LATER = new Date('2026-11-25T11:00:00.000Z');
  afterEach(() => {
    shop.clock.now = NOW;
  });
  const read = (measurementId: string, at: string) => ({
    ...entry('reading', {
      measurementId,
      place: '1',
      valueMm: 1.7,
      typed: '170',
      via: 'keys',
      replaces: null,
      words: '',
    }),
    at,
  });
  const send = (jobId: string, made: Entry, more: object) =>
    client.sendJob('POST', `/jobs/${jobId}/entries`, { entry: made, appWord: null, ...more });

  it('is put right by both clocks, whatever a phone thinks the day is, and by what it made before', async () => {
    const jobId = await ready();
    const how = { basis: null, pointCount: 6 };
    const { id } = (await measure(client, jobId, 'rotor', shop.ids.point, {}, how)).measured[0]!;
    shop.clock.now = LATER;
    // A phone that thinks it is last year, a quarter of an hour after the reading.
    const [first, second] = [
      read(id, '2025-03-01T09:45:00.000Z'),
      read(id, '2025-03-01T09:30:00.000Z'),
    ];
    const job = await send(jobId, first, { sentAt: '2025-03-01T10:00:00.000Z' });
    const taken = job.body.measured[0]!.readings.at(-1)!;
    expect(taken.at).toBe('2026-11-25T10:45:00.000Z');
    const after = await send(jobId, second, {
      sentAt: '2025-03-01T10:00:00.000Z',
      after: first.id,
    });
    expect(after.body.measured[0]!.readings.at(-1)!.at).toBe(taken.at);
    // The same entry once more is the same entry, also where the clocks say something else by then.
    const again = await send(jobId, first, { sentAt: '2025-03-01T11:00:00.000Z' });
    expect([again.status, again.body.measured[0]!.readings.length]).toEqual([201, 2]);
    const future = await send(jobId, read(id, '2027-01-01T00:00:00.000Z'), {});
    expect(future.body.measured[0]!.readings.at(-1)!.at).toBe(LATER.toISOString());
  });

  it('cannot be dated back behind the check-in to a day on which the gauge was in calibration', async () => {
    const jobId = await ready();
    const made = entry('measurement', {
      end: 'front',
      part: 'rotor',
      gaugeId: shop.ids.overduePoint,
      basis: null,
      pointCount: 6,
    });
    await client.append(jobId, { ...made, at: '2026-01-05T09:00:00.000Z' });
    const { body } = await client.append(jobId, read(made.id, '2026-01-05T09:00:00.000Z'));
    expect(body.measured[0]!.measuredOn).toBe('2026-11-25');
    expect(body.measured[0]!.verdict!.judgement).toMatchObject({
      verdict: { word: 'unproven' },
    });
  });
});

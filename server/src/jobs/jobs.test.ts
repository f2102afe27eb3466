import { intakeOf, type Job } from '@hold-fast/core/job/job';
import type { FoundBike } from '@hold-fast/contract/bikes';
import type { BenchJob, BenchPage, Page } from '@hold-fast/contract/jobs';
import { v7 as uuid } from 'uuid';
import { valuesAt } from '@hold-fast/core/inspection/session';
import {
  checkIn,
  entry,
  leaves,
  measureRotor,
  openJob,
  openTestShop,
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

const jobOf = async (id: string) => (await client.sendJob('GET', `/jobs/${id}`)).body;

describe('checking in', () => {
  it('makes customer, bike and job with the next tag', async () => {
    const first = (await client.sendJob('POST', '/jobs', checkIn())).body;
    const second = (await client.sendJob('POST', '/jobs', checkIn())).body;
    expect(second.tag).toBe(first.tag + 1);
    expect(first).toMatchObject({
      status: 'open',
      complaint: 'Front rotor',
      frontLever: 'left',
      symptoms: ['scrape'],
    });
  });

  it('does a repeated check-in once, and refuses its id for another', async () => {
    const taken = checkIn();
    const [once, twice] = await Promise.all([
      client.sendJob('POST', '/jobs', taken),
      client.sendJob('POST', '/jobs', taken),
    ]);
    expect([once.status, twice.status]).toEqual([201, 201]);
    expect(once.body.tag).toBe(twice.body.tag);
    const other = await client.send('POST', '/jobs', { ...taken, complaint: 'Something else' });
    expect(other.body.type).toMatch('id-reused');
    expect((await jobOf(taken.id)).complaint).toBe('Front rotor');
  });

  it('refuses a second job of a bike that is here, and says which it is on', async () => {
    const taken = checkIn();
    const { body: job } = await client.sendJob('POST', '/jobs', taken);
    const { id: bike, customerId: customer } = taken.bike;
    // From the list, and once more as new in other words, as after an answer that was lost.
    for (const again of [
      { bike, customer },
      { ...taken, id: uuid(), complaint: 'Front, worn' },
    ]) {
      const answer = await client.send('POST', '/jobs', checkIn(again));
      expect([answer.status, answer.body.type]).toEqual([
        409,
        expect.stringMatching(/:bike-here$/),
      ]);
      expect(answer.body.facts).toEqual({ jobId: job.id, tag: job.tag });
    }
    const found = await client.send<Page<FoundBike>>('GET', `/bikes?q=${taken.bike.serial}`);
    expect(found.body.items).toMatchObject([{ bikeId: bike, openJobId: job.id }]);
    // What was refused took no tag.
    expect((await client.sendJob('POST', '/jobs', checkIn())).body.tag).toBe(job.tag + 1);
  });

  it('lets one of two in who take a bike in at once', async () => {
    const taken = checkIn();
    await client.send('POST', '/jobs', taken);
    await leaves(shop, taken.bike.id);
    const again = () => checkIn({ bike: taken.bike.id, customer: taken.customer.id });
    const both = await Promise.all([
      client.send('POST', '/jobs', again()),
      client.send('POST', '/jobs', again()),
    ]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 409]);
  });

  it('refuses a bike that is somebody else’s, and keeps nothing', async () => {
    const known = checkIn();
    await client.send('POST', '/jobs', known);
    await leaves(shop, known.bike.id);
    const answer = await client.send('POST', '/jobs', checkIn({ bike: known.bike.id }));
    expect(answer.status).toBe(422);
    expect(answer.body.fields?.[0]).toMatchObject({ path: 'bike' });
  });

  it.each([
    ['complaint', { complaint: '   ' }],
    ['symptoms.0', { symptoms: ['grumpy'] }],
    ['odometerKm', { odometerKm: -1 }],
    ['promisedAt', { promisedAt: 'soon' }],
    ['id', { id: 'not-an-id' }],
    ['colour', { colour: 'red' }],
  ])('names %s when it is wrong', async (path, change) => {
    const answer = await client.send('POST', '/jobs', checkIn(change));
    expect(answer.status).toBe(422);
    expect(answer.body.fields?.map((field) => field.path)).toContain(path);
  });
});

describe('changing a job', () => {
  const edit = (job: Job, change: object) => ({
    id: uuid(),
    version: job.version,
    ...intakeOf(job),
    ...change,
  });

  it('shows both versions to whoever comes second, and keeps what was', async () => {
    const job = (await client.sendJob('POST', '/jobs', checkIn())).body;
    expect(
      (await client.send('PUT', `/jobs/${job.id}`, edit(job, { frontLever: 'right' }))).status,
    ).toBe(200);
    const late = await client.send('PUT', `/jobs/${job.id}`, edit(job, { complaint: 'Mine' }));
    expect(late.status).toBe(409);
    expect(late.body.facts).toMatchObject({
      current: { version: 2, frontLever: 'right', complaint: 'Front rotor' },
      yours: { complaint: 'Mine', frontLever: 'left' },
    });
    const kept = (
      await client.sendJob('PUT', `/jobs/${job.id}`, edit(job, { version: 2, complaint: 'Mine' }))
    ).body;
    expect(kept).toMatchObject({ version: 3, complaint: 'Mine' });
  });

  it('is recognised when it is sent again after its answer was lost, and is nobody else’s change', async () => {
    const job = (await client.sendJob('POST', '/jobs', checkIn())).body;
    const sent = edit(job, { complaint: 'Said twice' });
    for (let times = 0; times < 3; times++) {
      const answer = await client.sendJob('PUT', `/jobs/${job.id}`, sent);
      expect([answer.status, answer.body.version]).toEqual([200, 2]);
    }
  });
});

describe('the Bench', () => {
  it('lists open jobs by promise, each with what comes next and the worst word of each end', async () => {
    const jobId = await openJob(shop, client, { promisedAt: '2020-01-01T08:00:00.000Z' });
    await measureRotor(shop, client, jobId, [1.47, 1.6, 1.6]);
    const plain = await openJob(shop, client, {
      promisedAt: '2020-01-01T09:00:00.000Z',
      symptoms: [],
    });
    await measureRotor(shop, client, plain, [1.6, 1.6, 1.6]);
    const { items } = (await client.send<Page<BenchJob>>('GET', '/bench')).body;
    expect(items[0]).toMatchObject({
      id: jobId,
      front: 'replace',
      rear: null,
      // It scrapes: what that asks for comes before measuring on.
      next: { step: 'trouble', end: 'front' },
    });
    expect(items[1]).toMatchObject({ id: plain, next: { step: 'pads', end: 'front' } });
    expect(items.map(({ promisedAt }) => promisedAt)).toEqual(
      items.map(({ promisedAt }) => promisedAt).sort(),
    );
  });

  it('pages by key, each job once', async () => {
    for (let i = 0; i < 52; i++) await client.send('POST', '/jobs', checkIn());
    const first = (await client.send<BenchPage>('GET', '/bench')).body;
    const second = (
      await client.send<Page<BenchJob>>('GET', `/bench?after=${encodeURIComponent(first.after!)}`)
    ).body;
    expect(first.items).toHaveLength(50);
    expect(first.bikes).toBe(first.items.length + second.items.length);
    expect(first.minutes).toBe(
      [...first.items, ...second.items].reduce((sum, { minutes }) => sum + (minutes ?? 0), 0),
    );
    const ids = [...first.items, ...second.items].map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect((await client.send('GET', '/bench?after=nonsense')).status).toBe(422);
  });
});

describe('finding a bike', () => {
  it('takes a few letters of its customer, name, maker, serial, or its tag', async () => {
    const taken = checkIn();
    taken.customer.name = 'Zebedee Quill';
    taken.bike.name = 'Quayside hauler';
    taken.bike.serial = 'XK-91';
    const job = (await client.sendJob('POST', '/jobs', taken)).body;
    for (const words of ['zeb', 'quays', 'hauler zeb', 'xk', `zeb ${job.tag}`, "zeb'; DROP"]) {
      const found = (
        await client.send<Page<FoundBike>>('GET', `/bikes?q=${encodeURIComponent(words)}`)
      ).body;
      const expected = words.includes('DROP') ? [] : [taken.bike.id];
      expect([words, found.items.map(({ bikeId }) => bikeId)]).toEqual([words, expected]);
    }
  });

  it('puts the bike that wears a tag before those whose serial begins like it', async () => {
    const tagged = checkIn();
    const { tag } = (await client.sendJob('POST', '/jobs', tagged)).body;
    const alike = checkIn();
    alike.bike.name = 'A name that comes first';
    alike.bike.serial = `${tag}7-Q`;
    await client.send('POST', '/jobs', alike);
    const found = (await client.send<Page<FoundBike>>('GET', `/bikes?q=${tag}`)).body;
    const ids = found.items.map(({ bikeId }) => bikeId);
    expect(ids[0]).toBe(tagged.bike.id);
    expect(ids).toContain(alike.bike.id);
  });

  it('gives phone numbers to leads and the owner alone', async () => {
    const taken = checkIn();
    await client.send('POST', '/jobs', taken);
    const phoneFor = async (name: string) => {
      const page = await (
        await shop.signedIn(name)
      ).send<{ customer: { phone: string | null } }>('GET', `/bikes/${taken.bike.id}`);
      return page.body.customer.phone;
    };
    expect(await phoneFor('Mechanic')).toBeNull();
    expect(await phoneFor('Lead')).toBe('0555 0140');
  });
});

describe('readings', () => {
  it('are judged by the server from what it stored, as the check values say', async () => {
    const jobId = await openJob(shop, client);
    await measureRotor(shop, client, jobId, [1.52, 1.5, 1.47, 1.49, 1.51, 1.48]);
    const [measured] = (await jobOf(jobId)).measured;
    expect(measured?.verdict?.rule).toBe('rotor/4');
    expect(measured?.verdict?.judgement).toMatchObject({
      ok: true,
      verdict: {
        word: 'replace',
        thinnest: { point: 3, oClock: 4, thicknessMm: 1.47 },
        variationMm: 0.05,
      },
    });
  });

  it('are never overwritten: a correction stands beside what it replaces', async () => {
    const jobId = await openJob(shop, client);
    const measurementId = await measureRotor(shop, client, jobId, [1.66, 1.62, 1.64]);
    const [first] = (await jobOf(jobId)).measured[0]!.readings.filter(({ place }) => place === '1');
    const correction = entry('reading', {
      measurementId,
      place: '1',
      valueMm: 1.56,
      typed: '156',
      replaces: first!.id,
    });
    const job = (await client.append(jobId, correction)).body;
    expect(
      job.measured[0]!.readings.filter(({ place }) => place === '1').map(({ valueMm }) => valueMm),
    ).toEqual([1.66, 1.56]);
    expect(job.measured[0]!.verdict?.judgement).toMatchObject({
      verdict: { thinnest: { thicknessMm: 1.56 } },
    });
  });

  it('corrected by two people at once: both corrections are kept and stand, neither lost', async () => {
    const jobId = await openJob(shop, client);
    const measurementId = await measureRotor(shop, client, jobId, [1.66, 1.62, 1.64]);
    const [first] = (await jobOf(jobId)).measured[0]!.readings.filter(({ place }) => place === '1');
    const other = await shop.signedIn('Lead');
    const corrects = (valueMm: number) =>
      entry('reading', {
        measurementId,
        place: '1',
        valueMm,
        typed: String(valueMm),
        replaces: first!.id,
      });
    const answers = await Promise.all([
      client.append(jobId, corrects(1.56)),
      other.append(jobId, corrects(1.58)),
    ]);
    expect(answers.map(({ status }) => status)).toEqual([201, 201]);
    const [measured] = (await jobOf(jobId)).measured;
    expect(valuesAt(measured!.readings, '1').sort()).toEqual([1.56, 1.58]);
  });

  it('count once, however often and from however many places at once they arrive', async () => {
    const jobId = await openJob(shop, client);
    const measurementId = await measureRotor(shop, client, jobId, []);
    const other = await shop.signedIn('Lead');
    const readings = [1, 2, 3, 4, 5, 6].map((place) =>
      entry('reading', {
        measurementId,
        place: String(place) as '1',
        valueMm: 1.7,
        typed: '170',
        replaces: null,
      }),
    );
    const answers = await Promise.all(
      [...readings, ...readings, ...readings].map((reading, i) =>
        (i % 2 ? client : other).append(jobId, reading),
      ),
    );
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([201]));
    const [measured] = (await jobOf(jobId)).measured;
    expect(measured!.readings.filter(({ place }) => place !== 'zero')).toHaveLength(6);
    expect(measured!.verdict?.judgement).toMatchObject({
      verdict: { word: 'holds' },
    });
  });

  it.each([
    ['a 12 mm rotor', '1', 12, 'implausible'],
    ['a zero error that would pass a worn rotor', 'zero', -0.3, 'zero-error-too-large'],
    ['thicker than new', '2', 1.9, 'thicker-than-new'],
    ['a point that is not there', '9', 1.7, 'no-such-point'],
    ['a pad place on a rotor', 'inner-leading', 1.7, 'no-such-point'],
  ])('refuse %s and keep nothing of it', async (_, place, valueMm, code) => {
    const jobId = await openJob(shop, client);
    const measurementId = await measureRotor(shop, client, jobId, [1.7]);
    const answer = await client.append(
      jobId,
      entry('reading', { measurementId, place: place as '1', valueMm, typed: '', replaces: null }),
    );
    expect(answer.status).toBe(422);
    expect(answer.body.fields?.[0]?.code).toBe(code);
    expect(
      (await jobOf(jobId)).measured[0]!.readings.filter((r) => r.place !== 'zero'),
    ).toHaveLength(1);
  });

  it('are refused with a field of their own, unknown keys with their names', async () => {
    const jobId = await openJob(shop, client);
    const measurementId = await measureRotor(shop, client, jobId, []);
    const reading = entry('reading', {
      measurementId,
      place: '1',
      valueMm: 1.7,
      typed: '170',
      replaces: null,
    });
    const extra = await client.append(jobId, { ...reading, verdict: 'holds' } as never);
    expect(extra.body.fields?.map(({ path }) => path)).toEqual(['entry.verdict']);
    const letters = await client.append(jobId, { ...reading, valueMm: 'abc' } as never);
    expect(letters.body.fields?.map(({ path }) => path)).toEqual(['entry.valueMm']);
  });

  it('of flat anvils over a ridge never hold', async () => {
    const jobId = await openJob(shop, client);
    await measureRotor(shop, client, jobId, [1.75, 1.75, 1.75, 1.75, 1.75, 1.75], {
      gaugeId: shop.ids.vernier,
      ridge: true,
    });
    expect((await jobOf(jobId)).measured[0]!.verdict?.judgement).toMatchObject({
      verdict: { word: 'unproven', upperBounds: true },
    });
  });

  it('log a fault when the app judged differently, and the server’s word stands', async () => {
    const jobId = await openJob(shop, client);
    const measurementId = await measureRotor(shop, client, jobId, [1.7, 1.7]);
    shop.faults.length = 0;
    const reading = entry('reading', {
      measurementId,
      place: '3',
      valueMm: 1.4,
      typed: '140',
      replaces: null,
    });
    await client.send('POST', `/jobs/${jobId}/entries`, { entry: reading, appWord: 'holds' });
    expect(shop.faults).toMatchObject([{ word: 'replace', appWord: 'holds' }]);
    expect((await jobOf(jobId)).measured[0]!.verdict?.judgement).toMatchObject({
      verdict: { word: 'replace' },
    });
  });

  it('keep the gauge as it stood, and are judged again when the brake turns out to be another', async () => {
    const jobId = await openJob(shop, client);
    await measureRotor(shop, client, jobId, [1.62, 1.62, 1.62]);
    expect((await jobOf(jobId)).measured[0]!.verdict?.judgement).toMatchObject({
      verdict: { word: 'holds' },
    });
    await client.append(
      jobId,
      entry('identification', {
        end: 'front',
        sheetRevisionId: shop.ids.sheet,
        stampedLimit: { limitMm: 1.65, atLimitIsWorn: true },
      }),
    );
    const job = await jobOf(jobId);
    expect(job.identified.front?.limit).toMatchObject({ limitMm: 1.65, origin: 'stamped' });
    expect(job.measured[0]!.verdict?.judgement).toMatchObject({
      verdict: { word: 'replace' },
    });
  });

  it('of an old part give way to a new one, which is not inspected yet', async () => {
    const jobId = await openJob(shop, client);
    await measureRotor(shop, client, jobId, [1.4, 1.6, 1.6]);
    const fitted = (
      await client.append(
        jobId,
        entry('fitting', { end: 'front', part: 'rotor', description: 'New, 180' }),
      )
    ).body;
    expect(fitted.measured[0]).toMatchObject({ superseded: true });
    const bench = (await client.send<Page<BenchJob>>('GET', '/bench')).body.items.find(
      ({ id }) => id === jobId,
    );
    expect(bench?.front ?? null).toBeNull();
    expect(fitted.bars).toContainEqual({
      code: 'torque-unproven',
      end: 'front',
      fastener: 'rotor-bolts',
      flaws: ['passes-open'],
    });
  });
});

describe('rotor bolts', () => {
  const tighten = (wrenchId: string, setNm: number) =>
    entry('tightening', {
      end: 'front',
      fastener: 'rotor-bolts',
      wrenchId,
      setNm,
      treatment: 'medium-threadlocker',
    });
  const pass = (tighteningId: string, name: 'snug' | 'half' | 'full' | 'verify') =>
    entry('pass-mark', { tighteningId, pass: name, bolt: null });
  const usesOf = async (id: string) =>
    (await client.send<Page<{ id: string; uses: number }>>('GET', '/wrenches')).body.items.find(
      (w) => w.id === id,
    )!.uses;

  it('are proven by every pass with a sound wrench, and the wrench’s clicks are counted', async () => {
    const jobId = await openJob(shop, client);
    const tightening = tighten(shop.ids.wrench, 6);
    await client.append(jobId, tightening);
    const before = await usesOf(shop.ids.wrench);
    for (const name of ['snug', 'half', 'full'] as const)
      await client.append(jobId, pass(tightening.id, name));
    expect((await jobOf(jobId)).tightened[0]!.flaws).toEqual(['passes-open']);
    await client.append(jobId, pass(tightening.id, 'verify'));
    expect((await jobOf(jobId)).tightened[0]).toMatchObject({
      flaws: [],
      window: { loNm: 5.4, hiNm: 6.6, namedNm: 6, origin: 'sheet' },
    });
    expect(await usesOf(shop.ids.wrench)).toBe(before + 18);
  });

  it('stay unproven with an overdue wrench', async () => {
    const jobId = await openJob(shop, client);
    const tightening = tighten(shop.ids.overdue, 6);
    await client.append(jobId, tightening);
    for (const name of ['snug', 'half', 'full', 'verify'] as const)
      await client.append(jobId, pass(tightening.id, name));
    const job = await jobOf(jobId);
    expect(job.tightened[0]!.flaws).toEqual(['wrench-out-of-calibration']);
    expect(job.bars.map(({ code }) => code)).toContain('torque-unproven');
  });

  it('refuse a setting or a wrench that cannot prove the window', async () => {
    const jobId = await openJob(shop, client);
    const low = await client.append(jobId, tighten(shop.ids.wrench, 5.4));
    expect(low.body.fields?.[0]).toMatchObject({ path: 'entry.setNm', code: 'outside-window' });
    const large = await client.append(jobId, tighten(shop.ids.large, 6));
    expect(large.body.fields?.[0]).toMatchObject({ path: 'entry.wrenchId', code: 'outside-scale' });
  });
});

describe('fluid', () => {
  const fill = (containerId: string, ml: number) =>
    entry('fill', { end: 'front', containerId, ml, colour: '' });
  const remaining = async (id: string) =>
    (
      await client.send<Page<{ id: string; remainingMl: number; openedOn: string | null }>>(
        'GET',
        '/containers',
      )
    ).body.items.find((c) => c.id === id)!;

  it.each([
    ['wrong-family', 'glycol'],
    ['expired', 'expired'],
    ['written-off', 'writtenOff'],
  ] as const)('refuses a container: %s', async (code, name) => {
    const jobId = await openJob(shop, client);
    const answer = await client.append(jobId, fill(shop.ids[name], 5));
    expect(answer.status).toBe(422);
    expect(answer.body.fields?.[0]).toMatchObject({ path: 'entry.containerId', code });
    expect((await jobOf(jobId)).filled).toEqual([]);
  });

  it('is booked off the container once, and two mechanics cannot take the same last mL', async () => {
    const jobId = await openJob(shop, client);
    const first = fill(shop.ids.bottle, 40);
    await client.append(jobId, first);
    await client.append(jobId, first);
    expect(await remaining(shop.ids.bottle)).toMatchObject({
      remainingMl: 60,
      openedOn: '2026-11-25',
    });

    const otherJob = await openJob(shop, client);
    const answers = await Promise.all([
      client.append(jobId, fill(shop.ids.bottle, 50)),
      client.append(otherJob, fill(shop.ids.bottle, 50)),
    ]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 422]);
    expect((await remaining(shop.ids.bottle)).remainingMl).toBe(10);
    await client.append(jobId, fill(shop.ids.bottle, 10));
    const empty = await client.append(jobId, fill(shop.ids.bottle, 1));
    expect(empty.body.fields?.[0]?.code).toBe('empty');
  });

  it('needs the brake identified first', async () => {
    const jobId = await openJob(shop, client);
    const answer = await client.append(jobId, { ...fill(shop.ids.bottle, 1), end: 'rear' });
    expect(answer.body.fields?.[0]).toMatchObject({ path: 'entry.end', code: 'not-identified' });
  });
});

// Common practice: a job that waits says for what, who was asked, and when to ask again.
describe('a job that waits', () => {
  const onBench = async (jobId: string) =>
    (await client.send<{ items: BenchJob[] }>('GET', '/bench')).body.items.find(
      ({ id }) => id === jobId,
    )!.waits;
  const say = (
    jobId: string,
    what: 'part' | 'maker' | 'nothing',
    asked = '',
    day: string | null = null,
  ) =>
    client.sendJob('POST', `/jobs/${jobId}/entries`, {
      entry: {
        ...entry('waits', { for: 'nothing', asked: '', askAgainOn: null, away: false }),
        for: what,
        asked,
        askAgainOn: day,
      },
      appWord: null,
    });

  // At the head of the Bench, however many jobs there are.
  const first = () => checkIn({ promisedAt: '2026-11-20T08:00:00.000Z' });

  it('stands on the Bench with its day, the last word counting, until it came', async () => {
    const { id } = (await client.sendJob('POST', '/jobs', first())).body;
    expect(await onBench(id)).toBeNull();
    await say(id, 'part', 'Olive, from the mainland', '2026-12-01');
    await say(id, 'maker', 'About the mount', '2026-12-04');
    expect(await onBench(id)).toEqual({
      for: 'maker',
      asked: 'About the mount',
      askAgainOn: '2026-12-04',
      away: false,
    });
    await say(id, 'nothing');
    expect(await onBench(id)).toBeNull();
  });

  it('is refused by its field without who was asked, or without a day', async () => {
    const { id } = (await client.sendJob('POST', '/jobs', first())).body;
    const silent = await say(id, 'part', '', '2026-12-01');
    expect([silent.status, silent.body.fields?.[0]?.path]).toEqual([422, 'entry.asked']);
    const never = await say(id, 'part', 'Olive');
    expect([never.status, never.body.fields?.[0]?.path]).toEqual([422, 'entry.askAgainOn']);
    expect(await onBench(id)).toBeNull();
  });
});

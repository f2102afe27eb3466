import { RECORD_FORMAT } from '@hold-fast/core/job/record';
import { readSealed } from '@hold-fast/contract/recordRead';
import { NOTHING_SAID } from '@hold-fast/core/job/job';
import type { BikePage } from '@hold-fast/contract/bikes';
import type {
  ChainState,
  JobChange,
  Page,
  SealedRecord,
  SealedRow,
} from '@hold-fast/contract/jobs';
import { checkChain, sealLink } from '@hold-fast/core/seal/chain';
import type { Bar } from '@hold-fast/core/procedure/signOff';
import { addDays } from 'date-fns/addDays';
import { v7 as uuid } from 'uuid';
import {
  entry,
  measureRotor,
  openJob,
  checkIn,
  motorBike,
  openTestShop,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';
import mysql from 'mysql2/promise';
import { userInfo } from 'node:os';
import { pino } from 'pino';
import { personByName } from '../people/store';
import { ChainWatch } from './chainWatch';
import { chainAfter, holdHead } from './store';

let shop: TestShop;
let client: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
});
afterAll(() => shop.close());

const GOOD = [1.7, 1.71, 1.72, 1.7, 1.7, 1.71];
const sign = (jobId: string, change: object = {}) =>
  client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
    ...change,
  });
const codes = (answer: Awaited<ReturnType<typeof sign>>) =>
  (answer.body.facts?.bars as Bar[] | undefined)?.map(({ code }) => code);
const confirmLever = (jobId: string) =>
  client.append(jobId, entry('test', { test: 'lever-side', end: null, outcome: 'passed' }));

/** What was sealed of a job, as it stands in its record. */
async function held(jobId: string): Promise<unknown> {
  const rows = (await client.send<Page<SealedRow>>('GET', '/records')).body.items;
  const { id } = rows.find((row) => row.jobId === jobId)!;
  const { canonical } = (await client.send<SealedRecord>('GET', `/records/${id}`)).body;
  return (JSON.parse(canonical) as { record: unknown }).record;
}

async function readyJob(points = GOOD, change: Record<string, unknown> = {}): Promise<string> {
  const jobId = await openJob(shop, client, change);
  await measureRotor(shop, client, jobId, points);
  await confirmLever(jobId);
  return jobId;
}

describe('signing off', () => {
  it('seals a job that is proven; what was not looked at is said and bars nothing', async () => {
    const jobId = await readyJob();
    const answer = await sign(jobId);
    expect(answer.status).toBe(201);
    expect(answer.body.status).toBe('sealed');
    const rows = (await client.send<Page<SealedRow>>('GET', '/records')).body.items;
    const record = (await client.send<SealedRecord>('GET', `/records/${rows[0]!.id}`)).body;
    const { record: held } = JSON.parse(record.canonical) as { record: Record<string, unknown> };
    expect(held).toMatchObject({
      format: RECORD_FORMAT,
      bike: { name: expect.stringMatching(/^sha256:/) as unknown },
      inspection: [{ end: 'front', subject: 'rotor', word: 'holds' }],
      notInspected: expect.arrayContaining([
        { end: 'front', subject: 'pads' },
        { end: 'rear', subject: 'rotor' },
        { end: 'rear', subject: 'leaks' },
      ]) as unknown,
      signedOff: { by: 'Mechanic' },
    });
  });

  it('refuses a wrong PIN, and makes the next wait after ten', async () => {
    const other = await shop.signedIn('Owner');
    const jobId = await readyJob();
    const send = () =>
      other.send('POST', `/jobs/${jobId}/sign-off`, {
        id: uuid(),
        pin: '0000',
        toldOf: [],
      });
    for (let i = 0; i < 10; i++) expect((await send()).body.type).toMatch('wrong-pin');
    expect((await send()).body.type).toMatch('too-many-tries');
  });

  it('refuses Replace, and lets it go only as the customer’s recorded refusal', async () => {
    const jobId = await readyJob([1.47, 1.6, 1.6]);
    expect(codes(await sign(jobId))).toEqual(['replace-open']);
    const decided = await client.send('POST', `/jobs/${jobId}/decisions`, {
      id: uuid(),
      end: 'front',
      subject: 'rotor',
      decision: 'customer-refused',
      words: 'I will have it done in spring',
      personName: 'Mechanic',
      pin: PIN,
    });
    expect(decided.status).toBe(201);
    expect((await sign(jobId)).status).toBe(201);
  });

  it('refuses Unproven until a lead accepts it with a reason; a mechanic may not', async () => {
    const jobId = await openJob(shop, client);
    await measureRotor(shop, client, jobId, GOOD, { zero: null });
    await confirmLever(jobId);
    expect(codes(await sign(jobId))).toEqual(['unproven-open']);
    const accept = (personName: string, pin = PIN) =>
      client.send('POST', `/jobs/${jobId}/decisions`, {
        id: uuid(),
        end: 'front',
        subject: 'rotor',
        decision: 'accepted-unproven',
        words: 'Gauge zeroed this morning',
        personName,
        pin,
      });
    expect((await accept('Mechanic')).body.type).toMatch('not-allowed');
    expect((await accept('Lead', '1111')).body.type).toMatch('wrong-pin');
    expect((await accept('Lead')).status).toBe(201);
    expect((await sign(jobId)).status).toBe(201);
  });

  it('asks again when what was accepted has changed since', async () => {
    const jobId = await openJob(shop, client);
    const measurementId = await measureRotor(shop, client, jobId, GOOD, { zero: null });
    await confirmLever(jobId);
    await client.send('POST', `/jobs/${jobId}/decisions`, {
      id: uuid(),
      end: 'front',
      subject: 'rotor',
      decision: 'accepted-unproven',
      words: 'Fine',
      personName: 'Lead',
      pin: PIN,
    });
    await client.append(
      jobId,
      entry('reading', { measurementId, place: '1', valueMm: 1.55, typed: '155', replaces: null }),
    );
    expect(codes(await sign(jobId))).toEqual(['unproven-open']);
  });

  it('still refuses Replace when a new sitting was begun, or read without the worn place', async () => {
    const jobId = await readyJob([1.47, 1.6, 1.6]);
    await measureRotor(shop, client, jobId, []);
    expect(codes(await sign(jobId))).toEqual(['replace-open']);
    await measureRotor(shop, client, jobId, [1.7]);
    expect(codes(await sign(jobId))).toEqual(['replace-open']);
    await measureRotor(shop, client, jobId, [1.6, 1.6, 1.6]);
    expect(codes(await sign(jobId))).toEqual(['replace-open']);
  });

  it('passes Watch with the customer told of it, and not of something else', async () => {
    const jobId = await readyJob([1.57, 1.6, 1.6]);
    expect(codes(await sign(jobId))).toEqual(['watch-untold']);
    const told = (end: string) => sign(jobId, { toldOf: [{ end, subject: 'rotor' }] });
    expect(codes(await told('rear'))).toEqual(['watch-untold']);
    // Of what is not watched nobody was told anything, whatever is sent.
    const more = ['pads', 'rotor'].map((subject) => ({ end: 'front', subject }));
    expect((await sign(jobId, { toldOf: more })).status).toBe(201);
    expect(await held(jobId)).toMatchObject({
      signedOff: { toldOf: [{ end: 'front', subject: 'rotor' }] },
    });
  });

  it('refuses what was proven before the bike left the shop, and takes it proven anew', async () => {
    const jobId = await readyJob();
    const wait = (what: 'customer' | 'nothing', away: boolean) =>
      client.append(
        jobId,
        entry('waits', {
          for: what,
          asked: what === 'nothing' ? '' : 'The rider',
          askAgainOn: what === 'nothing' ? null : '2026-12-01',
          away,
        }),
      );
    await wait('customer', true);
    expect(codes(await sign(jobId))).toEqual(['away', 'unproven-open', 'lever-side-unconfirmed']);
    await wait('nothing', false);
    expect(codes(await sign(jobId))).toEqual(['unproven-open', 'lever-side-unconfirmed']);
    await confirmLever(jobId);
    await measureRotor(shop, client, jobId, GOOD);
    expect((await sign(jobId)).status).toBe(201);
  });

  it('asks of what was proven on an earlier day whether the bike stayed, and takes nothing of it where it did not', async () => {
    const [first, next] = ['2026-11-25', '2026-11-26'];
    const stays = (jobId: string, said: { out: boolean; backBefore: string | null }) =>
      client.append(jobId, {
        ...entry('stay', { since: first, ...said }),
        at: shop.clock.now.toISOString(),
      });
    const [here, out] = [await readyJob(), await readyJob()];
    const { now } = shop.clock;
    shop.clock.now = addDays(now, 1);
    client = await shop.signedIn();
    try {
      expect(codes(await sign(here))).toEqual(['stay-unsaid']);
      expect((await stays(here, { out: true, backBefore: first })).status).toBe(422);
      await stays(here, { out: false, backBefore: null });
      expect((await sign(here)).status).toBe(201);
      expect(await held(here)).toMatchObject({
        told: [expect.objectContaining({ kind: 'stay', since: first, out: false })],
      });

      await stays(out, { out: true, backBefore: next });
      expect(codes(await sign(out))).toEqual(['unproven-open', 'lever-side-unconfirmed']);
    } finally {
      shop.clock.now = now;
    }
  });

  it('takes no wait that does not say where the bike is', async () => {
    const jobId = await readyJob();
    const { away: _, ...unsaid } = entry('waits', {
      for: 'part',
      asked: 'Two olives',
      askAgainOn: '2026-12-01',
      away: false,
    });
    const answer = await client.append(jobId, unsaid as never);
    expect(answer.status).toBe(422);
    expect(answer.body.fields?.[0]?.path).toMatch('away');
  });

  it('refuses an unconfirmed lever side, a failed lever, an untested cut-off, a crack', async () => {
    const jobId = await openJob(shop, client, {
      frontLever: null,
      ...motorBike(),
    });
    await measureRotor(shop, client, jobId, GOOD);
    await client.append(
      jobId,
      entry('look-over', { end: 'front', area: 'rotor', found: ['crack'] }),
    );
    await client.append(
      jobId,
      entry('test', { test: 'lever-feel', end: 'front', outcome: 'failed' }),
    );
    expect(codes(await sign(jobId))).toEqual([
      'do-not-ride',
      'do-not-ride',
      'lever-side-unconfirmed',
      'cut-off-untested',
      'cut-off-untested',
    ]);
  });

  it('decides nothing that is not there to decide', async () => {
    const jobId = await readyJob();
    const answer = await client.send('POST', `/jobs/${jobId}/decisions`, {
      id: uuid(),
      end: 'front',
      subject: 'rotor',
      decision: 'customer-refused',
      words: 'No',
      personName: 'Mechanic',
      pin: PIN,
    });
    expect(answer.body.type).toMatch('nothing-to-decide');
  });
});

describe('what changed a thing since it was proven', () => {
  it.each([
    [
      'away',
      () => [
        entry('waits', { for: 'customer', asked: 'Rider', askAgainOn: '2026-12-01', away: true }),
        entry('waits', { for: 'nothing', asked: '', askAgainOn: null, away: true }),
      ],
    ],
    ['taken-off', () => [entry('part-off', { end: 'front', part: 'rotor', goes: 'scrap' })]],
  ] as const)('is sealed as the record’s format says: %s', async (code, change) => {
    const jobId = await readyJob(GOOD);
    for (const each of change()) expect((await client.append(jobId, each)).status).toBe(201);
    const leave = { words: 'Takes it as it is', takenBy: 'The rider' };
    const sealed = await sign(jobId, { notRepaired: leave });
    expect(sealed.status).toBe(201);
    const { inspection } = (await held(jobId)) as { inspection: Record<string, unknown>[] };
    expect(inspection.find(({ subject }) => subject === 'rotor')).toMatchObject({
      lapsed: { by: { code } },
    });
    expect(shop.faults).toEqual([]);
  });
});

describe('a job closed with its bike not repaired', () => {
  const leave = { words: 'Too dear; will think about it', takenBy: 'Sunniva Marr' };
  const WORN = [1.45, 1.7, 1.7];

  it('passes nothing: what is open hangs on the bike and opens the next visit', async () => {
    const jobId = await readyJob(WORN);
    expect(codes(await sign(jobId))).toEqual(['replace-open']);
    const closed = await sign(jobId, { notRepaired: leave });
    expect(closed.status).toBe(201);
    const { body: job } = await client.sendJob('GET', `/jobs/${jobId}`);
    expect(job.sealed!.notRepaired).toEqual(leave);
    expect(job.tags).toMatchObject([{ end: 'front', subject: 'rotor', jobId }]);
    const page = await client.send<BikePage>('GET', `/bikes/${job.bike.id}`);
    expect(page.body.doNotRide).toMatchObject({ jobId });
    expect(page.body.jobs[0]).toMatchObject({ id: jobId, notRepaired: true });
    const ledger = await client.send<{ items: SealedRow[] }>('GET', '/records');
    expect(ledger.body.items.find((each) => each.jobId === jobId)?.notRepaired).toBe(true);

    const next = checkIn({ customer: job.customer.id, bike: job.bike.id });
    await client.send('POST', '/jobs', next);
    const { body: opened } = await client.sendJob('GET', `/jobs/${next.id}`);
    expect(opened.bars.map(({ code }) => code)).toContain('still-tagged');
  });

  it('says by its fields what is missing, and is still under a PIN', async () => {
    const jobId = await readyJob(WORN);
    const silent = await sign(jobId, { notRepaired: { ...leave, takenBy: '' } });
    expect([silent.status, silent.body.fields?.[0]?.path]).toEqual([422, 'notRepaired.takenBy']);
    expect((await sign(jobId, { notRepaired: leave, pin: '0000' })).status).toBe(403);
    expect((await client.sendJob('GET', `/jobs/${jobId}`)).body.sealed).toBeNull();
  });

  it('while another phone works on it: what comes after is told so, and changes nothing', async () => {
    const jobId = await readyJob(WORN);
    const other = await shop.signedIn();
    expect((await sign(jobId, { notRepaired: leave })).status).toBe(201);
    const late = await other.sendJob('POST', `/jobs/${jobId}/entries`, {
      entry: entry('look-over', { end: 'front', area: 'rotor', found: [] }),
      appWord: null,
    });
    expect([late.status, late.body.type]).toEqual([409, 'urn:hold-fast:problem:job-sealed']);
  });
});

describe('the chain of seals', () => {
  it('is walked beside the shop’s work, then only what was added; others are answered meanwhile', async () => {
    const jobId = await readyJob();
    const record = await sign(jobId);
    expect(record.status).toBe(201);
    // Two thousand links after those there, each as long as a small record.
    const { head, number } = (await holdHead(shop.pool))!;
    let prev = head;
    const root = await mysql.createConnection({
      socketPath: process.env.TEST_SOCKET!,
      user: userInfo().username,
      database: shop.account.database!,
    });
    const personId = (await personByName(shop.pool, 'Mechanic'))!.id;
    await root.query('SET FOREIGN_KEY_CHECKS = 0');
    for (let batch = 0; batch < 4; batch++) {
      const rows = Array.from({ length: 500 }, (_, i) => {
        const link = sealLink({ prev, record: { n: batch * 500 + i, words: 'x'.repeat(2000) } });
        prev = link.seal;
        return [
          uuid(),
          number + 1 + batch * 500 + i,
          jobId,
          link.canonical,
          link.seal,
          JSON.parse(link.canonical).prev,
          shop.clock.now,
          personId,
          1 + batch * 500 + i,
        ];
      });
      await root.query(
        'INSERT INTO sealed_record (id, number, job_id, canonical, seal, prev, sealed_at, sealed_by, nth) VALUES ?',
        [rows],
      );
    }
    await root.query('UPDATE counter SET head = ?, last_record = ?', [prev, number + 2_000]);

    const state = async () => (await client.send<ChainState>('GET', '/chain')).body;
    // Others are answered all the while it walks, each with how far it has come.
    const seen: number[] = [];
    let last = await state();
    while (last.whole && last.checked < last.links) {
      expect((await client.send('GET', '/session')).status).toBe(200);
      seen.push(last.checked);
      last = await state();
    }
    expect(seen.length).toBeGreaterThan(5);
    expect(seen).toEqual([...seen].sort((one, other) => one - other));
    expect(last).toEqual({
      whole: true,
      checked: number + 2_000,
      links: number + 2_000,
      head: prev,
    });

    // A link that was meddled with is named, once the walk comes by it.
    await root.query(
      'UPDATE sealed_record SET canonical = CONCAT(canonical, " ") WHERE number = ?',
      [number + 77],
    );
    const afresh = new ChainWatch({ pool: shop.pool, log: pino({ level: 'silent' }) });
    await afresh.walk();
    expect(await afresh.state()).toEqual({
      whole: false,
      number: number + 77,
      because: 'text-changed',
    });
    await root.query('UPDATE sealed_record SET canonical = TRIM(canonical) WHERE number = ?', [
      number + 77,
    ]);
    await root.end();
  });
});

describe('a sealed job', () => {
  it('takes no further entry, change or signature, and its text stays the same', async () => {
    const jobId = await readyJob();
    const signature = { id: uuid(), pin: PIN, toldOf: [] };
    const first = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, signature);
    const again = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, signature);
    expect(again.body.sealed).toEqual(first.body.sealed);

    const before = JSON.stringify(await chainAfter(shop.pool, 0, 20_000));
    const measurementId = first.body.measured[0]!.id;
    const late = [
      await client.append(jobId, entry('look', { measurementId, subject: 'ridge', seen: true })),
      await client.append(
        jobId,
        entry('reading', { measurementId, place: '1', valueMm: 1.4, typed: '', replaces: null }),
      ),
      await client.send('PUT', `/jobs/${jobId}`, {
        id: uuid(),
        version: 1,
        ...NOTHING_SAID,
        complaint: 'Nothing',
        symptoms: [],
        frontLever: 'right',
        odometerKm: null,
        promisedAt: '2026-11-25T11:30:00.000Z',
        minutes: null,
      }),
      await sign(jobId),
    ];
    expect(late.map(({ status }) => status)).toEqual([409, 409, 409, 409]);
    expect(JSON.stringify(await chainAfter(shop.pool, 0, 20_000))).toBe(before);
  });

  it('says what closing and amending it changed besides the job', async () => {
    const jobId = await readyJob();
    const changedBy = async (to: string, sent: object) =>
      (
        await client.send<JobChange>('POST', `/jobs/${jobId}/${to}`, {
          id: uuid(),
          pin: PIN,
          ...sent,
        })
      ).body.registers;
    expect(await changedBy('sign-off', { toldOf: [] })).toEqual(['records', 'chain', 'dues']);
    const amendment = { words: 'The lot was K22-119.', takesBack: [] };
    expect(await changedBy('amendments', amendment)).toEqual(['records', 'chain']);
  });

  it('is listed once at its bike, however often it was amended', async () => {
    const jobId = await readyJob();
    const { bike } = (await sign(jobId)).body;
    for (const words of ['The lot was K22-119.', 'The odometer was 1,204.'])
      await client.send('POST', `/jobs/${jobId}/amendments`, {
        id: uuid(),
        words,
        takesBack: [],
        pin: PIN,
      });
    const { jobs } = (await client.send<BikePage>('GET', `/bikes/${bike.id}`)).body;
    expect(jobs.filter(({ id }) => id === jobId)).toHaveLength(1);
  });

  it('hangs in a chain that checks out, also when many sign at once', async () => {
    const jobs = await Promise.all(Array.from({ length: 4 }, () => readyJob()));
    const answers = await Promise.all(jobs.map((jobId) => sign(jobId)));
    expect(answers.map(({ status }) => status)).toEqual(jobs.map(() => 201));
    const links = await chainAfter(shop.pool, 0, 20_000);
    expect(checkChain(links)).toMatchObject({ whole: true, length: links.length });
    expect(links.map(({ number }) => number)).toEqual(links.map((_, i) => i + 1));
    expect((await client.send('GET', '/chain')).body).toMatchObject({ whole: true });
  });
});

describe('the Ledger', () => {
  const found = async (query: string) =>
    (await client.send<Page<SealedRow>>('GET', `/records?${query}`)).body.items.map(
      ({ jobId }) => jobId,
    );

  it('finds a record by its customer, bike, serial, tag and mechanic, all words together', async () => {
    const { customer, bike } = checkIn();
    const jobId = await readyJob(GOOD, {
      customer: { ...customer, name: 'Quirine Oldenbarn' },
      bike,
    });
    const signed = await sign(jobId);
    expect(signed.status).toBe(201);
    const { tag } = signed.body;
    const { serial } = signed.body.bike;
    for (const q of ['oldenb', `quirine post`, `oldenbarn ${tag}`, 'Oldenbarn mechanic', serial])
      expect([q, await found(`q=${encodeURIComponent(q)}`)]).toEqual([q, [jobId]]);
    expect(await found('q=oldenbarn%20nobody')).toEqual([]);
    expect(await found('q=oldenbarn&word=holds')).toEqual([jobId]);
    expect(await found('q=oldenbarn&word=replace')).toEqual([]);
    expect(await found('q=%25')).toEqual(await found(''));
  });

  it('finds by the lot of the fluid that went in', async () => {
    const jobId = await readyJob();
    // No serial of a test, which ends in digits of chance, has its end in it.
    const lot = 'K22-1XZ';
    await shop.pool.query('UPDATE container SET lot = ? WHERE id = ?', [lot, shop.ids.bottle]);
    expect(await found(`q=${encodeURIComponent(lot)}`)).toEqual([]);
    await client.append(
      jobId,
      entry('fill', { end: 'front', containerId: shop.ids.bottle, ml: 4, colour: '' }),
    );
    const left = { words: 'Takes it as it is', takenBy: 'Harbour post' };
    expect((await sign(jobId, { notRepaired: left })).status).toBe(201);
    for (const q of [lot, 'k22-1']) expect(await found(`q=${q}`)).toEqual([jobId]);
    expect(await found('q=1XZ')).toEqual([]);
    expect(await found('q=K%25-1XZ')).toEqual([]);
  });

  it('finds by days as the shop counts them, the last day whole', async () => {
    const [later, ...more] = await found('from=2026-11-26');
    expect(more).toEqual([]);
    const thatDay = await found('from=2026-11-25&to=2026-11-25');
    expect(thatDay.length).toBeGreaterThan(0);
    expect(thatDay).not.toContain(later);
    expect(await found('from=2026-11-27')).toEqual([]);
    expect(await found('to=2026-11-24')).toEqual([]);
    const bad = await client.send('GET', '/records?from=yesterday');
    expect(bad.status).toBe(422);
    expect(JSON.stringify(bad.body)).toContain('from');
  });

  it('lays a sealed text out again, its amendments beside it', async () => {
    const jobId = await readyJob();
    expect((await sign(jobId)).status).toBe(201);
    const amended = await client.send('POST', `/jobs/${jobId}/amendments`, {
      id: uuid(),
      pin: PIN,
      words: 'The rotor was read on the wrong bike',
      takesBack: [{ end: 'front', subject: 'rotor' }],
    });
    expect(amended.status).toBe(201);
    const { items } = (await client.send<Page<SealedRow>>('GET', '/records')).body;
    const [own, amendment] = [0, 1].map((nth) =>
      items.find((row) => row.jobId === jobId && row.nth === nth)!,
    );
    const read = async (id: string) =>
      (await client.send<SealedRecord>('GET', `/records/${id}`)).body;
    const record = await read(own!.id);
    expect(record.beside).toMatchObject([
      { id: amendment!.id, nth: 1, words: 'The rotor was read on the wrong bike' },
    ]);
    expect(record.beside[0]!.takesBack).toEqual([{ end: 'front', subject: 'rotor' }]);
    expect(readSealed(record.canonical, record.withheld)).toMatchObject({
      record: {
        bike: { name: 'Post trike 7' },
        inspection: [{ end: 'front', subject: 'rotor', word: 'holds' }],
        measured: [{ part: 'rotor', readings: expect.arrayContaining([]) as unknown }],
      },
    });
    const other = await read(amendment!.id);
    expect(other.beside).toMatchObject([{ id: own!.id, nth: 0, words: null, takesBack: [] }]);
    expect(readSealed(other.canonical, other.withheld)).toMatchObject({
      amendment: { takesBack: [{ end: 'front', subject: 'rotor' }] },
    });
  });

  it('reads what an older format held, and takes nothing for a record that is none', () => {
    const old = { format: 'hold-fast/job-record/3', tag: 7, bike: { name: 'Trike' }, customer: {} };
    expect(readSealed(JSON.stringify({ record: old }), null)).toMatchObject({
      record: { tag: 7, bike: { name: 'Trike', maker: '' }, measured: [], signedOff: null },
    });
    const odd = { ...old, inspection: [{ end: 'front', subject: 'rotor', word: 'splendid' }] };
    expect(readSealed(JSON.stringify({ record: odd }), null)).toMatchObject({
      record: { inspection: [] },
    });
    for (const text of ['', '{}', '{"record":{"n":1}}', '[1]'])
      expect(readSealed(text, null)).toBeNull();
  });
});

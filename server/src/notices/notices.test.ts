import type { BikePage } from '@hold-fast/contract/bikes';
import type { BikeMet, NoticeKept } from '@hold-fast/contract/notices';
import type { Page } from '@hold-fast/contract/jobs';
import { v7 as uuid } from 'uuid';
import {
  comeAgain,
  checkIn,
  entry,
  openJob,
  openTestShop,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let mechanic: Client;
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  mechanic = await shop.signedIn();
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const notice = (change: object = {}) => ({
  id: uuid(),
  title: 'Levers that stick',
  words: 'Change the lever blade.',
  source: 'Bulletin 7',
  doNotRide: false,
  maker: '',
  serialFrom: '',
  serialTo: '',
  sheetId: null,
  lot: '',
  withdrawn: false,
  withdrawnBecause: '',
  ...change,
});
const write = async (change: object) => {
  const written = notice(change);
  const answer = await lead.send<NoticeKept>('POST', '/notices', written);
  expect(answer.status).toBe(201);
  return written.id;
};
const metBy = async (noticeId: string, by = lead) =>
  (await by.send<Page<BikeMet>>('GET', `/notices/${noticeId}/bikes`)).body.items;
const jobOf = async (jobId: string) => (await mechanic.sendJob('GET', `/jobs/${jobId}`)).body;
const barsOf = async (jobId: string) => (await jobOf(jobId)).bars.map(({ code }) => code);

describe('a maker’s notice', () => {
  it('lists the bikes it meets by maker and serials, with whom to ring for whoever rings', async () => {
    const bike = (serial: string) => {
      const made = checkIn();
      return { ...made, bike: { ...made.bike, maker: 'Skarn', serial } };
    };
    for (const serial of ['SK-99', 'SK-100', 'SK-250', 'SK-300', 'SK199'])
      await mechanic.send('POST', '/jobs', bike(serial));
    const id = await write({ maker: 'skarn', serialFrom: 'SK-100', serialTo: 'SK-250' });
    const met = (await metBy(id)).filter(({ maker }) => maker === 'Skarn');
    expect(met.map(({ serial }) => serial).sort()).toEqual(['SK-100', 'SK-250', 'SK199']);
    expect(met.map(({ phone }) => phone)).toEqual(['0555 0140', '0555 0140', '0555 0140']);
    const likeIt = await write({ maker: 'SKARN.', serialFrom: 'SK 100', serialTo: 'SK 250' });
    expect((await metBy(likeIt)).map(({ serial }) => serial).sort()).toEqual([
      'SK-100',
      'SK-250',
      'SK199',
    ]);
    expect((await metBy(id, mechanic)).map(({ phone }) => phone)).not.toContain('0555 0140');
  });

  it('meets a brake by its sheet, bars the job until it is answered, and is not asked again', async () => {
    const jobId = await openJob(shop, mechanic);
    const sheetId = (await jobOf(jobId)).identified.front!.sheet.sheetId;
    const id = await write({ sheetId, title: 'Clamps that slip' });
    expect(await barsOf(jobId)).toContain('notice-open');
    const bikeId = (await jobOf(jobId)).bike.id;
    const page = async () => (await mechanic.send<BikePage>('GET', `/bikes/${bikeId}`)).body;
    expect((await page()).notices.map((met) => met.title)).toContain('Clamps that slip');
    const answered = await mechanic.append(
      jobId,
      entry('notice-answer', { noticeId: id, noticeVersion: 1, words: 'New clamp, 5 N·m' }),
    );
    expect(answered.status).toBe(201);
    expect(await barsOf(jobId)).not.toContain('notice-open');

    await mechanic.append(
      jobId,
      entry('test', { test: 'lever-side', end: null, outcome: 'passed' }),
    );
    const signed = await mechanic.send('POST', `/jobs/${jobId}/sign-off`, {
      id: uuid(),
      pin: PIN,
      toldOf: [],
      notRepaired: null,
    });
    expect(signed.status).toBe(201);
    expect((await page()).notices).toEqual([]);
    const next = await comeAgain(shop, mechanic, (await jobOf(jobId)).bike);
    await mechanic.append(
      next.id,
      entry('identification', {
        end: 'front',
        sheetRevisionId: shop.ids.sheet,
        stampedLimit: null,
      }),
    );
    const { notices, bars } = await jobOf(next.id);
    expect(notices).toContainEqual(expect.objectContaining({ id, answeredBefore: true }));
    expect(bars.map(({ code }) => code)).not.toContain('notice-open');

    const again = notice({ sheetId, title: 'Clamps that slip, second edition' });
    const rewritten = await lead.send('PUT', `/notices/${id}`, {
      version: 1,
      notice: { ...again, id },
    });
    expect(rewritten.status).toBe(200);
    expect((await page()).notices.map(({ version }) => version)).toEqual([2]);
    await lead.send('PUT', `/notices/${id}`, {
      version: 2,
      notice: { ...again, id, withdrawn: true, withdrawnBecause: 'Maker took it back' },
    });
    expect((await page()).notices).toEqual([]);
  });

  it('an answer that was taken back is none at a later visit', async () => {
    const jobId = await openJob(shop, mechanic);
    const { bike, identified } = await jobOf(jobId);
    const sheet = { sheetId: identified.front!.sheet.sheetId };
    const id = await write(sheet);
    const answer = entry('notice-answer', { noticeId: id, noticeVersion: 1, words: 'Looked' });
    await mechanic.append(jobId, answer);
    await mechanic.append(jobId, entry('taken-back', { of: answer.id }));
    const { notices } = await comeAgain(shop, mechanic, bike);
    expect(notices).toContainEqual(expect.objectContaining({ id, answeredBefore: false }));
    const over = { withdrawn: true, withdrawnBecause: 'Over' };
    await lead.send('PUT', `/notices/${id}`, {
      version: 1,
      notice: { ...notice(sheet), id, ...over },
    });
  });

  it('meets what was filled from its lot, also at a visit after', async () => {
    const jobId = await openJob(shop, mechanic);
    const id = await write({ lot: 'L1', doNotRide: true });
    expect(await barsOf(jobId)).not.toContain('notice-open');
    await mechanic.append(
      jobId,
      entry('fill', { end: 'front', containerId: shop.ids.bottle, ml: 5, colour: '' }),
    );
    const job = await jobOf(jobId);
    expect(job.bars).toContainEqual(
      expect.objectContaining({ code: 'notice-open', doNotRide: true }),
    );
    expect((await metBy(id)).map(({ bikeId }) => bikeId)).toContain(job.bike.id);
    const refused = await mechanic.append(
      jobId,
      entry('notice-answer', { noticeId: id, noticeVersion: 1, words: 'Flushed' }),
    );
    expect([refused.status, refused.body.fields?.[0]?.code]).toEqual([422, 'lead-only']);
    // The bottle’s label was copied by one, the maker’s letter by another.
    const copied = await write({ lot: 'l-01' });
    expect((await metBy(copied)).map(({ bikeId }) => bikeId)).toContain(job.bike.id);
    const later = await comeAgain(shop, mechanic, job.bike);
    const open = later.bars.flatMap((bar) => (bar.code === 'notice-open' ? [bar] : []));
    expect(open).toHaveLength(2);
  });

  it('answered and then left unrepaired, it is asked about again: what went in after the answer nobody signed for', async () => {
    const close = (jobId: string, notRepaired: object | null) =>
      mechanic.send('POST', `/jobs/${jobId}/sign-off`, {
        id: uuid(),
        pin: PIN,
        toldOf: [],
        notRepaired,
      });
    const fill = (jobId: string) =>
      mechanic.append(
        jobId,
        entry('fill', { end: 'front', containerId: shop.ids.bottle, ml: 5, colour: '' }),
      );
    const jobId = await openJob(shop, mechanic);
    const id = await write({ lot: 'L1' });
    await fill(jobId);
    const answered = await mechanic.append(
      jobId,
      entry('notice-answer', { noticeId: id, noticeVersion: 1, words: 'Flushed out' }),
    );
    expect(answered.status).toBe(201);
    const { bike, notices } = await jobOf(jobId);
    expect(notices).toContainEqual(expect.objectContaining({ id, answeredBefore: false }));
    await fill(jobId);
    expect(await barsOf(jobId)).toContain('notice-open');
    const left = await close(jobId, { words: 'No time', takenBy: 'Ana Rider' });
    expect(left.status).toBe(201);
    const next = await comeAgain(shop, mechanic, bike);
    expect(next.notices).toContainEqual(expect.objectContaining({ id, answeredBefore: false }));
    expect(next.bars).toContainEqual(expect.objectContaining({ code: 'notice-open' }));
  });

  it.each([
    [{}, 'maker', 'meets-nobody'],
    [{ serialTo: 'A-1' }, 'maker', 'maker-of-serials'],
    [{ maker: 'Skarn', serialFrom: 'B-2', serialTo: 'B-1' }, 'serialTo', 'range-reversed'],
    [{ lot: 'L', withdrawn: true }, 'withdrawnBecause', 'why-no-more'],
    [{ sheetId: uuid() }, 'sheetId', 'unknown'],
    [{ lot: 'L', title: ' ' }, 'title', 'too_small'],
  ])('%j is refused at %s: %s', async (change, path, code) => {
    const answer = await lead.send('POST', '/notices', notice(change));
    expect(answer.status).toBe(422);
    expect(answer.body.fields).toContainEqual(expect.objectContaining({ path, code }));
  });

  it('is not changed to meet fewer, or to let them ride, unless it is said why; who said it stands there', async () => {
    const scope = { maker: 'Skarn', serialFrom: 'SK-1', serialTo: 'SK-9', doNotRide: true };
    const id = await write(scope);
    const put = (version: number, change: object, because?: string) =>
      lead.send<NoticeKept>('PUT', `/notices/${id}`, {
        version,
        notice: { ...notice(scope), id, ...change },
        ...(because === undefined ? {} : { because }),
      });
    for (const change of [{ serialTo: 'SK-8' }, { doNotRide: false }, { lot: 'L9' }])
      expect(await put(1, change, ' ')).toMatchObject({
        status: 422,
        body: { fields: [{ path: 'because', code: 'why-fewer' }] },
      });
    expect(await put(1, { serialTo: 'SK-19' })).toMatchObject({
      status: 200,
      body: { version: 2, narrowed: null },
    });
    const narrowed = { by: 'Lead', because: 'The maker’s second edition says so' };
    expect(await put(2, { serialTo: 'SK-8' }, narrowed.because)).toMatchObject({
      status: 200,
      body: { serialTo: 'SK-8', narrowed },
    });
    const over = { serialTo: 'SK-8', withdrawn: true, withdrawnBecause: 'Over' };
    expect((await put(3, over)).body).toMatchObject({ withdrawn: true, narrowed });
  });

  it('is a lead’s to write; two at once are told of each other', async () => {
    expect((await mechanic.send('POST', '/notices', notice({ lot: 'L9' }))).status).toBe(403);
    const id = await write({ lot: 'L9' });
    const change = (words: string) =>
      lead.send('PUT', `/notices/${id}`, { version: 1, notice: notice({ id, lot: 'L9', words }) });
    expect((await change('First')).status).toBe(200);
    const second = await change('Second');
    expect([second.status, second.body.facts]).toMatchObject([
      409,
      { current: { words: 'First' } },
    ]);
  });
});

describe('an apprentice', () => {
  it('leaves what they did to a second pair of eyes, on the server too', async () => {
    const apprentice = await shop.signedIn('Apprentice');
    const jobId = await openJob(shop, apprentice);
    await apprentice.append(
      jobId,
      entry('fill', { end: 'front', containerId: shop.ids.bottle, ml: 5, colour: '' }),
    );
    expect((await jobOf(jobId)).byApprentice.length).toBeGreaterThan(0);
    expect(await barsOf(jobId)).toContain('unseconded');
    const look = (by: Client) =>
      by.append(jobId, entry('second-look', { end: 'front', words: 'Ports and bolts' }));
    const own = await look(apprentice);
    expect([own.status, own.body.fields?.[0]?.code]).toEqual([422, 'second-pair']);
    expect((await look(mechanic)).status).toBe(201);
    expect(await barsOf(jobId)).not.toContain('unseconded');
  });
});

describe('a comeback', () => {
  it('says what was planned and how it was left, and is one of this bike’s own', async () => {
    const jobId = await openJob(shop, mechanic);
    await mechanic.append(
      jobId,
      entry('test', { test: 'lever-side', end: null, outcome: 'passed' }),
    );
    await mechanic.append(jobId, entry('look-over', { end: 'front', area: 'hose', found: [] }));
    const { bike, customer, tag, bars } = await jobOf(jobId);
    expect(bars).toEqual([]);
    await mechanic.send('POST', `/jobs/${jobId}/sign-off`, {
      id: uuid(),
      pin: PIN,
      toldOf: [],
      notRepaired: null,
    });
    const back = checkIn({ customer: customer.id, bike: bike.id, comebackOf: jobId });
    const answer = await mechanic.sendJob('POST', '/jobs', back);
    expect(answer.body.comeback).toMatchObject({
      jobId,
      tag,
      complaint: 'Front rotor',
      sealed: { by: 'Mechanic' },
      left: [{ end: 'front', subject: 'hose', word: 'holds' }],
    });
    const other = await mechanic.send('POST', '/jobs', checkIn({ comebackOf: jobId }));
    expect([other.status, other.body.fields?.[0]]).toMatchObject([
      422,
      { path: 'comebackOf', code: 'not-this-bikes' },
    ]);
  });
});

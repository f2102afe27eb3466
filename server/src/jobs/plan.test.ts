import type { End } from '@hold-fast/core/ends';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import type { Job } from '@hold-fast/core/job/job';
import { standingSteps } from '@hold-fast/core/evidence/stepped';
import { brakeAt, planOf, visitOf } from '@hold-fast/core/job/visit';
import type { EntryAsSent } from '@hold-fast/contract/entries';
import type { BenchPage } from '@hold-fast/contract/jobs';
import { planAt } from '@hold-fast/core/plan/visit';
import { v7 as uuid } from 'uuid';
import { fastenedBy } from '@hold-fast/core/procedure/fastened';
import { stepRule, type StepId } from '@hold-fast/core/procedure/steps';
import {
  comeAgain,
  entry,
  measure,
  motorBike,
  openJob,
  openTestShop,
  SHEET,
  tighten,
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

const choose = (
  front: string[],
  rear: string[] = [],
  again: EntryOf<'plan-choice'>['again'] = [],
) =>
  entry('plan-choice', {
    again,
    procedures: { front, rear } as never,
    bleed: { front: 'gravity-down', rear: 'push-up' },
    agreed: 'agreed',
    words: 'Go ahead',
  });
const stepOf = (job: Job, step: string, end: End | null, change: object = {}) =>
  entry('plan-step', {
    step: step as never,
    end,
    outcome: 'done',
    reason: '',
    after: job.stepped.at(-1)?.id ?? null,
    ...change,
  });
const send = (jobId: string, sent: EntryAsSent, by = client) =>
  by.sendJob('POST', `/jobs/${jobId}/entries`, { entry: sent, appWord: null });

const identified = (end: End) =>
  entry('identification', { end, sheetRevisionId: shop.ids.sheet, stampedLimit: null });

async function plannedJob(front: string[], rear: string[] = []): Promise<Job> {
  const jobId = await openJob(shop, client);
  if (rear.length > 0) await client.append(jobId, identified('rear'));
  const { status, body } = await send(jobId, choose(front, rear));
  expect(status).toBe(201);
  return body;
}
/** Does the plan's own next steps, so many of them, or all. */
async function goOn(job: Job, count = Infinity): Promise<Job> {
  let at = job;
  for (let i = 0; i < count; i++) {
    const next = planAt(visitOf(at))!.steps[0];
    if (!next) break;
    // What asks for a number is done by it: here it is left out, with the reason.
    const rule = next.step === 'wash-hands' ? null : stepRule(next.step);
    if (rule && next.end)
      for (const fastener of fastenedBy(next.step as StepId, brakeAt(at, next.end)))
        at = await tighten(shop, client, at.id, fastener, next.end);
    const asks = rule && rule.numbers.length > 0;
    const left = asks ? { outcome: 'skipped', reason: 'Nobody measured' } : {};
    const { status, body } = await send(at.id, stepOf(at, next.step, next.end, left));
    expect([next.step, status]).toEqual([next.step, 201]);
    at = body;
  }
  return at;
}

describe('a plan', () => {
  it('keeps every choice, with what the customer said, and goes on from where it stands', async () => {
    const job = await goOn(await plannedJob(['change-pads']), 3);
    const { body } = await send(job.id, choose(['change-pads', 'service-pistons']));
    expect(body.planned.map(({ procedures }) => procedures.front)).toEqual([
      ['change-pads'],
      ['change-pads', 'service-pistons'],
    ]);
    expect(body.planned[0]).toMatchObject({ agreed: 'agreed', words: 'Go ahead', by: 'Mechanic' });
    const all = await goOn(body);
    expect(all.stepped.map(({ step }) => step)).toContain('exercise-pistons');
    expect(all.bars.filter(({ code }) => code === 'work-open')).toEqual([]);
  });

  it('refuses work that is none, and work that this brake cannot have, by its field', async () => {
    const jobId = await openJob(shop, client);
    const none = { ...choose([]), procedures: { front: ['polish'], rear: [] } };
    const unknown = await send(jobId, none as never);
    expect([unknown.status, unknown.body.fields?.[0]?.path]).toEqual([
      422,
      'entry.procedures.front.0',
    ]);
    const cable = await send(jobId, choose(['renew-cable']));
    expect([cable.status, cable.body.fields?.[0]]).toMatchObject([
      422,
      { path: 'entry.procedures.front', code: 'unsuited' },
    ]);
    // Of what kind it is nobody knows: work for a cable would be none on a hose, and the plan would say that all is done.
    const nobodys = await send(jobId, choose([], ['set-up-cable']));
    expect([nobodys.status, nobodys.body.fields?.[0]]).toMatchObject([
      422,
      { path: 'entry.procedures.rear', code: 'not-identified' },
    ]);
    await client.append(jobId, identified('rear'));
    expect((await send(jobId, choose([], ['change-pads']))).status).toBe(201);
  });

  it('falls where its brake turns out to be of another kind, and is next on the bench till it is planned anew', async () => {
    const lead = await shop.signedIn('Lead');
    const [ofCable, ofHose] = [uuid(), uuid()];
    const cable = {
      ...SHEET,
      title: 'Test brake, by cable',
      brake: { ...SHEET.brake, actuation: 'cable' },
      fluid: null,
    };
    const made = await lead.send<{ id: string }[]>('PUT', `/sheets/${ofCable}`, {
      id: ofHose,
      sheetId: ofCable,
      baseId: null,
      body: cable,
      note: 'First',
    });
    expect(made.status).toBe(200);
    const jobId = await openJob(shop, client);
    const byCable = entry('identification', {
      end: 'front',
      sheetRevisionId: made.body[0]!.id,
      stampedLimit: null,
    });
    await client.append(jobId, byCable);
    expect((await send(jobId, choose(['set-up-cable']))).status).toBe(201);
    const again = (await client.append(jobId, identified('front'))).body;
    expect(planOf(again)?.fell).toEqual([{ end: 'front', procedure: 'set-up-cable' }]);
    const { body: bench } = await client.send<BenchPage>('GET', '/bench');
    expect(bench.items.find(({ id }) => id === jobId)?.next).toMatchObject({ step: 'plan' });
    const anew = await send(jobId, choose(['align']));
    expect([anew.status, planOf(anew.body)?.fell]).toEqual([201, []]);
  });

  it('bars the sign-off while work that was begun is open', async () => {
    const job = await goOn(await plannedJob(['change-pads']), 1);
    expect(job.bars).toContainEqual({ code: 'work-open', end: 'front', of: 'wheel' });
    const done = await goOn(job);
    expect(done.bars.map(({ code }) => code)).not.toContain('work-open');
  });
});

describe('what a step asks for', () => {
  const NUMBER = { code: 'number-missing', number: 'runout' };

  it('a number: it is done by that number, taken after the work, and by no tick', async () => {
    let job = await plannedJob(['refit-rotor']);
    while (planAt(visitOf(job))!.steps[0]!.step !== 'runout-check') job = await goOn(job, 1);
    const done = () => send(job.id, stepOf(job, 'runout-check', 'front'));
    expect((await done()).body.facts).toEqual(NUMBER);
    const readings = Object.fromEntries(
      Array.from({ length: 12 }, (_, i) => [String(i + 1), 0.02]),
    );
    await measure(client, job.id, 'runout', shop.ids.dial, readings, { pointCount: 12 });
    expect((await done()).status).toBe(201);
  });

  it('no stand test and no ride on a lever that nobody tested since its system was opened', async () => {
    let job = await plannedJob(['bleed-push-up']);
    while (planAt(visitOf(job))!.steps[0]!.step !== 'stand-test') job = await goOn(job, 1);
    const { status, body } = await send(job.id, stepOf(job, 'stand-test', 'front'));
    expect([status, body.facts]).toEqual([422, { code: 'lever-untested', end: 'front' }]);
  });

  it('each lever’s cut-off before the ride', async () => {
    const taken = await openJob(shop, client, motorBike());
    let job: Job = (await send(taken, choose(['final-check']))).body;
    while (planAt(visitOf(job))!.steps[0]!.step !== 'careful-ride') job = await goOn(job, 1);
    const ride = () => send(job.id, stepOf(job, 'careful-ride', 'front'));
    const cuts = (end: End) =>
      send(job.id, entry('test', { test: 'cut-off', end, outcome: 'passed' }));
    expect((await ride()).body.facts).toEqual({ code: 'cut-off-untested', end: 'front' });
    await cuts('front');
    expect((await ride()).body.facts).toEqual({ code: 'cut-off-untested', end: 'rear' });
    await cuts('rear');
    expect((await ride()).status).toBe(201);
  });
});

describe('the rules of the bench, tried through the API', () => {
  const refused = async (job: Job, step: string, end: End | null, change: object = {}) => {
    const { status, body } = await send(job.id, stepOf(job, step, end, change));
    return { status, kind: body.type.split(':').at(-1), facts: body.facts };
  };

  it('1: no lever pull with the pads out', async () => {
    const job = await goOn(await plannedJob(['change-pads']), 2);
    expect(job.stepped.map(({ step }) => step)).toEqual(['wheel-out', 'pads-out']);
    expect(await refused(job, 'pump-firm', 'front')).toEqual({
      status: 422,
      kind: 'step-refused',
      facts: { code: 'rule', rule: 1 },
    });
  });

  it('2 and 7: no open fluid with pads in, no new pads over pistons that stand out', async () => {
    const bleed = await goOn(await plannedJob(['bleed-push-up']), 1);
    expect(await refused(bleed, 'bleed-kit-on', 'front')).toMatchObject({
      facts: { code: 'rule', rule: 2 },
    });
    const pads = await goOn(await plannedJob(['change-pads']), 2);
    expect(await refused(pads, 'new-pads-in', 'front')).toMatchObject({
      facts: { code: 'rule', rule: 7 },
    });
  });

  it('8: no ride before the stand test, no torque before centring', async () => {
    const job = await plannedJob(['align']);
    expect(await refused(job, 'careful-ride', 'front')).toMatchObject({
      facts: { code: 'rule', rule: 8 },
    });
    expect(await refused(await goOn(job, 1), 'torque-caliper', 'front')).toMatchObject({
      facts: { code: 'rule', rule: 8 },
    });
  });

  it('3, 4 and 5: nothing comes off while the nipple is open, and nothing is between when the wheel turns', async () => {
    let job = await plannedJob(['bleed-push-up', 'change-pads']);
    while (job.stepped.at(-1)?.step !== 'bleed-kit-on') job = await goOn(job, 1);
    expect(await refused(job, 'block-out', 'front')).toMatchObject({
      facts: { code: 'rule', rule: 3 },
    });
    expect(await refused(job, 'wheel-in', 'front')).toMatchObject({
      facts: { code: 'rule', rule: 4 },
    });
    // With no number of the lever since the bleed, nothing is tested on the stand.
    while (planAt(visitOf(job))!.steps[0]!.step !== 'stand-test') job = await goOn(job, 1);
    expect(await refused(job, 'stand-test', 'front')).toMatchObject({
      facts: { code: 'lever-untested' },
    });
  });

  it('6: a joint is not closed without a new olive, nor a cut hose without a new barb', async () => {
    let job = await plannedJob([], ['shorten-hose']);
    while (job.stepped.at(-1)?.step !== 'cut-hose') job = await goOn(job, 1);
    expect(await refused(job, 'join-at-lever', 'rear')).toMatchObject({
      facts: { code: 'rule', rule: 6 },
    });
  });

  it('9: no clean part with fluid on the hands', async () => {
    let job = await plannedJob(['bleed-push-up', 'change-pads']);
    while (job.stepped.at(-1)?.step !== 'bleed-kit-off') job = await goOn(job, 1);
    expect(await refused(job, 'new-pads-in', 'front')).toMatchObject({
      facts: { code: 'rule', rule: 9 },
    });
  });

  it('a hold point is not skipped, work is with a reason, and not without one', async () => {
    const job = await goOn(await plannedJob([], ['shorten-hose']), 1);
    const skip = { outcome: 'skipped', reason: 'No time' };
    expect(await refused(job, 'new-olive', 'rear', skip)).toMatchObject({
      facts: { code: 'no-way' },
    });
    expect(await refused(job, 'stand-test', 'rear', skip)).toMatchObject({
      facts: { code: 'set-up' },
    });
    const { status, body } = await send(
      job.id,
      stepOf(job, 'sponge-test', 'rear', { outcome: 'skipped' }),
    );
    expect([status, body.fields?.[0]?.path]).toEqual([422, 'entry.reason']);
    const left = await send(job.id, stepOf(job, 'sponge-test', 'rear', skip));
    expect(left.body.stepped.at(-1)).toMatchObject({ outcome: 'skipped', reason: 'No time' });
  });
});

describe('a step done by a slip of the hand', () => {
  it('is taken back when it is the last that stands; the record keeps both', async () => {
    const job = await goOn(await plannedJob(['change-pads']), 2);
    const back = { outcome: 'taken-back' };
    expect((await send(job.id, stepOf(job, 'wheel-out', 'front', back))).status).toBe(422);
    const { body } = await send(job.id, stepOf(job, 'pads-out', 'front', back));
    expect(standingSteps(body).map(({ step }) => step)).toEqual(['wheel-out']);
    expect(body.stepped).toHaveLength(3);
    expect(planAt(visitOf(body))!.steps[0]!.step).toBe('pads-out');
    const all = await goOn(body);
    expect(all.bars.map(({ code }) => code)).not.toContain('work-open');
  });

  it('lifts nothing that hangs on the bike from before: what it lifted hangs there again', async () => {
    const jobId = await openJob(shop, client);
    const cracked = entry('look-over', {
      end: 'front',
      area: 'caliper',
      found: ['caliper-cracked'],
    });
    const { bike } = (await send(jobId, cracked)).body;
    const second = await comeAgain(shop, client, bike);
    await client.append(second.id, identified('front'));
    let job: Job = (await send(second.id, choose(['change-caliper']))).body;
    while (job.stepped.at(-1)?.step !== 'new-caliper-on') job = await goOn(job, 1);
    expect(job.tags).toEqual([]);
    const slip = stepOf(job, 'new-caliper-on', 'front', { outcome: 'taken-back' });
    job = (await send(job.id, slip)).body;
    expect(job.tags).toMatchObject([
      { subject: 'caliper', found: ['caliper-cracked'], jobId, foundAfter: null },
    ]);
    expect(job.bars.map(({ code }) => code)).toContain('still-tagged');
    // Once it is on, and said once more, the other comes off for good.
    job = await goOn(job, 1);
    expect(job.stepped.at(-1)).toMatchObject({ step: 'new-caliper-on', outcome: 'done' });
    expect(job.tags).toEqual([]);
  });

  it('nor does a cycle of a bleed that is taken back', async () => {
    const jobId = await openJob(shop, client);
    const felt = { ...entry('test', { test: 'lever-feel', end: 'front', outcome: 'failed' }) };
    const { bike } = (await send(jobId, felt)).body;
    const second = await comeAgain(shop, client, bike);
    await client.append(second.id, identified('front'));
    const cycle = entry('bleed-cycle', {
      end: 'front',
      method: 'gravity-down',
      bubbles: 'none',
      colour: '',
      ml: 5,
    });
    await client.append(second.id, cycle);
    const lever = { reach: 60, bite: 20, firm: 27, sunk: 27 };
    const by = [shop.ids.rule, lever, { basis: 'travel' }] as const;
    const proven = await measure(client, second.id, 'lever', ...by);
    expect(proven.tags).toEqual([]);
    const { body } = await send(second.id, entry('taken-back', { of: cycle.id }));
    expect(body.tags).toMatchObject([{ subject: 'lever', jobId }]);
  });

  it('nor does a rotor that was written down at the wrong end', async () => {
    const jobId = await openJob(shop, client);
    const cracked = entry('look-over', { end: 'front', area: 'rotor', found: ['crack'] });
    const { bike } = (await send(jobId, cracked)).body;
    const second = await comeAgain(shop, client, bike);
    await client.append(second.id, identified('front'));
    const rotor = entry('fitting', { end: 'front', part: 'rotor', description: '180' });
    expect((await send(second.id, rotor)).body.tags).toEqual([]);
    const { body } = await send(second.id, entry('taken-back', { of: rotor.id }));
    expect(body.tags).toMatchObject([{ subject: 'rotor', found: ['crack'], jobId }]);
    expect(body.bars.map(({ code }) => code)).toContain('still-tagged');
    // The one of this visit that went on in truth takes it off for good.
    const again = entry('fitting', { end: 'front', part: 'rotor', description: '180' });
    expect((await send(second.id, again)).body.tags).toEqual([]);
  });

  it('nor does work that was told in words at the wrong end, and the next visit knows of it', async () => {
    const jobId = await openJob(shop, client);
    const look = (found: EntryOf<'look-over'>['found']) =>
      entry('look-over', { end: 'front', area: 'leaks', found });
    const { bike } = (await send(jobId, look(['leak-at-banjo']))).body;
    const second = await comeAgain(shop, client, bike);
    await client.append(second.id, identified('front'));
    const fill = { end: 'front', containerId: shop.ids.bottle, ml: 5, colour: '' } as const;
    await client.append(second.id, entry('fill', fill));
    const told = (work: EntryOf<'repair'>['work']) =>
      entry('repair', { end: 'front', work, words: 'Done' });
    const [remade, resealed] = [told('remake-joint-at-caliper'), told('reseal-caliper')];
    for (const each of [remade, resealed]) await client.append(second.id, each);
    expect((await send(second.id, look([]))).body.tags).toEqual([]);
    const { body } = await send(second.id, entry('taken-back', { of: remade.id }));
    expect(body.tags).toMatchObject([{ subject: 'leaks', jobId }]);
    expect((await send(second.id, entry('taken-back', { of: resealed.id }))).status).toBe(201);
    const third = await comeAgain(shop, client, bike);
    expect(third.metBefore.front.caliper).toHaveLength(1);
  });
});

describe('what is asked for again', () => {
  it('a procedure is chosen once more when it is done, and not before', async () => {
    const job = await plannedJob(['align']);
    const again = () => choose(['align'], [], [{ end: 'front', procedure: 'align' }]);
    const early = await send(job.id, again());
    expect([early.status, early.body.fields?.[0]?.path]).toEqual([422, 'entry.again']);
    const all = await goOn(job);
    expect(planAt(visitOf(all))!.steps).toEqual([]);
    const { body } = await send(job.id, again());
    expect(body.planned.at(-1)?.again).toEqual([{ end: 'front', procedure: 'align' }]);
    expect(body.bars.map(({ code }) => code)).toContain('work-open');
    const closed = await goOn(body);
    expect(standingSteps(closed).filter(({ step }) => step === 'align')).toHaveLength(2);
    expect(closed.bars.map(({ code }) => code)).not.toContain('work-open');
  });

  it('6: olive and barb are not on before it is written down where they came from', async () => {
    let job = await plannedJob([], ['shorten-hose']);
    while (planAt(visitOf(job))!.steps[0]!.step !== 'new-barb') job = await goOn(job, 1);
    const refused = await send(job.id, stepOf(job, 'new-barb', 'rear'));
    expect([refused.status, refused.body.facts]).toEqual([
      422,
      { code: 'part-unrecorded', part: 'barb' },
    ]);
    const brought = entry('part-brought', {
      end: 'rear',
      part: 'barb',
      pieces: 1,
      from: 'In the hose’s bag',
    });
    job = (await send(job.id, brought)).body;
    job = (await send(job.id, stepOf(job, 'new-barb', 'rear'))).body;
    const taken = entry('part-taken', {
      end: 'rear',
      stockId: shop.ids.olive,
      pieces: 1,
      batch: '',
    });
    expect((await send(job.id, stepOf(job, 'new-olive', 'rear'))).status).toBe(422);
    await client.send('POST', '/stock/moves', {
      id: uuid(),
      stockId: shop.ids.olive,
      pieces: 2,
      batch: 'B-8',
      why: 'Delivered',
    });
    job = (await send(job.id, taken)).body;
    expect((await send(job.id, stepOf(job, 'new-olive', 'rear'))).status).toBe(201);
  });
});

describe('two phones at one plan', () => {
  it('the same step is done once: the later of the two is told where the plan stands', async () => {
    const job = await plannedJob(['change-pads']);
    const other = await shop.signedIn();
    const [first, second] = await Promise.all([
      send(job.id, stepOf(job, 'wheel-out', 'front')),
      send(job.id, stepOf(job, 'wheel-out', 'front'), other),
    ]);
    expect([first.status, second.status].sort()).toEqual([201, 409]);
    const { body } = await client.sendJob('GET', `/jobs/${job.id}`);
    expect(body.stepped).toHaveLength(1);
  });

  it('a retry of one step is the same step', async () => {
    const job = await plannedJob(['change-pads']);
    const sent = stepOf(job, 'wheel-out', 'front');
    await send(job.id, sent);
    const { status, body } = await send(job.id, sent);
    expect([status, body.stepped.length]).toEqual([201, 1]);
  });

  it('a step after one that never came is overtaken', async () => {
    const job = await plannedJob(['change-pads']);
    expect((await send(job.id, stepOf(job, 'wheel-out', 'front', { after: uuid() }))).status).toBe(
      409,
    );
  });
});

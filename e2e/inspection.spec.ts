import { USUAL_ENDS } from '@hold-fast/core/ends';
import { v7 as uuid } from 'uuid';
import { expect, type Page } from '@playwright/test';
import {
  allSent,
  atFront,
  beginRotor,
  goTo,
  openBench,
  pinOf,
  signIn,
  type Hands,
  verdict,
  test,
} from './bench';
import { atRotor, takeIn, takeInKnown } from './takenIn';

const found = (page: Page, what: string) => page.getByTestId(`found-${what}`);

test('an inspection of both ends, typed: rotor and pads, in at most 60 keys and touches', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const job = await takeInKnown(
    page,
    `Typed ${project.name}`,
    `Typed bike ${project.name}`,
    USUAL_ENDS,
  );
  await goTo(page, job);

  hands.actions = 0;
  await atFront(hands, 'rotor');
  await hands.touch(hands.button(/G2 thickness gauge/));
  await expect(page.getByRole('heading', { name: 'Zero check' })).toBeVisible();
  await hands.press('Enter');
  await hands.touch(hands.button('No ridge'));
  await hands.press(...'706968697072');
  await expect(page.getByLabel(/All points are measured/)).toBeVisible();
  await hands.touch(hands.button('Measure the pads'));
  await expect(page.getByRole('heading', { name: 'Measure the pads' })).toBeVisible();
  for (const digits of ['37', '36', '37', '36']) await hands.key(digits);
  await hands.touch(hands.button('Measure the rear rotor'));
  await hands.touch(hands.button('No ridge'));
  await expect(page.getByLabel(/Point 1, [^:]*: not measured/)).toBeVisible();
  await hands.press(...'666564656667');
  await expect(page.getByLabel(/All points are measured/)).toBeVisible();
  await hands.touch(hands.button('Measure the pads'));
  await expect(page.getByRole('heading', { name: 'Measure the pads' })).toBeVisible();
  for (const digits of ['35', '35', '36', '35']) await hands.key(digits);
  await hands.touch(hands.button('What was found'));
  await expect(found(page, 'front-rotor')).toBeVisible();
  await expect(found(page, 'front-pads')).toBeVisible();
  await expect(found(page, 'rear-rotor')).toContainText('1.64');
  await expect(found(page, 'rear-pads')).toContainText('3.50');
  console.log(`  ${project.name}: both ends typed, ${hands.actions} keys and touches`);
  expect(hands.actions).toBeLessThanOrEqual(60);
  await allSent(page);
});

test('it rubs since the last puncture: what is wrong, and what is not', async ({ page }, {
  project,
}) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, `Rub ${project.name}`, `Rubbing bike ${project.name}`);

  await goTo(page, `${job}/front/runout`);
  await hands.touch(hands.button(/G5 dial/));
  for (const digits of ['0', '2', '3', '4', '3', '2', '0', '-2', '-3', '-4', '-3', '-2'])
    await hands.key(digits);
  await expect(verdict(page)).toContainText('Holds');
  await expect(page.getByText('The whole rotor sits tilted', { exact: false })).toBeVisible();

  await hands.touch(hands.button('Feel the gaps'));
  await hands.touch(hands.button(/G6 feelers/));
  for (const digits of ['34', '34', '4', '5']) await hands.key(digits);
  await hands.touch(hands.button('skip', true));
  await hands.touch(hands.button(/Wheel anywhere/));
  await expect(verdict(page)).toContainText('Narrowest 0.04 at right, leading end');
  await expect(
    page.getByText('Move the caliper 0.15 to the right', { exact: false }),
  ).toBeVisible();
  await expect(page.getByText('Centring the caliper cures it.', { exact: true })).toBeVisible();

  await goTo(page, `${job}/front/look`);
  await hands.touch(
    page.getByRole('group', { name: 'Caliper' }).getByRole('checkbox', { name: 'Nothing found' }),
  );
  await hands.touch(hands.button('What was found'));
  await expect(found(page, 'front-clearance')).toContainText('centre');
  await expect(found(page, 'front-runout')).toContainText('holds');
  await expect(found(page, 'front-caliper')).toContainText('holds');
  await expect(page.getByText('Centre the caliper: front.')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'For the rider' }));
  await expect(page.getByText('Front room between pads and disc')).toBeVisible();
  await expect(page.getByText(/Not looked at this time: front brake disc/)).toBeVisible();
  await allSent(page);
});

test('a coarse gauge near the limit proves nothing; a finer one settles it', async ({ page }, {
  project,
}) => {
  const hands = await openBench(page);
  await atRotor(hands, `Near ${project.name}`, `Near bike ${project.name}`, 'G3 vernier');
  for (let point = 1; point <= 6; point++) await hands.key('155');
  await expect(verdict(page)).toContainText('Unproven');
  await expect(verdict(page)).toContainText('1.55 less its doubt 0.06 is 1.49');
  await expect(verdict(page)).toContainText('a finer gauge');
  await hands.touch(hands.button(/: change the gauge$/));
  await beginRotor(hands, 'G1 micrometer', 'No ridge');
  for (let point = 1; point <= 6; point++) await hands.press('5', '7');
  await expect(verdict(page)).toContainText('Watch');
  await expect(verdict(page)).toContainText('only 23 % of what may wear is left');
});

test('a used two-piece rotor from the shelf: its own stamp, rivets first, pads of no letter', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, `Shelf ${project.name}`, `Shelf bike ${project.name}`);
  await goTo(page, `${job}/front/kit`);
  await hands.touch(hands.button('Fit or write down: rotor'));
  await hands.touch(page.getByRole('radio', { name: 'Used', exact: true }));
  await page.getByLabel('What it is').fill('Two-piece from the shelf');
  await hands.touch(page.getByRole('radio', { name: 'Two pieces, riveted' }));
  await page.getByLabel('Limit stamped on it, mm').fill('1.4');
  await page.getByLabel('The stamp once more, mm').fill('1.4');
  await hands.touch(page.getByRole('radio', { name: 'Loose rivets' }));
  await hands.touch(page.getByRole('radio', { name: 'No mark for pads' }));
  await hands.touch(hands.button('The rotor is in'));
  await page.waitForURL(/bolts$/);

  await goTo(page, `${job}/front/rotor`);
  await beginRotor(hands, 'G1 micrometer', 'Ridge felt');
  await hands.touch(hands.button('Measure the lip'));
  await hands.press('6', '0');
  for (let point = 1; point <= 6; point++) await hands.press('5', '2');
  await expect(verdict(page)).toContainText('Replace');
  await expect(verdict(page)).toContainText('Limit 1.40, stamped');
  await expect(verdict(page)).toContainText('loose rivets');

  await goTo(page, `${job}/front/look`);
  await hands.touch(
    page.getByRole('group', { name: 'Rotor' }).getByRole('checkbox', { name: 'Nothing found' }),
  );
  // A look alone leaves what it came off for as it was; words why it was wrong take it back.
  await expect(page.getByText('It stays as it was found')).toBeVisible();
  await page.getByLabel('Why it was seen wrong').fill('All five tight, tried with a probe');
  await hands.touch(hands.button('Take it back'));
  await allSent(page);
  await goTo(page, `${job}/front/rotor`);
  await expect(verdict(page)).toContainText('Holds');

  await goTo(page, `${job}/front/fit-pads`);
  await page.getByLabel('What it is').fill('Tolve oval');
  await hands.touch(page.getByRole('radio', { name: 'Unmarked, unknown' }));
  await hands.touch(hands.button('The pads are in'));
  await expect(page.getByText('Say whether it is new.')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'New', exact: true }));
  await expect(page.getByText('Another compound than the rotor was bedded with')).toBeVisible();
  await hands.touch(hands.button('The pads are in'));
  await expect(page.getByText('Choose what is done about it.')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'Strip the track and bed in again' }));
  await hands.touch(hands.button('The pads are in'));
  await expect(page.getByText('Tolve oval, unknown compound, new', { exact: false })).toBeVisible();
});

test('of two batches on the shelf the packet says which, and a recall of it stops the bike', async ({
  page,
}, { project, retry }) => {
  const hands = await openBench(page, 'Teodor Vane');
  const own = `${project.name}-${retry}`;
  const post = async (to: string, data: object) =>
    expect((await page.request.post(`/api${to}`, { data })).status()).toBe(201);
  const line = { id: uuid(), part: 'pads', description: `Two batches ${own}`, fits: '' };
  await post('/stock', { ...line, reorderAt: 0, priceCents: 100 });
  for (const batch of [`K1-${own}`, `K2-${own}`])
    await post('/stock/moves', { id: uuid(), stockId: line.id, pieces: 2, batch, why: 'Delivery' });
  await post('/notices', {
    id: uuid(),
    title: `Pads off their plate ${own}`,
    words: 'Change them',
    source: 'Bulletin 31',
    doNotRide: true,
    maker: '',
    serialFrom: '',
    serialTo: '',
    sheetId: null,
    lot: `K1-${own}`,
    withdrawn: false,
    withdrawnBecause: '',
  });
  const job = await takeInKnown(page, `Batch ${own}`, `Batch bike ${own}`);

  const take = async (says: string, taken: RegExp) => {
    await hands.touch(hands.button(new RegExp(`^${line.description}`)));
    await hands.touch(page.getByRole('radio', { name: says }));
    await expect(page.getByText(taken)).toBeVisible();
    await allSent(page);
  };
  const recalled = page.getByText(`Pads off their plate ${own}`, { exact: false });
  await goTo(page, `${job}/front/parts`);
  await take(`K2-${own}`, new RegExp(`${line.description}, batch K2-${own}, by`));
  await goTo(page, `${job}/sign-off`);
  await expect(page.getByRole('heading', { name: 'Still open' })).toBeVisible();
  await expect(recalled).toHaveCount(0);
  await goTo(page, `${job}/front/parts`);
  await take('None printed', new RegExp(`no batch printed: of K2-${own} and K1-${own}, by`));
  await goTo(page, `${job}/sign-off`);
  await expect(recalled.first()).toBeVisible();
});

test('a leak is a do-not-ride from the bench to the bike’s page, and no refusal waives it', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const bike = `Leaking bike ${project.name}`;
  const job = await takeInKnown(page, `Leak ${project.name}`, bike);
  await goTo(page, `${job}/front/look`);
  await hands.touch(page.getByRole('checkbox', { name: 'Leak at the hose nut of the caliper' }));
  await expect(page.getByTestId('do-not-ride')).toContainText(
    'Front leaks, leak at the hose nut of the caliper',
  );
  await allSent(page);
  await hands.touch(hands.button('What was found'));
  await expect(
    page.getByText('Remake the joint at the caliper with new seals: front.'),
  ).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'For the rider' }));
  await expect(page.getByText('Please do not ride this bike')).toBeVisible();

  // What was found leads to the plan, and not to the signature.
  await expect(hands.button('Sign off', true)).toHaveCount(0);
  await goTo(page, `${job}/sign-off`);
  const bar = page.getByText('Do not ride: front leaks, leak at the hose nut of the caliper.', {
    exact: false,
  });
  await expect(bar).toBeVisible();
  await expect(hands.button('The customer refuses')).toHaveCount(0);
  // Nor does a refusal that comes by another way lift it.
  const refusal = await page.request.post(`/api${job.replace('bench', 'jobs')}/decisions`, {
    data: {
      id: uuid(),
      end: 'front',
      subject: 'leaks',
      decision: 'customer-refused',
      words: 'I only ride to the quay',
      personName: 'Maren Okafor',
      pin: pinOf('Maren Okafor'),
    },
  });
  expect(refusal.status()).toBe(409);
  await page.reload();
  await expect(bar).toBeVisible();

  // The Bench comes in pages, the first promised first.
  await goTo(page, '/bench');
  const row = page.getByRole('link', { name: new RegExp(`${bike}.*Do not ride`) });
  const list = page.getByRole('link', { name: /next: / });
  await expect(async () => {
    await list.last().scrollIntoViewIfNeeded();
    await expect(row).toBeVisible({ timeout: 500 });
  }).toPass();
  await goTo(page, '/bikes');
  await page.getByLabel('Find', { exact: true }).fill(bike);
  await hands.touch(hands.button(new RegExp(bike)));
  await expect(page.getByRole('alert')).toContainText('no work since has lifted it');
});

test('the sink test counts 60 seconds by the clock, also through a nap of the phone', async ({
  newPage: page,
}, { project }) => {
  await page.clock.install();
  const hands = await openBench(page);
  const job = await takeInKnown(page, `Sink ${project.name}`, `Sinking bike ${project.name}`);
  await goTo(page, `${job}/front/lever`);
  await hands.touch(hands.button(/G7 steel rule/));
  for (const digits of ['62', '20', '27']) await hands.key(digits);
  await hands.touch(hands.button('Start holding'));
  await page.clock.runFor(20_000);
  await expect(page.getByRole('timer')).toHaveText('40');
  await hands.touch(hands.button('Let go: start again'));
  await expect(page.getByRole('timer')).toHaveText('60');
  // The phone sleeps: no tick runs, and the clock goes on.
  await page.clock.fastForward(61_000);
  await hands.touch(hands.button('It was held throughout'));
  await hands.key('29.5');
  await hands.touch(hands.button('skip', true));
  await expect(verdict(page)).toContainText('Reseal');
  await expect(verdict(page)).toContainText('It sinks 2.5 mm under a held pull');
});

test('two people at one end: both sittings are kept and each sees the other’s', async ({
  page,
  browser,
}, { project }) => {
  const hands = await openBench(page);
  const job = await atRotor(
    hands,
    `Two ${project.name}`,
    `Two hands bike ${project.name}`,
    'G1 micrometer',
  );
  await hands.press('7', '0', '7', '1');
  await allSent(page);

  const other = await (await browser.newContext()).newPage();
  await other.goto(`${new URL(page.url()).origin}${job}/front/rotor`);
  await signIn(other, 'Joss Tarrel');
  await expect(other.getByLabel(/Point 2, [^:]*: 1.71 mm/)).toBeVisible();
  const second = new (hands.constructor as typeof Hands)(other);
  await second.press('4', '7');
  await allSent(other);
  // The first goes on with point 3 as they see it; both readings stand side by side as repeats would not: the
  // thinner one counts in its own place only.
  await hands.press('6', '9');
  await allSent(page);
  await page.reload();
  await expect(page.getByLabel(/Point 3, [^:]*: 1.5\d mm/)).toBeVisible();
  await other.context().close();
});

test('a sheet edited while a job is open: the job keeps its revision and says so', async ({
  page,
  browser,
}, { project }) => {
  const hands = await openBench(page);
  const job = await takeIn(page, `Sheet ${project.name}`, `Sheet bike ${project.name}`);
  const lead = await (await browser.newContext()).newPage();
  const origin = new URL(page.url()).origin;
  await lead.goto(`${origin}/stores`);
  await signIn(lead, 'Teodor Vane');
  const leads = new (hands.constructor as typeof Hands)(lead);
  const title = `Adapted for ${project.name}`;
  await leads.touch(leads.button(/Generic IS mount with adapter/));
  await leads.touch(leads.button('Duplicate', true));
  await lead.getByLabel('Title').fill(title);
  await lead.getByLabel('Maker’s sheet and its revision').fill('Bench card 12, revision 1');
  await leads.touch(lead.getByRole('radio', { name: 'Mineral', exact: true }));
  await lead.getByLabel('Blend, by its name').fill('Selkie 10');
  await leads.touch(leads.button('Save the sheet'));
  await expect(lead.getByText('Revision 1', { exact: true })).toBeVisible();

  await page.goto(`${job}/front/identify`);
  await page.getByLabel('Find a spec sheet').fill(title);
  await hands.touch(hands.button(new RegExp(title)));
  await hands.touch(hands.button('This is the brake'));

  await leads.touch(leads.button('Edit', true));
  await lead.getByLabel('Rotor limit, mm').fill('1,7');
  await lead.getByLabel('What changed, and why').fill('Read off the maker’s new sheet');
  await leads.touch(leads.button('Save as a new revision'));
  await expect(lead.getByText(/Rotor limit 1\.50 mm.* → 1\.70 mm/)).toBeVisible();

  await page.goto(job);
  await expect(page.getByText('The sheet has a newer revision, 2')).toBeVisible();
  await expect(page.getByText('This job keeps revision 1', { exact: false })).toBeVisible();
  await lead.context().close();
});

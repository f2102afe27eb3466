import { v7 as uuid } from 'uuid';
import { expect, type Browser } from '@playwright/test';
import {
  allSent,
  beginRotor,
  goTo,
  identify,
  noMotorTwoBrakes,
  openBench,
  type PersonName,
  pinOf,
  takeWrench,
  test,
  verdict,
} from './bench';
import { takeInKnown } from './takenIn';
import { Walker } from './walker';

/** Somebody at a device of their own. */
async function at(browser: Browser, name: PersonName) {
  const page = await (await browser.newContext()).newPage();
  return { page, hands: await openBench(page, name) };
}
const yes = (page: Awaited<ReturnType<typeof at>>['page'], of: RegExp) =>
  page.getByRole('radiogroup', { name: of }).getByRole('radio', { name: 'Yes' });

test('a notice meets a bike at the counter; an apprentice works, another looks, the lead answers, and it comes back', async ({
  browser,
}, { project }) => {
  const maker = `Skarvald ${project.name}`;
  const lead = await at(browser, 'Teodor Vane');
  await goTo(lead.page, '/stores/notices/new');
  await lead.page.getByLabel('In a few words').fill('Clamp bolts that stretch');
  await lead.page.getByLabel('What is to be done').fill('Renew both bolts.');
  await lead.page.getByLabel('Who issued it, and its number').fill('Recall 4');
  await lead.hands.touch(lead.hands.button('Save'));
  await expect(lead.page.getByText('It would meet no bike: give a maker')).toBeVisible();
  await lead.page.getByLabel('Maker of the bike').fill(maker);
  await lead.page.getByLabel('First serial').fill('SV-100');
  await lead.page.getByLabel('Last serial').fill('SV-199');
  await expect(
    lead.page.getByRole('checkbox', { name: 'Nobody rides until it is done' }),
  ).toBeChecked();
  await lead.hands.touch(lead.hands.button('Save'));
  await expect(lead.page.getByRole('heading', { name: 'Clamp bolts that stretch' })).toBeVisible();

  const learner = await at(browser, 'Ebbe Solvang');
  const { page, hands } = learner;
  await hands.touch(hands.button('Check in a bike'));
  await page.getByLabel('Find', { exact: true }).fill(`Recalled ${project.name}`);
  await hands.touch(hands.button('A new customer'));
  await page.getByLabel('Bike, as people call it').fill(`Recalled bike ${project.name}`);
  await noMotorTwoBrakes(hands);
  await page.getByLabel('Maker', { exact: true }).fill(maker);
  // A serial is one bike's.
  const serial = project.name === 'phone' ? 'SV-142' : 'SV-143';
  await page.getByLabel('Serial', { exact: true }).fill(serial);
  await page.getByLabel('In the rider’s own words').fill('Rotor bolt fell out');
  await hands.touch(page.getByRole('radio', { name: 'Left' }));
  await hands.touch(page.getByRole('checkbox', { name: 'Battery' }));
  await hands.touch(
    page.getByRole('radiogroup', { name: 'Old parts back?' }).getByRole('radio', { name: 'Yes' }),
  );
  await page.getByLabel('Ring before it costs more than').fill('80');
  await hands.touch(hands.button('Check it in'));
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  const job = new URL(page.url()).pathname;
  await expect(
    page.getByText(/Came along: battery · Old parts go back · Ring before/),
  ).toBeVisible();
  await expect(page.getByTestId('do-not-ride')).toContainText('Clamp bolts that stretch');

  await identify(hands, 'Ostrel Tolve');
  await goTo(page, `${job}/front/bolts?fastener=rotor-bolts`);
  await takeWrench(hands, /W2 bench/);
  await hands.touch(hands.button('All finger-tight'));
  await hands.touch(hands.button('All clicked'));
  for (let bolt = 1; bolt <= 6; bolt++) {
    await expect(page.getByText(`Bolt ${bolt}`, { exact: false }).first()).toBeVisible();
    await hands.touch(hands.button('It clicked'));
  }
  await hands.touch(hands.button('All clicked'));
  await allSent(page);
  await goTo(page, job);
  await expect(page.getByText('Front: an apprentice worked here')).toBeVisible();
  await expect(page.getByText(/ask somebody else to look/)).toBeVisible();
  await page.getByLabel('What was done about it').fill('Both bolts new');
  await hands.touch(hands.button('Write it down'));
  await expect(page.getByText('It says not to ride: a lead says what was done.')).toBeVisible();

  await goTo(lead.page, job);
  await lead.page.getByLabel('What was done about it').fill('Both bolts new, 5 N·m');
  await lead.hands.touch(lead.hands.button('Write it down'));
  await expect(lead.page.getByTestId('do-not-ride')).toBeHidden();
  await lead.page.getByLabel('What was looked at, or put right').fill('All six, and the clamp');
  await lead.hands.touch(lead.hands.button('I have looked at it'));
  await expect(
    lead.page.getByText('Front: Teodor Vane looked, “All six, and the clamp”.'),
  ).toBeVisible();
  await allSent(lead.page);
  await goTo(lead.page, `${job}/sign-off`);
  await expect(lead.page.getByText('Battery and old parts go back')).toBeVisible();
  await lead.hands.touch(yes(lead.page, /left lever works the front/));
  await expect(lead.page.getByText('Nothing stands in the way')).toBeVisible();
  await lead.page.getByLabel('PIN of Teodor Vane').fill(pinOf('Teodor Vane'));
  await lead.hands.touch(lead.hands.button('Sign and seal'));
  await expect(lead.page.getByRole('heading', { name: 'Signed off and sealed' })).toBeVisible();

  // A week later it is back: the notice is dealt with, and the visit before says what it was.
  await goTo(lead.page, '/bench/check-in');
  await lead.page.getByLabel('Find', { exact: true }).fill(`Recalled ${project.name}`);
  await lead.hands.touch(lead.hands.button(`Recalled bike ${project.name}`));
  await lead.hands.touch(lead.page.getByRole('radio', { name: /Rotor bolt fell out/ }));
  await lead.page.getByLabel('In the rider’s own words').fill('And again');
  await lead.hands.touch(lead.hands.button('Check it in'));
  await expect(lead.page.getByText(/Comes back from job \d+/)).toBeVisible();
  await expect(lead.page.getByText(/“Rotor bolt fell out”, sealed by Teodor Vane/)).toBeVisible();
  await expect(lead.page.getByTestId('do-not-ride')).toBeHidden();
});

test('a sound rotor comes off one bike to the shelf, and goes on another with its past', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const bikeIn = async (name: string) => {
    await page.goto('/bench/check-in');
    await page.getByLabel('Find', { exact: true }).fill(`${name} ${project.name}`);
    await hands.touch(hands.button('A new customer'));
    await page.getByLabel('Bike, as people call it').fill(`${name} bike ${project.name}`);
    await noMotorTwoBrakes(hands);
    await page.getByLabel('In the rider’s own words').fill('Wants another size');
    await hands.touch(hands.button('Check it in'));
    await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
    await identify(hands, 'Ostrel Tolve');
    return new URL(page.url()).pathname.replace(/\/front.*/, '');
  };
  const first = await bikeIn('Giver');
  await goTo(page, `${first}/front/fit-rotor`);
  await expect(page.getByText('Measure it first', { exact: false })).toBeVisible();
  await goTo(page, `${first}/front/rotor`);
  await beginRotor(hands, 'G2 thickness gauge', 'No ridge');
  for (let point = 1; point <= 6; point++) await hands.key('168');
  await expect(verdict(page)).toContainText('Holds');
  await goTo(page, `${first}/front/fit-rotor`);
  await hands.touch(page.getByRole('radio', { name: 'New', exact: true }));
  await page.getByLabel('What it is').fill('Tolve 203');
  await hands.touch(page.getByRole('radio', { name: 'To the shelf, as used' }));
  await hands.touch(page.getByRole('radio', { name: 'No mark for pads' }));
  await hands.touch(hands.button('The rotor is in'));
  await page.waitForURL(/bolts$/);
  await allSent(page);
  await goTo(page, '/stores');
  await expect(
    page.getByText(`1.68 mm when it came off Giver bike ${project.name}`, { exact: false }),
  ).toBeVisible();

  const second = await bikeIn('Taker');
  await goTo(page, `${second}/front/fit-rotor`);
  await hands.touch(page.getByRole('radio', { name: 'Used', exact: true }));
  await hands.touch(hands.button(new RegExp(`came off Giver bike ${project.name}`)));
  await hands.touch(hands.button('The rotor is in'));
  await page.waitForURL(/bolts$/);
  await allSent(page);
  await goTo(page, `${second}/sign-off`);
  await expect(page.getByText(/The front rotor is not proven/)).toBeVisible();
  // What the rider came for stands before the signature.
  await expect(page.getByRole('heading', { name: 'Asked for' })).toBeVisible();
  await expect(page.getByText('Wants another size', { exact: true })).toBeVisible();
  await goTo(page, '/stores');
  await expect(page.getByText('Used parts')).toBeVisible();
  const onShelf = page.getByText(`when it came off Giver bike ${project.name}`, { exact: false });
  await expect(onShelf).toBeHidden();

  // It went on another bike, and was written down here.
  await goTo(page, `${second}/front/fit-rotor`);
  await hands.touch(hands.button(/^It was not fitted here/));
  await hands.touch(hands.button(/^Take it back/));
  await allSent(page);
  await expect(page.getByText('Fitted at this visit')).toBeHidden();
  await goTo(page, `${second}/sign-off`);
  await expect(page.getByText(/Said since it was proven, and taken back/).first()).toBeVisible();
  await goTo(page, '/stores');
  await expect(onShelf).toBeVisible();
});

test('a hose is reckoned from above, said when it is too short, and kept in the address', async ({
  page,
}) => {
  const hands = await openBench(page);
  await goTo(page, '/reckoner');
  await hands.touch(page.getByRole('button', { name: /^Hose length/ }));
  // From the worked example: 362.1 mm at 90 degrees, and 20 mm for seat and slack.
  await expect(page.getByTestId('need')).toHaveText('382 mm');
  await page.getByLabel('Hose there now, mm').fill('370');
  await expect(page.getByText('Too short by 12 mm: do not cut')).toBeVisible();
  await page.getByLabel('Hose there now, mm').fill('430');
  await expect(page.getByText('Cut 48 mm off, at the mark')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: '180° either way' }));
  await expect(page.getByTestId('need')).toHaveText('406 mm');
  await expect(page.getByLabel(/draws the hose out furthest at [-−]148/)).toBeVisible();
  await page.getByLabel('Least bend, mm').fill('x');
  await expect(page.getByText('Every field takes a number.')).toBeVisible();
  await page.getByLabel('Least bend, mm').fill('30');
  await expect(page).toHaveURL(/bend=30.*swing=180/);
  const address = page.url();
  await goTo(page, '/bench');
  await goTo(page, address);
  await expect(page.getByTestId('need')).toHaveText('406 mm');
  // An end is moved with a finger too: up the drawing is forward.
  const ring = (await page.getByRole('button', { name: /^Lever’s port, 80 mm/ }).boundingBox())!;
  await page.mouse.move(ring.x + ring.width / 2, ring.y + ring.height / 2);
  await page.mouse.down();
  await page.mouse.move(ring.x + ring.width / 2, ring.y + ring.height / 2 - 24, { steps: 4 });
  await page.mouse.up();
  await expect
    .poll(async () => Number(await page.getByLabel('Forward, mm').inputValue()))
    .toBeGreaterThan(90);
});

test('a larger rotor is asked after: the stack where it fits, and no whatever bolts on where it is over the largest', async ({
  page,
}) => {
  const hands = await openBench(page);
  await goTo(page, '/reckoner');
  await hands.touch(page.getByRole('button', { name: /^Does the rotor fit/ }));
  await expect(page.getByText('Adapter +40, a washer of 1.5 mm under each side')).toBeVisible();
  await expect(
    page.getByText('The caliper moves 21.5 mm outward.', { exact: false }),
  ).toBeVisible();
  await page.getByLabel('Largest allowed, mm').fill('180');
  await expect(page.getByText('It does not fit')).toBeVisible();
  await expect(page.getByText(/Over 180 mm, the largest/)).toBeVisible();
  await page.getByLabel('Largest allowed, mm').fill('');
  await expect(page.getByText(/Nobody knows the largest size allowed/)).toBeVisible();
  await page.getByLabel('Smallest allowed, mm').fill('x');
  await expect(page.getByText('Sizes are numbers', { exact: false })).toBeVisible();
});

test('a bolt is reckoned in its thread, and no hole too shallow', async ({ page }) => {
  const hands = await openBench(page);
  await goTo(page, '/reckoner/thread');
  await expect(page.getByText('At least 21 mm long.')).toBeVisible();
  await page.getByLabel('The hole is deep, mm').fill('12');
  await expect(page.getByText(/From 21 to 24 mm long/)).toBeVisible();
  await page.getByLabel('The hole is deep, mm').fill('5');
  await expect(
    page.getByText('The hole is too shallow for the thread this bolt needs.'),
  ).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'Steel' }));
  await page.getByLabel('The hole is deep, mm').fill('');
  await expect(page.getByText('At least 18 mm long.')).toBeVisible();
});

test('a calculator is found by name, comes back as it was left, and is handed on by its address', async ({
  page,
}) => {
  const hands = await openBench(page);
  await goTo(page, '/reckoner');
  await page.getByLabel('Find by name').fill('feeler');
  await expect(page.getByRole('button', { name: /^Hose length/ })).toBeHidden();
  await hands.touch(page.getByRole('button', { name: /^Mount face/ }));
  // From the worked examples: 0.25 over 74.2 is 0.193 degrees, 0.30 over 34 is 0.506.
  await expect(page.getByTestId('angle')).toHaveText('0.193°');
  await page.getByLabel('Feeler gap, mm').fill('0.30');
  await page.getByLabel('Between the bolts, mm').fill('34');
  await expect(page.getByTestId('angle')).toHaveText('0.506°');
  // Over 0.2 degrees, and no file before it is known what it is of and what lifts it.
  await expect(page.getByText('Over 0.2° out of square')).toBeVisible();
  await expect(page.getByText('Stop: what is it of? Carbon gets no file.')).toBeVisible();
  const chosen = (of: string, says: string) =>
    page.getByRole('radiogroup', { name: of }).getByRole('radio', { name: says });
  await hands.touch(chosen('Fork or frame of', 'steel'));
  await hands.touch(chosen('What lifts it', 'Burr or paint'));
  await expect(page.getByText(/^Dress it: burr and paint off/)).toBeVisible();
  await expect(page).toHaveURL(/gap=0.30.*spacing=34/);
  await page.getByLabel('Between the bolts, mm').fill('0');
  await expect(page.getByText('the spacing above zero', { exact: false })).toBeVisible();
  await page.getByLabel('Between the bolts, mm').fill('34');
  await goTo(page, '/reckoner/face');
  await expect(page.getByTestId('angle')).toHaveText('0.506°');
  await goTo(page, '/reckoner/thread?bolt=nonsense&through=12');
  await expect(page.getByText(/^At least/)).toBeVisible();
});

test('washers are chosen by e, and what no washer mends is refused', async ({ page }) => {
  await openBench(page);
  await goTo(page, '/reckoner/washers');
  // From the worked example: e 2.30, stock 0.2 0.5 1.0 1.5.
  await expect(page.getByText('Add 1.5 and 0.5 mm under each side: lands at 0.3')).toBeVisible();
  await page.getByLabel('e, mm', { exact: true }).fill('-1');
  await expect(page.getByText('a smaller adapter', { exact: false })).toBeVisible();
  await page.getByLabel('Washers there now, mm').fill('1.5 x');
  await expect(page.getByText('washers are numbers', { exact: false })).toBeVisible();
  await page.getByLabel('Washers there now, mm').fill('1.5 0.2');
  await expect(page.getByText(/^Take 1.5 mm out from each side: lands at 0.5/)).toBeVisible();
});

test('both levers are held against each other, and only what the rider asked for may differ', async ({
  page,
}) => {
  const hands = await openBench(page);
  await goTo(page, '/reckoner/levers');
  await expect(page.getByText('Even in this order: bite')).toBeVisible();
  await page.getByLabel('Right: reach, mm').fill('75');
  await expect(page.getByText('Even in this order: bite, reach')).toBeVisible();
  await hands.touch(page.getByRole('checkbox', { name: 'Bite' }));
  await expect(page.getByText('Even in this order: reach')).toBeVisible();
  await expect(page.getByText('Bite: apart, as the rider asked, right 5 mm more')).toBeVisible();
  await page.getByLabel('Right: reach, mm').fill('');
  await expect(page.getByText('Nothing to even')).toBeHidden();
  await expect(page.getByText('the rest is not known', { exact: false })).toBeVisible();
  await expect(page.getByText('Reach: not measured on both sides')).toBeVisible();
  await page.getByLabel('Left: bite, mm').fill('90');
  await expect(page.getByText(/Left: bite, mm. A bite at 90.0 mm is past the bar/)).toBeVisible();
});

test('a larger rotor is not begun before it is known to fit, and what was reckoned stays with the bike', async ({
  newPage: page,
}, { project }) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, `Reckoner ${project.name}`, `Larger ${project.name}`);
  await goTo(page, `${job}/plan`);
  await hands.touch(hands.button('All procedures: front'));
  await hands.touch(page.getByRole('checkbox', { name: 'Go up a rotor size', exact: true }));
  await hands.touch(hands.button('This is the plan'));
  await goTo(page, `${job}/step`);
  // Each step has its picture, and says in words what it shows.
  await expect(page.getByLabel(/^The brake from the side\. Here: wheel: out\./)).toBeVisible();
  await hands.press('Enter');
  await expect(page.getByLabel(/^The mount from the side\. Here: caliper: off\./)).toBeVisible();
  await hands.press('Enter');
  await expect(page.getByLabel(/^The mount from the side\. Here: adapter: on\./)).toBeVisible();
  await hands.press('Enter');
  await expect(page.getByText(/Check first that the larger rotor fits/)).toBeVisible();
  await hands.touch(hands.button('Does the rotor fit?'));
  // Nothing is known of the fork but what the sheet says; the sizes nobody measured stand empty.
  await expect(page.getByLabel('Largest allowed, mm')).toHaveValue('');
  await page.getByLabel('With no adapter, mm').fill('160');
  await page.getByLabel('Largest allowed, mm').fill('180');
  await page.getByLabel('Rotor, mm').fill('203');
  await expect(page.getByText(/Over 180 mm, the largest/)).toBeVisible();
  await hands.touch(hands.button('Write it down: Front'));
  await page.getByLabel('Largest allowed, mm').fill('203');
  await hands.touch(hands.button('Write it down: Front'));
  await expect(page.getByRole('alert').getByText(/lead/)).toBeVisible();
  await page.getByLabel('Largest allowed, mm').fill('180');
  await page.getByLabel('Rotor, mm').fill('180');
  await expect(page.getByText('Adapter +20')).toBeVisible();
  await hands.touch(hands.button('Write it down: Front'));
  await hands.touch(hands.button('Written down. Go on'));
  await hands.press('Enter');
  await expect(page.getByText('Bring it to its torque first: adapter bolts, front.')).toBeVisible();
  await new Walker(hands).prove('', 'front');
  await hands.press('Enter');
  await expect(page.getByLabel(/Here: rotor: off/)).toBeVisible();
  await allSent(page);
  // Sent from outside a job, by one touch and a choice; kept with the bike.
  await goTo(page, '/reckoner/hose');
  await page.getByLabel('Hose there now, mm').fill('430');
  const port = page.getByRole('button', { name: /^Lever’s port, 80 mm forward/ });
  await port.focus();
  await hands.press('Shift+ArrowUp');
  await expect(page.getByLabel('Forward, mm')).toHaveValue('90');
  await hands.touch(hands.button('Send it to a job'));
  await page.getByLabel('Find the bike').fill(`larger ${project.name}`);
  await hands.touch(
    page.getByRole('button', { name: new RegExp(`Larger ${project.name}`) }).first(),
  );
  await expect(page.getByText(/^Sent to \d+, front/)).toBeVisible();
  await allSent(page);
  await goTo(page, `${job}/front/reckon-hose`);
  await expect(page.getByLabel('Hose there now, mm')).toHaveValue('430');
  await expect(page.getByLabel('Forward, mm')).toHaveValue('90');
});

test('a complaint is followed to its cause: what was found counts by itself, and its cure is offered in the plan', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  // Alone, with no job: a sign that forbids the ride does so whatever the ranking.
  await goTo(page, '/reckoner/trouble');
  await hands.touch(page.getByRole('checkbox', { name: 'Lever sinks' }));
  await expect(page.getByText(/Lever sinks: whatever the ranking/)).toBeVisible();
  await hands.touch(page.getByRole('checkbox', { name: 'Lever sinks' }));
  await expect(page.getByTestId('next-check')).toContainText('Look at the track under a light');
  await hands.touch(
    page.getByRole('radiogroup', { name: 'Patchy track' }).getByRole('radio', { name: 'Seen' }),
  );
  await expect(page.getByText(/^For it: .*patchy track/).first()).toBeVisible();
  await expect(page).toHaveURL(/seen=squeal(%20|\+)track-patchy/);

  const job = await takeInKnown(page, `Squealer ${project.name}`, `Trouble ${project.name}`);
  await goTo(page, job);
  // What the complaint asks for comes before measuring on.
  await hands.touch(hands.button('Carry on: dry the joints, hold hard for 60 s, tissue, front'));
  await expect(page).toHaveURL(`${job}/front/trouble`);
  await goTo(page, `${job}/front/look`);
  await hands.touch(page.getByRole('checkbox', { name: /glazed/i }));
  await allSent(page);
  await goTo(page, `${job}/front/trouble`);
  await expect(page.getByText('Seen: weak and shine on the pads.')).toBeVisible();
  await hands.touch(hands.button('That is it: Glazed pads'));
  await expect(page.getByText('Found: Glazed pads.')).toBeVisible();
  await allSent(page);
  await hands.touch(hands.button('Plan the cure'));
  await expect(page.getByRole('checkbox', { name: 'Clean pads and rotor' })).toBeChecked();
});

test('a sum reckoned alone goes to a brake by one touch, stands at its step, and betters nothing', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const tagName = `Summed ${project.name}`;
  const job = await takeInKnown(page, tagName, `Sums ${project.name}`);
  await goTo(page, '/reckoner/wrench?lo=6&hi=8&max=15&tolerance=4&mark=0.5');
  await hands.touch(hands.button('Send it to a job'));
  await page.getByLabel('Find the bike').fill(tagName);
  await hands.touch(hands.button(/Front$/).first());
  await expect(page.getByText(/^Sent to \d+, front/)).toBeVisible();
  await goTo(
    page,
    '/reckoner/pads?inner-leading=3.9&inner-trailing=3.9&outer-leading=3.9&outer-trailing=3.9',
  );
  await expect(page.getByTestId('school-total')).toContainText('3.90');
  await hands.touch(hands.button('Send it to a job'));
  await page.getByLabel('Find the bike').fill(tagName);
  await hands.touch(hands.button(/Front$/).first());
  await allSent(page);

  await goTo(page, `${job}/front/bolts`);
  await hands.touch(page.getByTestId('sum-front-wrench'));
  await expect(page.getByLabel('From, N·m')).toHaveValue('6');
  await goTo(page, job);
  await expect(page.getByTestId('sum-front-pads')).toContainText('A sum proves nothing');
  // Fat pads in a sum are no measured pads.
  await expect(page.getByTestId('front-pads')).toContainText('not inspected');
});

test('the shelf is counted through: the difference is put right, and what is taken meanwhile is not counted twice', async ({
  page,
}, { retry }) => {
  const hands = await openBench(page, 'Teodor Vane');
  // Its own kind of part for each try.
  const line = { id: uuid(), part: 'clip', description: `Counted clip ${retry}` };
  const post = async (to: string, data: object) =>
    expect((await page.request.post(`/api${to}`, { data })).status()).toBe(201);
  await post('/stock', { ...line, fits: '', reorderAt: 2, priceCents: 100 });
  const move = (pieces: number) =>
    post('/stock/moves', { id: uuid(), stockId: line.id, pieces, batch: '', why: 'Delivery' });
  await move(10);
  const count = async () => {
    const { items } = (await (await page.request.get('/api/stock')).json()) as {
      items: { id: string; count: number }[];
    };
    return items.find(({ id }) => id === line.id)!.count;
  };
  await goTo(page, '/stores');
  await hands.touch(hands.button('Count: Parts'));
  const field = page
    .getByText(line.description, { exact: false })
    .locator('xpath=ancestor::*[.//input][1]')
    .getByRole('textbox');
  await field.fill('many');
  await expect(page.getByText('A whole number.')).toBeVisible();
  await field.fill('8');
  // Somebody takes one off the shelf before it is put right.
  await move(-1);
  await hands.touch(hands.button('Put 1 count right'));
  await expect(page.getByText('1 count put right.')).toBeVisible();
  expect(await count()).toBe(7);
});

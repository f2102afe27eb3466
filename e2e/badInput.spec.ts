import type { FoundBike } from '@hold-fast/contract/bikes';
import { expect, type Page } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import {
  allSent,
  goTo,
  type Hands,
  jobAt,
  noMotorTwoBrakes,
  openBench,
  openJobs,
  pinOf,
  signIn,
  verdict,
  test,
} from './bench';
import { atRotor, takeIn } from './takenIn';

async function atTheRotor(page: Page, name: string): Promise<{ hands: Hands; job: string }> {
  const hands = await openBench(page);
  const job = await atRotor(hands, `${name} rider`, `${name} commuter`);
  return { hands, job };
}

const dial = (page: Page, point: number, says: string) =>
  page.getByLabel(new RegExp(`Point ${point}, [^:]*: ${says}`));

test('a reading that cannot be right is refused in clear words, and stays to be mended', async ({
  page,
}) => {
  const { hands } = await atTheRotor(page, 'Slip');
  const alert = page.getByRole('alert');
  await hands.press('Enter');
  await expect(alert).toContainText('Key the reading first.');
  await hands.press('1', '2', '.', '0', '0', 'Enter');
  await expect(alert).toContainText('No part here is that thick. It must be 0.5 to 3.0 mm.');
  await hands.press(
    'Backspace',
    'Backspace',
    'Backspace',
    'Backspace',
    'Backspace',
    '-',
    '1',
    '7',
    '0',
    'Enter',
  );
  await expect(alert).toContainText('A thickness cannot be negative.');
  await page.keyboard.press('Escape');
  await hands.press('1', '.', '7', '0', '5', 'Enter');
  await expect(alert).toContainText('A digit too many: this gauge shows 2 decimals.');
  await page.keyboard.press('Escape');
  await hands.press('5', 'Enter');
  await expect(alert).toContainText('The digits behind an implied 1 are not all there.');
  await page.keyboard.press('Escape');
  await hands.press('1', '9', '0', 'Enter');
  await expect(alert).toContainText(
    '1.90 is thicker than new (1.80). Wrong sheet, or a ridge under the jaws?',
  );
  await page.keyboard.press('Escape');
  await page.keyboard.press('x');
  await expect(dial(page, 1, 'not measured')).toBeVisible();
  await hands.press('1', ',', '6', '6', 'Enter');
  await expect(dial(page, 1, '1.66 mm')).toBeVisible();
  // The drawing hears a press by itself: the reading that comes next is of the point that was pressed.
  await page.locator('svg text').filter({ hasText: /^4$/ }).click();
  await hands.press('1', '7', '0', 'Enter');
  await expect(dial(page, 4, '1.70 mm')).toBeVisible();
  await allSent(page);
});

test('letters in a number’s field are refused at the field', async ({ page }) => {
  const hands = await openBench(page);
  const job = await takeIn(page, 'Letter rider', 'Letter commuter');
  await goTo(page, `${job}/front/identify`);
  await hands.touch(hands.button(/Ostrel Tolve/));
  for (const [typed, says] of [
    ['abc', 'Digits only'],
    ['-1.5', 'cannot be negative'],
    ['12.00', 'No part here is that thick'],
  ] as const) {
    await page.getByLabel('Limit stamped on the rotor, mm').fill(typed);
    await expect(page.getByRole('alert')).toContainText(says);
    await expect(hands.button('This is the brake')).toBeDisabled();
  }
  await page.getByLabel('Limit stamped on the rotor, mm').fill('1,55');
  await expect(page.getByText('Rotor limit 1.55 mm, stamped')).toBeVisible();

  // What is said below a field comes into sight where the field stands at the foot of what is seen.
  await goTo(page, `${job}/front/bed-in`);
  await page.getByLabel('To, km/h').fill('50');
  await expect(page.getByText(/^From 5 to 60 km\/h down to a walk/)).toBeInViewport({ ratio: 0.9 });
});

test('an empty check-in names what is missing and keeps what was written', async ({ page }) => {
  const hands = await openBench(page);
  await hands.touch(hands.button('Check in a bike'));
  await hands.touch(hands.button('A new customer'));
  await page.getByLabel('Maker', { exact: true }).fill('Gunnel Works');
  await hands.touch(hands.button('Check it in'));
  await expect(page.getByText('Write the customer’s name.')).toBeVisible();
  await expect(page.getByLabel('Customer', { exact: true })).toBeFocused();
  await expect(page.getByText('Give the bike a name to know it by.')).toBeVisible();
  // Of a bike with a motor each lever's cut-off is tried: that it has none is said, and never assumed.
  await expect(page.getByText('Say whether it has a motor.')).toBeVisible();
  // A third brake that nobody speaks of is judged by nobody.
  await expect(page.getByText(/^Say whether it has a third brake/)).toBeVisible();
  await expect(page.getByText('Write what the rider says, in their own words.')).toBeVisible();
  await expect(page.getByLabel('Maker', { exact: true })).toHaveValue('Gunnel Works');

  // What is missing of answers comes into sight as well, a screen above the key that was pressed.
  await page.getByLabel('Customer', { exact: true }).fill('Nobody Yet');
  await page.getByLabel('Bike, as people call it').fill('Red one');
  await page.getByLabel('In the rider’s own words').fill('It squeals');
  await hands.touch(hands.button('Check it in'));
  await expect(page.getByText('Say whether it has a motor.')).toBeInViewport({ ratio: 1 });
  await hands.touch(page.getByRole('radio', { name: 'No motor' }));
  await hands.touch(hands.button('Check it in'));
  await expect(page.getByText(/^Say whether it has a third brake/)).toBeInViewport({ ratio: 1 });
  await noMotorTwoBrakes(hands);

  // The number of a frame that is known, copied off it without its dash: its history is not left behind.
  await page.getByLabel('Serial', { exact: true }).fill('gw70311');
  await hands.touch(hands.button('Check it in'));
  await expect(page.getByText(/^Another bike has this serial/)).toBeInViewport({ ratio: 1 });
});

test('a bike that is here is taken in no second time: its job is where one goes on', async ({
  page,
}) => {
  const hands = await openBench(page);
  const { items } = (await (await page.request.get('/api/bikes')).json()) as {
    items: FoundBike[];
  };
  const { bikeName, customerName } = items.findLast(({ openJobId }) => openJobId === null)!;
  const find = async (who: Hands) => {
    await goTo(who.page, '/bench/check-in');
    await who.page.getByLabel('Find', { exact: true }).fill(`${bikeName} ${customerName}`);
    return who.button(new RegExp(`^${bikeName}`));
  };
  const say = async (who: Hands) => {
    await who.page.getByLabel('In the rider’s own words').fill('Came in once');
    await who.touch(who.button('Check it in'));
  };
  // Two people find it while it is not here.
  const other = await openBench(await page.context().newPage());
  await hands.touch(await find(hands));
  await other.touch(await find(other));
  await say(hands);
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  const job = page.url();
  await say(other);
  await expect(other.page.getByText(/This bike is here already, on tag \d+/)).toBeVisible();
  await other.touch(other.button('To its job'));
  await expect(other.page).toHaveURL(job);

  const row = await find(hands);
  await expect(row).toContainText(/here on tag \d{4}/);
  await hands.touch(row);
  await expect(page).toHaveURL(job);
});

/** Comes to the check-in from elsewhere. */
async function beginCheckIn(page: Page): Promise<void> {
  await goTo(page, '/bench');
  await goTo(page, '/bench/check-in');
}

/** A new customer's check-in, written as far as the rider's words. */
async function writeHalf(hands: Hands, customer: string, complaint: string): Promise<void> {
  const { page } = hands;
  await beginCheckIn(page);
  await page.getByLabel('Find', { exact: true }).fill(customer);
  await hands.touch(hands.button('A new customer'));
  await page.getByLabel('Bike, as people call it').fill(`Bike of ${customer}`);
  await noMotorTwoBrakes(hands);
  await page.getByLabel('In the rider’s own words').fill(complaint);
}

test('a check-in half written is there after a reload, and what arrived once makes no second customer', async ({
  page,
}) => {
  const hands = await openBench(page);
  const complaint = `Answer lost ${Date.now()}`;
  await writeHalf(hands, 'Lost answer', complaint);
  await hands.touch(page.getByRole('checkbox', { name: 'Weak' }));
  await page.reload();
  await expect(page.getByLabel('Customer', { exact: true })).toHaveValue('Lost answer');
  await expect(page.getByLabel('In the rider’s own words')).toHaveValue(complaint);
  await expect(page.getByRole('checkbox', { name: 'Weak' })).toBeChecked();

  // It arrives, and its answer does not.
  await page.route('**/api/jobs', async (route) => {
    await route.fetch();
    await route.abort();
  });
  await hands.touch(hands.button('Check it in'));
  await expect(page.getByRole('alert')).toBeVisible();
  await page.unroute('**/api/jobs');
  await page.reload();
  await expect(page.getByLabel('In the rider’s own words')).toHaveValue(complaint);
  await hands.touch(hands.button('Check it in'));
  await expect(page.getByText(/This bike is here already, on tag \d+/)).toBeVisible();
  const [job, ...others] = (await openJobs(page)).filter((each) => each.complaint === complaint);
  expect(others).toEqual([]);
  await hands.touch(hands.button('To its job'));
  await expect(page).toHaveURL(new RegExp(`/bench/${job!.id}$`));
});

test('a change of a job, of its bike and of a gauge, half written, is there after a reload, and gone once it is left', async ({
  page,
}) => {
  const hands = await openBench(page, 'Teodor Vane');
  const job = await takeIn(page, `Half ${Date.now()}`, 'Half-written commuter');
  const jobId = job.split('/').at(-1)!;
  const { bike } = await jobAt(page, jobId);
  await page.goto(`${job}/edit`);
  const complaint = page.getByLabel('In the rider’s own words');
  await complaint.fill('Squeals when it is wet');
  await hands.touch(page.getByRole('checkbox', { name: 'Squeals' }));
  await page.reload();
  await expect(complaint).toHaveValue('Squeals when it is wet');
  await expect(page.getByRole('checkbox', { name: 'Squeals' })).toBeChecked();

  await page.goto(`/bikes/${bike.id}/correct`);
  await page.getByLabel('Why', { exact: true }).fill('Read off the frame');
  await page.reload();
  await expect(page.getByLabel('Why', { exact: true })).toHaveValue('Read off the frame');
  await hands.touch(hands.button('Save'));
  await expect(page).toHaveURL(new RegExp(`/bikes/${bike.id}$`));

  // Left by its own key, the change of the job is gone, and nothing of it was sent.
  await page.goto(`${job}/edit`);
  await complaint.fill('Another thing');
  await hands.touch(hands.button('Back to the job'));
  await page.goto(`${job}/edit`);
  await expect(complaint).toHaveValue('Front brake feels weak');
  expect((await jobAt(page, jobId)).complaint).toBe('Front brake feels weak');

  await page.goto('/stores/gauges/new');
  await page.getByLabel('Name on the bench').fill('G9 half written');
  await page.reload();
  await expect(page.getByLabel('Name on the bench')).toHaveValue('G9 half written');
});

test('a customer who is known by the name is asked whether it is one of their bikes, before it is written down anew', async ({
  page,
}) => {
  const hands = await openBench(page);
  // One that no other test signs.
  const { bikeName, customerName, id } = (await openJobs(page)).find(
    (job) => job.bikeName === 'Lightkeeper’s tourer',
  )!;
  await goTo(page, '/bench/check-in');
  await hands.touch(hands.button('A new customer'));
  await page.getByLabel('Customer', { exact: true }).fill('Nobody of that name');
  await page.getByLabel('In the rider’s own words').fill('Pulls to one side');
  await expect(page.getByText('Is it one of theirs?')).toHaveCount(0);
  await page.getByLabel('Customer', { exact: true }).fill(customerName.toUpperCase());
  await expect(page.getByText('Is it one of theirs?')).toBeVisible();
  await hands.touch(hands.button(new RegExp(`^${bikeName} .*here on tag`)));
  await expect(page).toHaveURL(new RegExp(`/bench/${id}$`));

  // One that is not here is taken in its place, with what is written.
  await goTo(page, '/bench');
  const again = `Again ${Date.now()}`;
  const job = await takeIn(page, again, `Bike of ${again}`);
  const leaves = await page.request.post(`/api/jobs/${job.replace('/bench/', '')}/sign-off`, {
    data: {
      id: uuid(),
      pin: pinOf('Maren Okafor'),
      toldOf: [],
      notRepaired: { words: 'Waits for a rotor', takenBy: again },
    },
  });
  expect(leaves.ok(), await leaves.text()).toBe(true);
  await goTo(page, '/bench/check-in');
  await hands.touch(hands.button('A new customer'));
  await page.getByLabel('Customer', { exact: true }).fill(again.toLowerCase());
  await page.getByLabel('In the rider’s own words').fill('Pulls to one side');
  await hands.touch(hands.button(`Another bike of ${again}`));
  await expect(page.getByRole('heading', { name: `New bike of ${again}` })).toBeVisible();
  await hands.touch(hands.button(new RegExp(`^Bike of ${again} .*last tag`)));
  await expect(page.getByRole('heading', { name: `Bike of ${again}` })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: `Bike of ${again}` })).toBeVisible();
  await expect(page.getByLabel('In the rider’s own words')).toHaveValue('Pulls to one side');
  await hands.touch(hands.button('Check it in'));
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
});

test('a check-in left in the middle waits where the next is begun, till it is sent, thrown away or its writer signs out', async ({
  newPage: page,
}) => {
  const hands = await openBench(page);
  const [first, second] = [`Left ${Date.now()}`, `Thrown ${Date.now()}`];
  await writeHalf(hands, first, 'Rubs in the wet');
  await writeHalf(hands, second, 'Squeals');
  await beginCheckIn(page);
  await hands.touch(hands.button(`Throw away: Bike of ${second}`));
  await expect(page.getByText(second)).toHaveCount(0);
  await hands.touch(hands.button(`Write on: Bike of ${first}`));
  await expect(page.getByLabel('In the rider’s own words')).toHaveValue('Rubs in the wet');
  await hands.touch(hands.button('Check it in'));
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  await beginCheckIn(page);
  await expect(page.getByText('Half written')).toHaveCount(0);

  await writeHalf(hands, second, 'Squeals again');
  await goTo(page, '/bench');
  await hands.touch(hands.button('Sign out'));
  await signIn(page);
  await expect(hands.button('Check in a bike')).toBeVisible();
  await goTo(page, '/bench/check-in');
  await expect(page.getByText('Half written')).toHaveCount(0);
});

test('two taps on a button do a thing once', async ({ page }) => {
  const hands = await openBench(page);
  await hands.touch(hands.button('Check in a bike'));
  await page.getByLabel('Find', { exact: true }).fill('Tapped twice');
  await hands.touch(hands.button('A new customer'));
  await page.getByLabel('Bike, as people call it').fill('Twice tapped');
  await noMotorTwoBrakes(hands);
  const complaint = `Twice tapped ${Date.now()}`;
  await page.getByLabel('In the rider’s own words').fill(complaint);
  await hands.button('Check it in').dblclick();
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  expect((await openJobs(page)).filter((job) => job.complaint === complaint)).toHaveLength(1);
});

test('back, reload and a half-keyed number in the middle lose nothing and double nothing', async ({
  page,
}) => {
  const { hands, job } = await atTheRotor(page, 'Reload');
  await hands.key('166');
  await hands.key('162');
  await hands.press('1', '6');
  await page.reload();
  await expect(dial(page, 2, '1.62 mm')).toBeVisible();
  await hands.press('4', 'Enter');
  await expect(dial(page, 3, '1.64 mm')).toBeVisible();
  await allSent(page);
  await page.goBack();
  await goTo(page, `${job}/front/rotor`);
  await expect(page.getByLabel(/Next: point 4/)).toBeVisible();
  const measured = await jobAt(page, job.replace('/bench/', ''));
  expect(measured.measured).toHaveLength(1);
  expect(measured.measured[0]!.readings).toHaveLength(4);
});

test('a session that ends in the middle asks to sign in and carries on where it was', async ({
  page,
  context,
}) => {
  const { hands } = await atTheRotor(page, 'Session');
  await hands.key('166');
  await allSent(page);
  await context.clearCookies();
  await hands.key('162');
  await expect(page.getByText('Your session ended')).toBeVisible();
  await signIn(page);
  await expect(page.getByText('Your session ended')).toBeHidden();
  await expect(dial(page, 2, '1.62 mm')).toBeVisible();
  await allSent(page);
  await hands.key('164');
  await expect(dial(page, 3, '1.64 mm')).toBeVisible();
  await allSent(page);
});

test('a lost connection keeps the readings, judges them, and sends them when it is back', async ({
  page,
  context,
}) => {
  const { hands, job } = await atTheRotor(page, 'Offline');
  await context.setOffline(true);
  for (const digits of ['152', '150', '147', '149', '151', '148']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Replace');
  await expect(page.getByText('entries are kept here', { exact: false })).toBeVisible();
  await context.setOffline(false);
  await allSent(page);
  const answer = await jobAt(page, job.replace('/bench/', ''));
  expect(answer.measured[0]!.readings).toHaveLength(7);
  expect(answer.measured[0]!.verdict!.judgement).toMatchObject({
    verdict: { word: 'replace' },
  });
});

test('a place whose code does not come says so, and comes once it is asked for again', async ({
  page,
}) => {
  const hands = await openBench(page);
  await page.route('**/beyond-*.js', (route) => route.abort());
  await hands.touch(page.getByRole('link', { name: 'Stores', exact: true }));
  await expect(page.getByText('This page failed')).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('No connection');
  await hands.touch(hands.button('Try again'));
  await expect(page.getByText('This page failed')).toBeVisible();
  await page.unroute('**/beyond-*.js');
  await hands.touch(hands.button('Try again'));
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeVisible();
});

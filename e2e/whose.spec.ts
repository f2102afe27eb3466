import { expect, test, type Browser } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { allSent, beginRotor, goTo, identify, jobAt, openBench, pinOf, signIn } from './bench';
import { atRotor, takeIn } from './takenIn';

test('what one left unsent waits for them: signed out at once, and never sent as the next one’s', async ({
  page,
  context,
}) => {
  const hands = await openBench(page);
  const job = await atRotor(hands, 'Shared rider', 'Shared commuter');
  await allSent(page);
  await context.setOffline(true);
  await hands.press(...'66');
  await hands.touch(page.getByRole('button', { name: /^Back: \d+, Job/ }));
  await hands.touch(page.getByRole('button', { name: /^Back: \d+, Bench/ }));
  const sure = hands.button(/^1 entry is not sent: kept here for you\. Sign out all the same/);
  // That there is no connection is said above the list, and moves it under a finger.
  await expect(async () => {
    if (!(await sure.isVisible())) await hands.touch(hands.button('Sign out', true));
    await expect(sure).toBeVisible({ timeout: 2_000 });
  }).toPass();
  await hands.touch(sure);
  // At once, though the server could not be told.
  await expect(page.getByLabel('Passphrase')).toBeVisible();
  await expect(page.getByText('Shared commuter')).toHaveCount(0);

  await context.setOffline(false);
  await signIn(page, 'Joss Tarrel');
  await expect(page.getByText('1 entry is somebody else’s', { exact: false })).toBeVisible();
  const readings = async () => {
    const answer = await jobAt(page, job.replace('/bench/', ''));
    return answer.measured[0]!.readings.filter(({ place }) => place !== 'zero');
  };
  expect(await readings()).toEqual([]);
  await hands.touch(hands.button('Sign out'));
  await signIn(page, 'Maren Okafor');
  await allSent(page);
  expect(await readings()).toMatchObject([{ place: '1', valueMm: 1.66 }]);
});

test('what the server would not take needs somebody, named, also after a reload; the rest goes on', async ({
  page,
}) => {
  const hands = await openBench(page);
  await atRotor(hands, 'Refused rider', 'Refused commuter');
  await hands.press(...'66');
  await allSent(page);
  await page.route('**/entries', (route) =>
    route.fulfill({
      status: 409,
      contentType: 'application/problem+json',
      body: JSON.stringify({
        type: 'urn:hold-fast:problem:job-sealed',
        title: 'This job is signed off and sealed. Nothing in it changes any more.',
        status: 409,
      }),
    }),
  );
  await hands.press(...'62');
  await expect(page.getByTestId('needs-you')).toContainText('Front rotor, point 2: 1.62 mm');
  await expect(page.getByTestId('needs-you')).toContainText('Not taken: This job is signed off');
  await page.unroute('**/entries');
  await page.goto('/bench');
  await expect(page.getByTestId('needs-you')).toContainText(
    /\d+ · Refused commuter: Front rotor, point 2: 1\.62 mm/,
  );
  await hands.touch(hands.button('Send again'));
  await expect(page.getByTestId('needs-you')).toHaveCount(0);
  await allSent(page);
});

test('a lead is told when their PIN was tried where somebody else is signed in', async ({
  page,
  browser,
}) => {
  const hands = await openBench(page);
  const job = await atRotor(hands, 'Guess rider', 'Guessed commuter');
  await hands.press(...'66');
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await hands.touch(hands.button('A lead accepts it'));
  await hands.touch(page.getByRole('radio', { name: 'Ingrith Sula' }));
  await page.getByLabel('Reason').fill('It will do');
  await page.getByLabel('PIN of Ingrith Sula').fill('0000');
  await hands.touch(hands.button('Accept it as unproven'));
  await expect(page.getByText('That is not the PIN of this person.')).toBeVisible();

  const desk = await browser.newContext({
    baseURL: process.env.BASE_URL!,
    viewport: page.viewportSize(),
  });
  const lead = await openBench(await desk.newPage(), 'Ingrith Sula');
  await expect(lead.page.getByText('Your PIN was tried')).toBeVisible();
  await expect(lead.page.getByText(/Wrongly, once, where Maren Okafor is signed in/)).toBeVisible();
  await lead.touch(lead.button('Seen'));
  await expect(lead.page.getByText('Your PIN was tried')).toHaveCount(0);
  await desk.close();
});

test('a signature cannot overtake a reading that is still on its way', async ({ page }) => {
  const hands = await openBench(page);
  const job = await takeIn(page, 'Hurried rider', 'Hurried commuter');
  await goTo(page, `${job}/sign-off`);
  await hands.touch(
    page.getByRole('radiogroup', { name: /left lever/ }).getByRole('radio', { name: 'Yes' }),
  );
  await allSent(page);
  await goTo(page, job);
  await identify(hands, 'Ostrel Tolve');
  await beginRotor(hands, 'G2 thickness gauge', 'No ridge');
  await allSent(page);
  let letGo = () => {};
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route('**/entries', async (route) => {
    await held;
    await route.continue();
  });
  for (const digits of ['52', '50', '47', '49', '51', '48']) await hands.press(...digits);
  await hands.touch(page.getByRole('button', { name: /^Back: \d+, Job/ }));
  await hands.touch(hands.button('Sign off', true));
  await page.getByLabel('PIN of Maren Okafor').fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Sign and seal'));
  // What the server says to a signature it has, before it has the readings.
  await page.waitForTimeout(1500);
  letGo();
  await expect(page.getByText('This job may not be signed off yet.')).toBeVisible();
  await expect(
    page.getByText('The front rotor: the work must be done', { exact: false }),
  ).toBeVisible();
  expect(await jobAt(page, job.replace('/bench/', ''))).toMatchObject({ sealed: null });
});

/** A look at the front's leaks that another makes on a device of their own. */
async function anotherLooks(browser: Browser, job: string, found: readonly string[]) {
  const other = await browser.newContext();
  await openBench(await other.newPage(), 'Joss Tarrel');
  const sent = await other.request.post(`/api${job.replace('/bench', '/jobs')}/entries`, {
    data: {
      entry: {
        kind: 'look-over',
        id: uuid(),
        at: new Date().toISOString(),
        end: 'front',
        area: 'leaks',
        found,
        words: '',
      },
      appWord: null,
    },
  });
  expect(sent.status(), await sent.text()).toBe(201);
  await other.close();
}

test('who stands at the sign-off sees what another wrote meanwhile, with nothing touched', async ({
  page,
  browser,
}) => {
  await page.clock.install();
  await openBench(page);
  const job = await takeIn(page, 'Watched rider', 'Watched commuter');
  await goTo(page, `${job}/sign-off`);
  await expect(page.getByRole('heading', { name: 'Sign off' }).last()).toBeVisible();
  await expect(page.getByText('Do not ride')).toHaveCount(0);
  await anotherLooks(browser, job, ['leak-at-lever']);
  await page.clock.fastForward('00:31');
  await expect(page.getByText('Do not ride').first()).toBeVisible();
});

test('a number that is half keyed stays as it is while another’s work comes in', async ({
  page,
  browser,
}) => {
  await page.clock.install();
  const hands = await openBench(page);
  const job = await atRotor(hands, 'Keying rider', 'Keying commuter');
  await hands.press(...'1.6');
  await allSent(page);
  await anotherLooks(browser, job, ['leak-at-lever']);
  await page.clock.fastForward('00:31');
  await expect(page.getByText('Do not ride').first()).toBeVisible();
  await hands.press('6', 'Enter');
  await allSent(page);
  const { measured } = await jobAt(page, job.replace('/bench/', ''));
  const readings = measured[0]!.readings.filter(({ place }) => place !== 'zero');
  expect(readings).toMatchObject([{ place: '1', valueMm: 1.66 }]);
});

import { expect } from '@playwright/test';
import { allSent, beginRotor, goTo, jobAt, openBench, pinOf, verdict, test } from './bench';
import { atRotor, takeInKnown } from './takenIn';

test('flat anvils over a ridge never hold, and a finer look settles it', async ({ page }) => {
  const hands = await openBench(page);
  await atRotor(hands, 'Ridge rider', 'Ridged commuter', 'G3 vernier', 'Ridge felt');
  for (let point = 1; point <= 6; point++) await hands.key('175');
  await expect(verdict(page)).toContainText('Unproven');
  await expect(verdict(page)).toContainText('Thinnest 1.75 at most');
  await expect(verdict(page)).toContainText('a point gauge that sits inside the track');

  await hands.touch(hands.button(/: change the gauge$/));
  await beginRotor(hands, 'G1 micrometer', 'Ridge felt');
  for (let point = 1; point <= 6; point++) await hands.key('166');
  await expect(verdict(page)).toContainText('Holds');
});

test('a worn rotor refuses the sign-off; the customer’s refusal lets it go, in their words', async ({
  page,
}) => {
  const hands = await openBench(page);
  await atRotor(hands, 'Worn rider', 'Worn commuter', 'G2 thickness gauge', 'Ridge felt');
  for (const digits of ['152', '150', '147', '149', '151', '148']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Replace');
  await expect(verdict(page)).toContainText('Thinnest 1.47 at point 3, 4 o’clock');

  await hands.touch(hands.button('Job', true));
  await hands.touch(hands.button('Sign off', true));
  await hands.touch(
    page.getByRole('radiogroup', { name: /left lever/ }).getByRole('radio', { name: 'Yes' }),
  );
  await page.getByLabel('PIN of Maren Okafor').fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Sign and seal'));
  await expect(page.getByText('This job may not be signed off yet.')).toBeVisible();
  await expect(
    page.getByText('The front rotor: the work must be done', { exact: false }),
  ).toBeVisible();

  await hands.touch(hands.button('The customer refuses'));
  await page.getByLabel('The customer’s words').fill('Not before the summer');
  await page.getByLabel('PIN of Maren Okafor').first().fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Record the refusal'));
  await expect(page.getByText('Nothing stands in the way')).toBeVisible();
  await hands.touch(hands.button('Sign and seal'));
  await expect(page.getByRole('heading', { name: 'Signed off and sealed' })).toBeVisible();
});

test('what is not proven waits for a lead, with a reason', async ({ page }) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, 'Doubtful rider', 'Doubtful commuter');
  await goTo(page, `${job}/front/rotor`);
  await hands.touch(hands.button(/G4 caliper/));
  await hands.press('Enter');
  await hands.touch(hands.button('No ridge'));
  for (let point = 1; point <= 6; point++) await hands.key('170');
  await expect(verdict(page)).toContainText('the gauge’s calibration ended');
  await hands.touch(hands.button('Job', true));
  await hands.touch(hands.button('Sign off', true));
  await hands.touch(
    page.getByRole('radiogroup', { name: /left lever/ }).getByRole('radio', { name: 'Yes' }),
  );
  await hands.touch(hands.button('A lead accepts it'));
  await hands.touch(hands.button('Accept it as unproven'));
  await expect(page.getByText('Choose which lead.')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'Teodor Vane' }));
  await page.getByLabel('Reason').fill('Compared with G1 this morning');
  await page.getByLabel('PIN of Teodor Vane').fill('9999');
  await hands.touch(hands.button('Accept it as unproven'));
  await expect(page.getByText('That is not the PIN of this person.')).toBeVisible();
  await page.getByLabel('PIN of Teodor Vane').fill(pinOf('Teodor Vane'));
  await hands.touch(hands.button('Accept it as unproven'));
  await expect(page.getByText('Nothing stands in the way')).toBeVisible();
  await goTo(page, `${job}/trail`);
  await expect(page.getByTestId('trail').first()).toContainText('Front rotor: a decision');
  await expect(page.getByTestId('trail').first()).toContainText('“Compared with G1 this morning”');
});

test('containers that may not be used cannot be chosen, each with its reason', async ({ page }) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, 'Fluid rider', 'Fluid commuter', ['front'], 'Brannock Sund');
  await goTo(page, `${job}/front/fluid`);
  for (const [container, reason] of [
    ['Bottle A, Selkie 10', 'wrong family: it would ruin the seals'],
    ['Tin B, DOT 5.1', 'past its use-by'],
    ['Tin G, DOT 4', 'poorer than the sheet asks'],
    ['Bottle E, Selkie 10', 'Refused'],
  ] as const) {
    const row = hands.button(new RegExp(`^${container}`));
    await expect(row).toContainText(reason);
    await expect(row).toBeDisabled();
  }
  await hands.touch(hands.button(/^Tin C, DOT 5.1/));
  await page.getByLabel('Used, mL').fill('900');
  await expect(page.getByText('Refused: not that much left.', { exact: false })).toBeVisible();

  await goTo(page, `${job}/rear/identify`);
  await hands.touch(hands.button(/Ostrel Tolve/));
  await hands.touch(hands.button('This is the brake'));
  await expect(page.getByRole('heading', { name: 'Which gauge?' })).toBeVisible();
  await goTo(page, `${job}/rear/fluid`);
  await expect(hands.button(/^Ampoule D/)).toContainText('empty');
  await expect(hands.button(/^Bottle E/)).toContainText('written off');
});

test('a sealed record is not changed by a write straight to the API', async ({ page }) => {
  await openBench(page);
  const { items } = (await (await page.request.get('/api/records')).json()) as {
    items: { id: string; jobId: string }[];
  };
  const { id, jobId } = items.at(-1)!;
  const read = async () =>
    (await (await page.request.get(`/api/records/${id}`)).json()) as {
      canonical: string;
      seal: string;
    };
  const before = await read();
  const job = await jobAt(page, jobId);
  const answer = await page.request.post(`/api/jobs/${jobId}/entries`, {
    data: {
      entry: {
        kind: 'reading',
        id: '019ac0de-0000-7000-8000-000000000001',
        at: new Date().toISOString(),
        measurementId: job.measured[0]!.id,
        place: '1',
        valueMm: 1.8,
        typed: '180',
        replaces: null,
      },
      appWord: null,
    },
  });
  expect(answer.status()).toBe(409);
  expect(((await answer.json()) as { type: string }).type).toBe('urn:hold-fast:problem:job-sealed');
  expect((await page.request.put(`/api/records/${id}`, { data: {} })).status()).toBe(404);
  expect(await read()).toEqual(before);
  await allSent(page);
});

test('a bike that leaves unrepaired is closed under a PIN, passes nothing and stays tagged', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const name = `Leaving bike ${project.name}`;
  const job = await takeInKnown(page, `Leaving ${project.name}`, name);
  await goTo(page, `${job}/front/look`);
  await hands.touch(page.getByRole('checkbox', { name: 'Crack', exact: true }));
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await hands.touch(hands.button('It leaves unrepaired'));
  await page.getByLabel('PIN of Maren Okafor').fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Close, not repaired'));
  await expect(page.getByText('Write it down: it goes into the record.').first()).toBeVisible();
  await page.getByLabel('What was said').fill('Takes it home, orders the rotor himself');
  await page.getByLabel('Who took it away').fill('His brother');
  await hands.touch(hands.button('Close, not repaired'));
  await expect(page.getByRole('heading', { name: 'Closed, not repaired' })).toBeVisible();
  await expect(page.getByText(/Taken away by His brother/)).toBeVisible();
  await hands.touch(hands.button('The bike’s page'));
  await expect(page.getByText(/Found at visit \d+, and no work since has lifted it/)).toBeVisible();
});

test('a refusal is said though its words do not come: nothing waits for them', async ({
  newPage: page,
}) => {
  // The line dies with the answer: the file is asked for, and nothing comes.
  await page.route(/[/]refusals-\w+\.js$/, () => undefined);
  await page.goto('/');
  await page.getByLabel('Your name').fill('Somebody else');
  await page.getByLabel('Passphrase').fill('not what it is');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText('wrong sign in');
});

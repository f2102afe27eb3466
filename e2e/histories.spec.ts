import { expect } from '@playwright/test';
import {
  allSent,
  beginRotor,
  goTo,
  jobAt,
  openBench,
  openFromBench,
  pinOf,
  verdict,
  takeWrench,
  test,
} from './bench';
import { atRotor, takeInKnown } from './takenIn';

// Histories that a hurried workshop produces, walked at the bench: each ends with what would answer it, and not with a signature.

test('a crack is not tapped away, and a lead’s words are what lifts it without work', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, `Crack ${project.name}`, `Cracked ${project.name}`);
  await goTo(page, `${job}/front/look`);
  const rotor = page.getByRole('group', { name: 'Rotor' });
  await hands.touch(rotor.getByRole('checkbox', { name: 'Crack' }));
  await hands.touch(rotor.getByRole('checkbox', { name: 'Nothing found' }));
  await expect(rotor.getByRole('checkbox', { name: 'Crack' })).toBeChecked();
  await expect(page.getByTestId('do-not-ride')).toContainText('Front rotor, crack');
  await allSent(page);
  await goTo(page, `${job}/found`);
  await expect(page.getByTestId('found-front-rotor')).toContainText(
    'A later look did not find crack: that is no answer.',
  );
  await goTo(page, `${job}/sign-off`);
  await hands.touch(hands.button('It was seen wrong'));
  await hands.touch(page.getByRole('radio', { name: 'Teodor Vane' }));
  await page.getByLabel('Why it was wrong').fill('A scratch in the paint, tried with dye');
  await page.getByLabel('PIN of Teodor Vane').fill(pinOf('Teodor Vane'));
  await hands.touch(hands.button('Record that it was seen wrong'));
  await expect(page.getByText('Do not ride: front rotor', { exact: false })).toHaveCount(0);
});

test('a worn rotor measured again: what the second lacked is said, and words are asked for', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const job = await atRotor(hands, `Again ${project.name}`, `Measured twice ${project.name}`);
  for (const digits of ['170', '149', '170', '170', '170', '170']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Replace');
  await allSent(page);
  await hands.touch(hands.button(/G2 thic/));
  await beginRotor(hands, 'G1 micrometer', 'No ridge');
  for (const digits of ['155', '155', '155', '155', '155', '155']) await hands.key(digits);
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await expect(page.getByText('Read before: 1.49 at point 2.', { exact: false })).toContainText(
    'nobody wrote why the first was wrong',
  );
  await hands.touch(hands.button('It was seen wrong'));
  await hands.touch(page.getByRole('radio', { name: 'Teodor Vane' }));
  await page.getByLabel('Why it was wrong').fill('A burr under the jaw');
  await page.getByLabel('PIN of Teodor Vane').fill(pinOf('Teodor Vane'));
  await hands.touch(hands.button('Record that it was seen wrong'));
  await expect(page.getByText('Read before: 1.49', { exact: false })).toHaveCount(0);
  await expect(
    page.getByText('The front rotor: the work must be done', { exact: false }),
  ).toHaveCount(0);
});

test('a bike that is ridden while it waits for its part is proven anew, and is not signed while it is away', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const bike = `Away ${project.name}`;
  const job = await atRotor(hands, `Away ${project.name}`, bike);
  for (const digits of ['170', '170', '170', '170', '170', '170']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Holds');
  await allSent(page);
  await goTo(page, job);
  await hands.touch(hands.button('It waits for something'));
  await page.getByLabel('Who was asked, or what is to come').fill('Two olives');
  await hands.touch(hands.button('Write it down'));
  await expect(page.getByText('Say whether the bike stays in the shop.')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'Leaves the shop' }));
  await hands.touch(hands.button('Write it down'));
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await expect(page.getByText('It is written that the bike is out of the shop')).toBeVisible();
  await hands.touch(hands.button('At the job'));
  await hands.touch(hands.button('The bike is back'));
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await expect(page.getByText('It is written that the bike is out of the shop')).toHaveCount(0);
  await expect(page.getByText('The front rotor is not proven.', { exact: false })).toBeVisible();
  await expect(
    page.getByText('Changed since it was proven: the bike was out of the shop.'),
  ).toBeVisible();
  expect((await jobAt(page, job.split('/').at(-1)!)).bars.map(({ code }) => code)).toEqual([
    'unproven-open',
    'lever-side-unconfirmed',
  ]);
});

test('a bike that was worked on yesterday is asked after: let go for the night, it is proven anew', async ({
  page,
}) => {
  const hands = await openBench(page);
  await openFromBench(hands, /Fish market cargo/);
  const asked = page.getByText(/^Has the bike been here since the work of /);
  await expect(asked).toBeVisible();
  await expect(page).toHaveURL(/bench\/[0-9a-f-]{36}$/);
  const job = new URL(page.url()).pathname;
  await goTo(page, `${job}/sign-off`);
  await hands.touch(hands.button('It was out of the shop'));
  await hands.touch(hands.button('After the last work on it'));
  await expect(asked).toHaveCount(0);
  await allSent(page);
  // What was found before it left is still there, and heals by no ride.
  const { away, bars } = await jobAt(page, job.split('/').at(-1)!);
  expect(away).toHaveLength(1);
  expect(bars.map(({ code }) => code)).toContain('do-not-ride');
  await goTo(page, job);
  await expect(page.getByText('It waits for something')).toBeVisible();
  await expect(asked).toHaveCount(0);
});

test('a correction that betters the word asks why the reading before it was wrong', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  await atRotor(hands, `Corrects ${project.name}`, `Corrected ${project.name}`);
  for (const digits of ['170', '145']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Replace');
  await hands.press('Backspace');
  await hands.press('Backspace', 'Backspace', 'Backspace');
  await hands.key('165');
  await expect(page.getByText('This betters the word', { exact: false })).toBeVisible();
  await page.getByLabel('Why the one before was wrong').fill('The jaw stood on a burr');
  await hands.touch(hands.button('Correct it'));
  await expect(verdict(page)).not.toContainText('Replace');
  await allSent(page);
});

test('a refused Replace is ridden against advice: the next visit opens with it', async ({ page }, {
  project,
}) => {
  const hands = await openBench(page);
  const bike = `Advised ${project.name}`;
  const job = await atRotor(hands, `Advice ${project.name}`, bike);
  for (const digits of ['145', '145', '145', '145', '145', '145']) await hands.key(digits);
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await hands.touch(hands.button('The customer refuses'));
  await page.getByLabel('The customer’s words').fill('In spring');
  await page.getByLabel('PIN of Maren Okafor').first().fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Record the refusal'));
  await hands.touch(
    page.getByRole('radiogroup', { name: /left lever/ }).getByRole('radio', { name: 'Yes' }),
  );
  await allSent(page);
  await expect(page.getByText('Nothing stands in the way')).toBeVisible();
  await page.getByLabel('PIN of Maren Okafor').fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Sign and seal'));
  await expect(page.getByRole('heading', { name: 'Signed off and sealed' })).toBeVisible();
  await hands.touch(hands.button('The bike’s page'));
  await expect(page.getByText('Ridden against advice')).toBeVisible();
  await expect(page.getByText('“In spring”', { exact: false })).toBeVisible();
});

test('a rotor sealed as good is taken back: the next visit of the bike is barred till it is answered', async ({
  page,
}, { project }) => {
  const hands = await openBench(page);
  const bike = `Taken back ${project.name}`;
  const customer = `Takes back ${project.name}`;
  const job = await atRotor(hands, customer, bike);
  for (const digits of ['170', '170', '170', '170', '170', '170']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Holds');
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await hands.touch(
    page.getByRole('radiogroup', { name: /left lever/ }).getByRole('radio', { name: 'Yes' }),
  );
  await allSent(page);
  await page.getByLabel('PIN of Maren Okafor').fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Sign and seal'));
  await expect(page.getByRole('heading', { name: 'Signed off and sealed' })).toBeVisible();
  await page.getByLabel('What has to be corrected').fill('It was the other bike’s rotor');
  await hands.touch(page.getByRole('checkbox', { name: 'Front rotor' }));
  await expect(page.getByText('The bike is not to be ridden')).toBeVisible();
  await page.getByLabel('PIN of Maren Okafor').fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Add the amendment'));
  await expect(page.getByText('It was the other bike’s rotor', { exact: false })).toBeVisible();

  await goTo(page, '/bench/check-in');
  await page.getByLabel('Find', { exact: true }).fill(bike);
  await hands.touch(hands.button(new RegExp(`^${bike}`)));
  await page.getByLabel('In the rider’s own words').fill('Was rung up');
  await hands.touch(page.getByRole('radio', { name: 'Left' }));
  await hands.touch(hands.button('Check it in'));
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  await expect(page.getByTestId('do-not-ride')).toContainText('Front rotor');
  await goTo(page, `${new URL(page.url()).pathname}/sign-off`);
  await expect(
    page.getByText('An earlier visit left a do-not-ride on this bike: front rotor', {
      exact: false,
    }),
  ).toBeVisible();
});

test('a bench without network measures, fits and tightens; the shop gets all of it', async ({
  page,
  context,
}, { project }) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, `Far out ${project.name}`, `Off shore ${project.name}`);
  await goTo(page, `${job}/front/rotor`);
  await context.setOffline(true);
  await beginRotor(hands, 'G2 thickness gauge', 'No ridge');
  for (const digits of ['145', '145', '145', '145', '145', '145']) await hands.key(digits);
  await expect(verdict(page)).toContainText('Replace');
  await hands.touch(hands.button('Job', true));
  await hands.touch(hands.button('Sign off', true));
  await hands.touch(hands.button('Record the new rotor'));
  await hands.touch(page.getByRole('radio', { name: 'New', exact: true }));
  await page.getByLabel('What it is').fill('180 mm out of its box');
  await hands.touch(page.getByRole('radio', { name: 'No mark for pads' }));
  await hands.touch(hands.button('The rotor is in'));
  await takeWrench(hands, /W2 bench/);
  await hands.touch(hands.button('All finger-tight'));
  await hands.touch(hands.button('All clicked'));
  // A pedal that a foot stays on is one press: it makes no bolt tight after the first.
  await expect(page.getByText('Bolt 1', { exact: false }).first()).toBeVisible();
  for (const key of ['Enter', ' ', 'ArrowRight']) await hands.hold(key);
  // And so is a double press.
  await expect(page.getByText('Bolt 4', { exact: false }).first()).toBeVisible();
  await hands.button('It clicked').dblclick();
  for (let bolt = 5; bolt <= 6; bolt++) {
    await expect(page.getByText(`Bolt ${bolt}`, { exact: false }).first()).toBeVisible();
    await hands.touch(hands.button('It clicked'));
  }
  await hands.touch(hands.button('All clicked'));
  await expect(page.getByText('Proven at 6.0 N·m')).toBeVisible();

  await context.setOffline(false);
  await allSent(page);
  const { fittings, tightened, measured } = await jobAt(page, job.split('/').at(-1)!);
  expect([fittings.length, tightened.map(({ flaws }) => flaws)]).toEqual([1, [[]]]);
  expect(measured[0]!.readings.filter(({ place }) => place !== 'zero')).toHaveLength(6);
  await goTo(page, `${job}/sign-off`);
  await expect(page.getByText('Try the front brake on the stand', { exact: false })).toBeVisible();
  await expect(page.getByText('torque not proven', { exact: false })).toHaveCount(0);
});

test('a no on the stand is not tapped to yes: it says what was done about it', async ({ page }, {
  project,
}) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, `Rubs ${project.name}`, `Rubbing ${project.name}`);
  await goTo(page, `${job}/sign-off`);
  const feel = page.getByRole('radiogroup', { name: /Front lever firm/ });
  await hands.touch(feel.getByRole('radio', { name: 'No' }));
  await hands.touch(feel.getByRole('radio', { name: 'Yes' }));
  await expect(page.getByText('gives under a held pull', { exact: false }).first()).toBeVisible();
  await expect(feel.getByRole('radio', { name: 'No' })).toBeChecked();
  const side = page.getByRole('radiogroup', { name: /left lever/ });
  await hands.touch(side.getByRole('radio', { name: 'No' }));
  await hands.touch(side.getByRole('radio', { name: 'Yes' }));
  await expect(side.getByRole('radio', { name: 'No' })).toBeChecked();
  await page.getByLabel('What was done about it').fill('Asked again, with the levers in hand');
  await hands.touch(hands.button('Now it is in order'));
  await expect(side.getByRole('radio', { name: 'Yes' })).toBeChecked();
  await hands.touch(hands.button('It was seen wrong'));
  await hands.touch(page.getByRole('radio', { name: 'Teodor Vane' }));
  await page.getByLabel('Why it was wrong').fill('The pads were still spread');
  await page.getByLabel('PIN of Teodor Vane').fill(pinOf('Teodor Vane'));
  await hands.touch(hands.button('Record that it was seen wrong'));
  await expect(page.getByText('Nothing stands in the way')).toBeVisible();
});

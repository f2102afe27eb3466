import { expect } from '@playwright/test';
import {
  allSent,
  beginRotor,
  checkIn,
  goTo,
  identify,
  openBench,
  pinOf,
  takeWrench,
  verdict,
  test,
} from './bench';
import { readLever } from './walker';

test('one bike measured, judged, tightened, filled, signed, remembered', async ({
  newPage: page,
}) => {
  const began = Date.now();
  await page.clock.install();
  const hands = await openBench(page);
  const bike = 'Cargo of the walk';
  const job = await checkIn(hands, 'Walker', bike);

  await identify(hands, 'Ostrel Tolve');
  await beginRotor(hands, 'G2 thickness gauge', 'No ridge');
  for (const digits of ['170', '168', '166', '169', '171']) await hands.key(digits);
  await hands.press('1', '7');
  await expect(page.getByLabel(/Next: point 6/)).toBeVisible();
  await hands.press('0', 'Enter');
  await expect(verdict(page)).toContainText('Holds');
  await expect(verdict(page)).toContainText(
    'Thinnest 1.66 at point 3, 4 o’clock. Limit 1.50, sheet.',
  );
  await expect(verdict(page)).toContainText('1.66 less its doubt 0.03 clears 1.50');

  await hands.touch(hands.button('Measure the pads'));
  // The same gauge, its zero check still standing. By the keypad on the screen, as a knuckle would.
  for (const digits of ['37', '37', '36', '37']) {
    for (const digit of digits) await hands.touch(hands.button(digit, true));
    await hands.touch(hands.button('next', true));
  }
  await expect(page.getByText('3.60, rule 3.0', { exact: true })).toBeVisible();
  await expect(page.getByText('1.80, rule 1.5', { exact: true })).toBeVisible();
  await expect(page.getByText(/18 %, rule 75 %/)).toBeVisible();
  await expect(verdict(page)).toContainText('Holds');
  await hands.touch(hands.button('Job', true));

  await hands.touch(hands.button(/^Torque/).first());
  await expect(page.getByText('Asked 5.4 to 6.6 N·m, sheet: it names 6.0')).toBeVisible();
  // What the sheet asks for is not what somebody put on: before that is said, no wrench is set.
  await expect(page.getByText('Say what is on it; the wrenches follow.')).toBeVisible();
  await expect(hands.button(/W2 bench/)).toHaveCount(0);
  await takeWrench(hands, /W2 bench/);
  await hands.touch(hands.button('All finger-tight'));
  await expect(page.getByText('Set the wrench to')).toBeVisible();
  await expect(page.getByText('3.0', { exact: true })).toBeVisible();
  await hands.touch(hands.button('All clicked'));
  await expect(page.getByText('6.0', { exact: true })).toBeVisible();
  for (let bolt = 1; bolt <= 6; bolt++) {
    await expect(page.getByText(`Bolt ${bolt}`, { exact: false }).first()).toBeVisible();
    await hands.touch(hands.button('It clicked'));
  }
  await hands.touch(hands.button('All clicked'));
  await allSent(page);
  await expect(page.getByText('Proven at 6.0 N·m')).toBeVisible();
  await hands.touch(hands.button('Back to the job'));

  await hands.touch(hands.button(/^Fluid/).first());
  await hands.touch(hands.button(/Bottle A, Selkie 10/));
  await page.getByLabel('Used, mL').fill('7,5');
  await hands.touch(hands.button('Book 7.5 mL off'));
  await expect(page.getByText('7.5 mL Selkie 10, Bottle A, lot K22-118')).toBeVisible();
  await hands.touch(hands.button('Back to the job'));

  // Fluid went in: the lever wants its number, everything its tick, and the wheel its turn on the stand.
  await hands.touch(hands.button('Sign off', true));
  await hands.touch(hands.button('Test the lever for air'));
  await hands.touch(hands.button(/G3 vernier/));
  await readLever(hands);
  await expect(verdict(page)).toContainText('Holds');
  await goTo(page, `${job}/sign-off`);
  await hands.touch(hands.button('Check by name, front'));
  await expect(page.getByRole('heading', { name: 'Check by name' })).toBeVisible();
  const names = page.getByRole('radiogroup');
  await expect(names.first()).toBeVisible();
  for (let i = 0; i < (await names.count()); i++)
    await hands.touch(names.nth(i).getByRole('radio', { name: 'Yes' }));
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await hands.touch(
    page
      .getByRole('radiogroup', { name: /Front on the stand/ })
      .getByRole('radio', { name: 'Yes' }),
  );
  await expect(page.getByText(/rear rotor, pads, .*\. The record says so/)).toBeVisible();
  await hands.touch(
    page
      .getByRole('radiogroup', { name: /left lever works the front/ })
      .getByRole('radio', { name: 'Yes' }),
  );
  await hands.touch(
    page.getByRole('radiogroup', { name: /Front lever firm/ }).getByRole('radio', { name: 'Yes' }),
  );
  await allSent(page);
  await expect(page.getByText('Nothing stands in the way')).toBeVisible();
  await page.getByLabel('PIN of Maren Okafor').fill(pinOf('Maren Okafor'));
  await hands.touch(hands.button('Sign and seal'));
  await expect(page.getByRole('heading', { name: 'Signed off and sealed' })).toBeVisible();
  const seal = await page.getByTestId('seal').innerText();
  expect(seal).toMatch(/^[0-9a-f]{64}$/);

  await hands.touch(hands.button('The bike’s page'));
  await expect(page.getByText(`Sealed`, { exact: false }).first()).toContainText(seal.slice(0, 12));
  await expect(page.getByText('Measured once', { exact: false }).first()).toBeVisible();
  console.log(`  ${hands.actions} touches and keys, ${Math.round((Date.now() - began) / 1000)} s`);

  await goTo(page, '/ledger');
  await expect(page.getByText(/The chain of \d+ seals is whole/)).toBeVisible();
  await goTo(page, job);
  await expect(page.getByText(/Sealed as record/)).toBeVisible();
});

test('a bike’s page draws the wear of its earlier visits', async ({ page }) => {
  const hands = await openBench(page);
  await goTo(page, '/bikes');
  await page.getByLabel('Find', { exact: true }).fill('post tri');
  await hands.touch(hands.button(/Post trike 7/));
  await expect(page.getByText('Front rotor, by distance')).toBeVisible();
  await expect(
    page.getByLabel(/^Front rotor: 1.80 mm at 0\skm; .*1.47 mm at 8,750\skm\. Limit 1.50 mm\.$/),
  ).toBeVisible();
  await expect(page.getByText('0.33 mm gone since', { exact: false })).toContainText(
    '0.038 mm per 1,000 km',
  );
});

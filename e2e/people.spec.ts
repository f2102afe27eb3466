import { expect, test } from '@playwright/test';
import { allSent, Hands, openBench, pinOf, signIn, type PersonName } from './bench';
import { atRotor } from './takenIn';

test('somebody is taken on, chooses their own passphrase and PIN, forgets them, begins anew, and is locked out', async ({
  page,
  browser,
}, { project }) => {
  const name = `Newcomer ${project.name}`;
  const hands = await openBench(page, 'Teodor Vane');
  await page.goto('/manner');
  await hands.touch(hands.button('People', true));
  await hands.touch(hands.button('Take somebody on'));
  // Nothing written: the first field says so, and has the focus.
  await hands.touch(hands.button('Take somebody on'));
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await page.getByLabel('Name', { exact: true }).fill(name);
  await expect(page.getByRole('radio', { name: /^Owner/ })).toHaveCount(0);
  await hands.touch(page.getByRole('radio', { name: /^Mechanic/ }));
  await page.getByLabel('Passphrase for the first sign-in').fill('given by the lead');
  await hands.touch(hands.button('Take somebody on'));
  await expect(page.getByText('Say whether they work alone or are an apprentice.')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'They sign for their own work' }));
  await hands.touch(hands.button('Take somebody on'));
  await expect(page.getByText(`Tell ${name} the passphrase`)).toBeVisible();

  // At their own phone: nothing before both are theirs.
  const phone = await browser.newContext(project.use);
  const theirs = await phone.newPage();
  await theirs.goto('/bench');
  await theirs.getByLabel('Your name').fill(name);
  await theirs.getByLabel('Passphrase').fill('given by the lead');
  await theirs.getByRole('button', { name: 'Sign in' }).click();
  await expect(theirs.getByRole('heading', { name: 'Your passphrase and PIN' })).toBeVisible();
  await theirs.getByLabel('The passphrase you were given').fill('given by the lead');
  await theirs.getByLabel('New passphrase').fill('a line of a song');
  await theirs.getByLabel('New PIN').fill('1234');
  await theirs.getByRole('button', { name: 'Keep these' }).click();
  await expect(theirs.getByText('no row of digits')).toBeVisible();
  await theirs.getByLabel('New PIN').fill('5083');
  await theirs.getByRole('button', { name: 'Keep these' }).click();
  await expect(theirs.getByRole('button', { name: 'Check in a bike' })).toBeVisible();

  // Forgotten: the lead gives a passphrase for one sign-in; the phone is out.
  await page.goto('/people');
  await hands.touch(hands.button(new RegExp(`^${name}`)));
  await expect(page.getByText('Own passphrase or PIN chosen')).toBeVisible();
  await hands.touch(hands.button('Passphrase or PIN forgotten'));
  await page.getByLabel('Passphrase for the first sign-in').fill('the second one given');
  await hands.touch(hands.button('Give this passphrase'));
  await expect(page.getByText('Nowhere now.')).toBeVisible();
  await theirs.goto('/bench');
  await expect(theirs.getByLabel('Your name')).toBeVisible();

  // Locked: said by the right passphrase.
  await hands.touch(page.getByRole('checkbox', { name: /^Locked/ }));
  await hands.touch(hands.button('Save', true));
  await expect(page.getByText('before: ', { exact: false }).first()).toBeVisible();
  await theirs.getByLabel('Your name').fill(name);
  await theirs.getByLabel('Passphrase').fill('the second one given');
  await theirs.getByRole('button', { name: 'Sign in' }).click();
  await expect(theirs.getByText('This account is locked', { exact: false })).toBeVisible();
  await signIn(theirs, 'Maren Okafor');
  await expect(theirs.getByRole('button', { name: 'Check in a bike' })).toBeVisible();
  await theirs.goto('/people');
  await expect(theirs.getByText('Your role may not do this.')).toBeVisible();
  await phone.close();
});

test('a tablet of the bench: in by name and PIN, locked when left, and what one was at is nobody else’s', async ({
  browser,
}, { project }) => {
  const device = await browser.newContext(project.use);
  const page = await device.newPage();
  await page.clock.install();
  const lead = await openBench(page, 'Teodor Vane');
  const name = `Bench ${project.name}`;
  await page.goto('/people');
  await lead.touch(lead.button('Make this device one'));
  await page.getByLabel('What the tablet is called').fill(name);
  await lead.touch(lead.button('Make this device one'));
  await expect(page.getByText(`This device is the tablet “${name}”`)).toBeVisible();
  await page.goto('/bench');
  await lead.touch(lead.button('Sign out'));

  // One touch and four digits, and what is keyed is hers.
  const hands = new Hands(page);
  const comeIn = async (who: PersonName) => {
    await hands.touch(hands.button(who, true));
    for (const digit of pinOf(who)) await hands.touch(hands.button(digit, true).last());
  };
  await comeIn('Maren Okafor');
  await expect(hands.button('Check in a bike')).toBeVisible();
  expect(hands.actions).toBe(5);
  await atRotor(hands, `Shared ${project.name}`, `Tablet bike ${project.name}`);
  await hands.key('170');
  await hands.press('1', '6');
  await expect(page.getByRole('group').getByText('1.6', { exact: true })).toBeVisible();

  // She leaves, with half a number keyed; what others press goes nowhere.
  await page.clock.fastForward('05:10');
  await expect(page.getByRole('heading', { name: 'Maren Okafor' })).toBeVisible();
  await hands.press('Escape');
  await expect(
    page.getByText('What Maren Okafor was at waits for them', { exact: false }),
  ).toBeVisible();
  await hands.press('9', '9', 'Enter', 'Tab', 'Tab');
  await hands.touch(hands.button('Maren Okafor', true));
  await hands.press('0', '0', '0', '0');
  await expect(page.getByText('That is not the PIN of this person.')).toBeVisible();
  await hands.press(...pinOf('Maren Okafor'));
  await expect(page.getByRole('heading', { name: 'Maren Okafor' })).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Measure the rotor' })).toBeVisible();
  await expect(page.getByRole('group').getByText('1.6', { exact: true })).toBeVisible();
  await hands.press('8', 'Enter');
  await expect(page.getByLabel(/Next: point 3/)).toBeVisible();
  await allSent(page);

  // Left again with half a number keyed: whoever else comes in begins at the Bench, and keys none of it on.
  await hands.press('1', '6');
  await expect(page.getByRole('group').getByText('1.6', { exact: true })).toBeVisible();
  const rotor = page.url();
  await page.clock.fastForward('05:10');
  await expect(page.getByRole('heading', { name: 'Maren Okafor' })).toBeVisible();
  await hands.press('Escape');
  await comeIn('Joss Tarrel');
  await expect(page).toHaveURL(/\/bench$/);
  await expect(hands.button('Joss Tarrel: language and units').first()).toBeVisible();
  await page.goto(rotor);
  await expect(page.getByLabel(/Next: point 3/)).toBeVisible();
  await expect(page.getByRole('group').getByText('1.6', { exact: true })).toHaveCount(0);

  // A lead ends the tablet from elsewhere: whoever is in is out, and no PIN lets anybody in.
  const desk = await browser.newContext(project.use);
  const elsewhere = await desk.newPage();
  await openBench(elsewhere, 'Teodor Vane');
  await elsewhere.goto('/people');
  await elsewhere.getByRole('button', { name: `End it: ${name}` }).click();
  await expect(elsewhere.getByRole('button', { name: `End it: ${name}` })).toHaveCount(0);
  await expect(elsewhere.getByText(/ended .* by Teodor Vane/).first()).toBeVisible();
  expect((await page.request.get('/api/bench')).status()).toBe(401);
  await page.goto('/bench');
  await expect(page.getByLabel('Your name')).toBeVisible();
  await device.close();
  await desk.close();
});

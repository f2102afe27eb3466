import { expect, test } from '@playwright/test';
import { openBench, signIn } from './bench';

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

import { expect, test, type Page } from '@playwright/test';
import { goTo, openBench } from './bench';

/** Everything that the page sends to be kept, by its address. */
function sent(page: Page): string[] {
  const written: string[] = [];
  page.on('request', (request) => {
    if (request.method() !== 'GET') written.push(`${request.method()} ${request.url()}`);
  });
  return written;
}

const choose = (page: Page, name: string | RegExp) => page.getByRole('checkbox', { name });

test('a practice brake is looked at, judged, named, planned and signed, and the truth is laid beside it', async ({
  page,
}) => {
  const hands = await openBench(page, 'Ebbe Solvang');
  await page.goto('/reckoner/practice');
  const written = sent(page);
  await expect(page.getByTestId('practice-band')).toBeVisible();
  await hands.touch(page.getByTestId('practice-long-and-soft'));
  await hands.touch(page.getByTestId('check-measure-pads'));
  // The rules say nothing before whoever read the numbers has judged them.
  await expect(page.getByTestId('verdict')).toHaveCount(0);
  await hands.touch(page.getByRole('radio', { name: 'Replace' }));
  await expect(page.getByTestId('verdict')).toContainText('Replace');
  await expect(page.getByTestId('there-pads-thin')).toBeVisible();
  await hands.touch(page.getByTestId('check-sponge-test'));
  await hands.touch(page.getByRole('radio', { name: 'Holds' }));
  await hands.touch(page.getByTestId('check-hold-and-tissue'));
  await expect(page.getByText('Not there: a joint that wets the tissue.')).toBeVisible();

  // Nothing is lost with the page.
  await page.reload();
  await expect(page.getByText('You said: replace.')).toBeVisible();
  await hands.touch(hands.button('On: name the cause'));
  await hands.touch(choose(page, 'Worn pads'));
  await hands.touch(choose(page, 'Air in the system'));
  await hands.touch(hands.button('On: plan the work'));
  await hands.touch(choose(page, 'Replace the pair of pads'));
  await hands.touch(choose(page, 'Full bleed'));
  await hands.touch(hands.button('On: the signature'));
  await hands.touch(hands.button('Sign it off'));
  // A lever that was said to hold and does not keeps it from being made fast.
  await expect(page.getByTestId('practice-standing')).toHaveText('Half way');
  await expect(page.getByText(/9 min at the bench and 1\d taps/)).toBeVisible();
  await expect(
    page.getByText('Measure the pads: it would have been', { exact: false }),
  ).toBeVisible();
  expect(written).toEqual([]);
  await hands.touch(hands.button('All practice brakes').last());
  await expect(page.getByTestId('practice-long-and-soft')).toContainText('half way');
});

test('a hurried signature over a leak is told as what it is, and a drawn brake is the same for everybody', async ({
  page,
}) => {
  const hands = await openBench(page, 'Ebbe Solvang');
  await goTo(page, '/reckoner/practice/cleaned-twice');
  await hands.touch(page.getByTestId('check-wipe-and-smell'));
  await hands.touch(hands.button('On: name the cause'));
  await hands.touch(choose(page, 'Oil on pads and rotor'));
  await hands.touch(hands.button('On: plan the work'));
  await hands.touch(choose(page, 'Clean and abrade, once'));
  await hands.touch(hands.button('On: the signature'));
  await hands.touch(hands.button('Sign it off'));
  await expect(page.getByRole('alert')).toContainText(
    'You signed a brake that is not to be ridden',
  );
  await expect(page.getByTestId('practice-standing')).toHaveText('Adrift');
  await expect(page.getByText('A leak missed')).toBeVisible();

  await goTo(page, '/reckoner/practice');
  await page.getByLabel('Its number').fill('0');
  await expect(page.getByText('A whole number from 1 to 999,999,999.')).toBeVisible();
  await page.getByLabel('Its number').fill('41');
  await hands.touch(hands.button('Draw one'));
  await expect(page.getByRole('heading', { name: 'Drawn brake 41' })).toBeVisible();
  await hands.touch(page.getByTestId('check-thickness-sweep'));
  const first = await page.getByTestId('readings-rotor').innerText();
  await hands.touch(hands.button('All practice brakes'));
  await page.evaluate(() => localStorage.clear());
  await page.goto('/reckoner/practice/41-2');
  await hands.touch(page.getByTestId('check-thickness-sweep'));
  expect(await page.getByTestId('readings-rotor').innerText()).toBe(first);

  await page.goto('/reckoner/practice/no-such');
  await expect(page.getByText('There is no practice brake of that name.')).toBeVisible();
});

import { expect, test, type Page } from '@playwright/test';
import { allSent, checkIn, openBench, signIn, Hands } from './bench';

/** Both ends by one sheet, and back on the job. */
async function identifyBoth(hands: Hands, job: string): Promise<void> {
  for (const end of ['front', 'rear']) {
    await hands.page.goto(`${job}/${end}/identify`);
    await hands.touch(hands.button(/Ostrel Tern/));
    await hands.touch(hands.button('This is the brake'));
    await expect(hands.page.getByRole('heading', { name: 'Which gauge?' })).toBeVisible();
  }
  await hands.page.goto(job);
}
const choose = (page: Page, end: string, work: string) =>
  page
    .getByRole('group', { name: `Work at the ${end}` })
    .getByRole('checkbox', { name: work, exact: true });
const doing = (page: Page) => page.getByRole('heading', { level: 2 });
const stepNumber = (page: Page) => page.getByText(/step \d+ of \d+/);

/** Presses Done by key until a step comes up, or all is done; holds the 60 s where they are asked for. */
async function goOn(page: Page, until: string): Promise<void> {
  for (let i = 0; i < 80; i++) {
    const now = await page.locator('main').first().innerText();
    if (now.includes(until)) return;
    if (now.includes('Start holding')) {
      await page.getByRole('button', { name: 'Start holding' }).click();
      await page.clock.fastForward(61_000);
      await page.getByRole('button', { name: 'It was held throughout' }).click();
      continue;
    }
    const at = (await stepNumber(page).textContent())!;
    await page.keyboard.press('Enter');
    await expect(page.getByText(at, { exact: true })).toBeHidden();
  }
  throw new Error(`${until} never came up`);
}

test('a visit to both ends is planned once, done step by step, changed half way, handed over, and closed', async ({
  page,
  browser,
}, { project }) => {
  test.setTimeout(150_000);
  await page.clock.install();
  const hands = await openBench(page);
  const job = await checkIn(hands, `Planned ${project.name}`, `Planned bike ${project.name}`);
  await identifyBoth(hands, job);

  await hands.touch(hands.button(/^Plan/));
  await hands.touch(choose(page, 'front', 'Change the pads'));
  await hands.touch(choose(page, 'front', 'Change the rotor'));
  await hands.touch(hands.button('All procedures, rear'));
  await hands.touch(choose(page, 'rear', 'Bleed: push up'));
  await hands.touch(choose(page, 'rear', 'Change the pads'));
  await expect(page.getByText(/Planned together they save 9 set-ups/)).toBeVisible();
  await expect(page.getByText(/Pair of pads \(front\)/i)).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'Agreed to all of it' }));
  await hands.touch(hands.button('This is the plan'));

  // One touch a step; a reload opens it at the same one.
  await expect(stepNumber(page)).toContainText('step 1 of');
  await goOn(page, 'Take the pads out and bag them');
  const here = (await stepNumber(page).textContent())!;
  await allSent(page);
  await page.reload();
  await expect(stepNumber(page)).toHaveText(here);

  // A set-up and a hold point are not left out.
  await hands.touch(hands.button('Leave out'));
  await expect(page.getByText('Later steps want it: it cannot be left out.')).toBeVisible();
  await hands.touch(hands.button('Back to the step'));

  // A piston sticks: the plan is made anew from where the bike stands.
  await goOn(page, 'Cup on the lever');
  await hands.touch(hands.button('Plan', true));
  await hands.touch(choose(page, 'rear', 'Service the pistons'));
  await hands.touch(hands.button('Change the plan'));
  await goOn(page, 'Lubricate and exercise the pistons');
  await allSent(page);

  // Handed over at lunch: another phone opens it at the same step and goes on; the first is told.
  const other = await (await browser.newContext()).newPage();
  await other.clock.install();
  await other.goto(`${new URL(page.url()).origin}${job}/step`);
  await signIn(other, 'Joss Tarrel');
  await expect(doing(other)).toHaveText('Lubricate and exercise the pistons');
  await other.keyboard.press('Enter');
  await expect(doing(other)).not.toHaveText('Lubricate and exercise the pistons');
  await allSent(other);
  await page.keyboard.press('Enter');
  await expect(page.getByText('One entry was not saved')).toBeVisible();
  await expect(
    page.getByText('Somebody else has gone on with this plan.', { exact: false }),
  ).toBeVisible();
  await page.context().close();

  await goOn(other, 'Test the lever for air');
  const mate = new Hands(other);
  await mate.touch(mate.button('Leave out'));
  await other.getByLabel('Why it is left out').fill('Felt against the front');
  await mate.touch(mate.button('Leave it out'));
  await goOn(other, 'All of it is done');
  await expect(
    other.getByText(/Left out, rear: test the lever for air: “Felt against the front”/),
  ).toBeVisible();
  await allSent(other);
  await mate.touch(mate.button('Sign off'));
  await expect(other.getByText('Still open')).toBeVisible();
  await expect(other.getByText(/was begun and is not finished/)).toBeHidden();
  await other.context().close();
});

test('work that was begun bars the sign-off, by name', async ({ page }, { project }) => {
  const hands = await openBench(page);
  const job = await checkIn(hands, `Begun ${project.name}`, `Begun bike ${project.name}`);
  await identifyBoth(hands, job);
  await page.goto(`${job}/plan`);
  await hands.touch(choose(page, 'front', 'Centre the caliper'));
  await hands.touch(hands.button('This is the plan'));
  await expect(doing(page)).toHaveText('Slacken the caliper');
  await hands.touch(hands.button('Done', true));
  await expect(doing(page)).toHaveText('Centre the caliper');
  await allSent(page);
  await page.goto(`${job}/sign-off`);
  await expect(
    page.getByText('Work at the front was begun and is not finished: the caliper', {
      exact: false,
    }),
  ).toBeVisible();
});

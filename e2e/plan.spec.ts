import { USUAL_ENDS } from '@hold-fast/core/ends';
import { expect, type Page } from '@playwright/test';
import { allSent, goTo, Hands, openBench, test } from './bench';
import { takeInKnown } from './takenIn';
import { stepNumber, Walker } from './walker';

const choose = (page: Page, end: string, work: string) =>
  page
    .getByRole('group', { name: `Work at the ${end}` })
    .getByRole('checkbox', { name: work, exact: true });
const doing = (page: Page) => page.getByRole('heading', { level: 2 });

/** Goes on by key until a step comes up, proving what it must: what may be written down later is left for later. */
const goOn = (page: Page, until: string) =>
  new Walker(
    new Hands(page),
    async ({ hands }) => (await hands.button(MAY_BE_LATER).count()) > 0,
  ).until(until);
const MAY_BE_LATER = /^(Log the bleed|Book the fluid off|Check by name)$/;

test('rules that no plan and no skip may break, tried at the step face', async ({ newPage: page }, {
  project,
}) => {
  await page.clock.install();
  const hands = await openBench(page);
  const job = await takeInKnown(
    page,
    `Rules ${project.name}`,
    `Rules bike ${project.name}`,
    USUAL_ENDS,
  );
  await goTo(page, `${job}/plan`);
  await hands.touch(hands.button('All procedures: rear'));
  await hands.touch(choose(page, 'rear', 'Renew the hose'));
  await hands.touch(choose(page, 'rear', 'Change the pads'));
  await hands.touch(hands.button('This is the plan'));
  // Each by the rule it stands for: leaving it out is refused, whatever the reason.
  for (const [rule, does] of [
    [2, 'Take the pads out and bag them'],
    [7, 'Push the pistons home'],
    [1, 'Put the bleed block in and pin it'],
    [6, 'Press a new barb home'],
    [6, 'Cover, nut and a new olive on'],
    [3, 'Nipple shut, syringe off'],
    [5, 'Nipple shut, syringe off'],
    [9, 'Wash hands and bench'],
    [4, 'Take the bleed block out'],
    [8, 'Hold the lever hard for 60 s'],
    [8, 'Test it on the stand'],
  ] as const) {
    await goOn(page, does);
    if (rule === 6) {
      // Nor is it done before it is written down where the new one came from.
      await page.keyboard.press('Enter');
      await expect(
        page.getByText('the old one is never used again', { exact: false }),
      ).toBeVisible();
      await expect(doing(page)).toContainText(does);
    }
    await hands.touch(hands.button('Leave out'));
    await expect(
      page.getByText('It cannot be left out', { exact: true }),
      `rule ${rule}`,
    ).toBeVisible();
    await hands.touch(hands.button('Back to the step'));
  }
  // A slip of the hand is taken back by key, and the step comes up again.
  const here = (await stepNumber(page).textContent())!;
  await page.keyboard.press('Enter');
  await expect(page.getByText(here, { exact: true })).toBeHidden();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText(here, { exact: true })).toBeVisible();
  await expect(doing(page)).toHaveText('Test it on the stand');
  // A finger’s swipe is a press of Done; a hand that rests and drags, or two that make the page smaller, say nothing.
  await draw(page, [[340, 90]], 700);
  await draw(
    page,
    [
      [60, 170],
      [340, 190],
    ],
    0,
  );
  await expect(page.getByText(here, { exact: true })).toBeVisible();
  await draw(page, [[340, 90]], 0);
  await expect(page.getByText(here, { exact: true })).toBeHidden();
  await draw(page, [[90, 340]], 0);
  await expect(page.getByText(here, { exact: true })).toBeVisible();
  // Rule 10: the job as it stands is not signed.
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await expect(page.getByText(/was begun and is not finished/)).toBeVisible();
  await page.getByLabel(/^PIN of/).fill('1593');
  await hands.touch(hands.button('Sign and seal'));
  await expect(page.getByText('What is open stands below.')).toBeVisible();
});

test('a hold is counted by the clock through a nap of the phone and a reload, and rings', async ({
  newPage: page,
}, { project }) => {
  await page.clock.install();
  const hands = await openBench(page);
  const job = await takeInKnown(
    page,
    `Hold ${project.name}`,
    `Hold bike ${project.name}`,
    USUAL_ENDS,
  );
  await goTo(page, `${job}/plan`);
  await hands.touch(choose(page, 'front', 'Centre the caliper'));
  await hands.touch(hands.button('This is the plan'));
  await goOn(page, 'Hold the lever hard for 60 s');
  // No Done, by button or key, before it was held.
  await expect(hands.button('Done', true)).toBeHidden();
  await page.keyboard.press('ArrowRight');
  await expect(doing(page)).toHaveText('Hold the lever hard for 60 s');
  await hands.touch(hands.button('Start holding'));
  await page.clock.fastForward(20_000);
  await expect(page.getByRole('timer')).toHaveText('40');
  await allSent(page);
  await page.reload();
  await page.clock.runFor(1000);
  await expect(page.getByRole('timer')).toHaveText(/3\d/);
  await page.clock.fastForward(45_000);
  await hands.touch(hands.button('It was held throughout'));
  await hands.touch(hands.button('Done', true));
  await expect(doing(page)).not.toHaveText('Hold the lever hard for 60 s');
});

test('work that was begun bars the sign-off, by name', async ({ page }, { project }) => {
  const hands = await openBench(page);
  const job = await takeInKnown(
    page,
    `Begun ${project.name}`,
    `Begun bike ${project.name}`,
    USUAL_ENDS,
  );
  await goTo(page, `${job}/plan`);
  await hands.touch(choose(page, 'front', 'Centre the caliper'));
  await hands.touch(hands.button('This is the plan'));
  await expect(doing(page)).toHaveText('Slacken the caliper');
  await hands.touch(hands.button('Done', true));
  await expect(doing(page)).toHaveText('Centre the caliper');
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await expect(
    page.getByText('Work at the front was begun and is not finished: the caliper', {
      exact: false,
    }),
  ).toBeVisible();
});

/** Fingers that come down one after the other, are drawn level over the step’s face, and are lifted after so long. */
async function draw(page: Page, fingers: readonly (readonly [number, number])[], ms: number) {
  const cdp = await page.context().newCDPSession(page);
  const { y } = (await doing(page).boundingBox())!;
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', xs: number[]) =>
    cdp.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: xs.map((x, id) => ({ x, y: y + 5, id })),
    });
  const starts = fingers.map(([from]) => from);
  for (const down of starts.keys()) await touch('touchStart', starts.slice(0, down + 1));
  await new Promise((rested) => setTimeout(rested, ms));
  await touch(
    'touchMove',
    fingers.map(([, to]) => to),
  );
  await touch('touchEnd', []);
  await cdp.detach();
}

import { expect, type Page } from '@playwright/test';
import { allSent, goTo, type Hands, openBench, test } from './bench';
import { atRotor, takeInKnown } from './takenIn';

// What a phone's browser leaves of its screen, a small phone, and both on their side.
const SIZES = [
  [390, 844],
  [390, 664],
  [360, 640],
  [360, 560],
  [844, 390],
  [640, 360],
] as const;
const LEAST_KEY_PX = 44;

/** The whole keypad, and the number it fills, are on screen, every key big enough for a knuckle. */
async function wholeKeypad(page: Page, where: string): Promise<void> {
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height });
    // The page is laid out for it by the second frame.
    await page.evaluate(
      'new Promise((then) => requestAnimationFrame(() => requestAnimationFrame(() => then(null))))',
    );
    const at = `${where} at ${width}×${height}`;
    const keys = page.locator('#keypad').getByRole('button');
    // The keys are drawn anew when the page turns: what is measured half way is measured again.
    await expect(async () => {
      const boxes = await keys.evaluateAll((all) =>
        all.map((key) => key.getBoundingClientRect().toJSON() as DOMRect),
      );
      expect(boxes.length, at).toBeGreaterThanOrEqual(12);
      for (const box of boxes) {
        expect(box.left, at).toBeGreaterThanOrEqual(0);
        expect(box.top, at).toBeGreaterThanOrEqual(0);
        expect(box.right, at).toBeLessThanOrEqual(width + 0.5);
        expect(box.bottom, at).toBeLessThanOrEqual(height + 0.5);
        expect(box.height, at).toBeGreaterThanOrEqual(LEAST_KEY_PX);
      }
    }).toPass({ timeout: 10_000, intervals: [50, 100, 250] });
    const number = page.locator('[data-testid=keyed], svg text:has(tspan)');
    await expect(number.first(), at).toBeInViewport({ ratio: 1 });
    const way = page.getByRole('button', { name: /^Back: \d+, Job/ });
    await expect(way, at).toBeInViewport({ ratio: 1 });
  }
  await page.setViewportSize({ width: 390, height: 844 });
}

async function begin(hands: Hands, job: string, part: string, gauge: string): Promise<void> {
  await goTo(hands.page, `${job}/front/${part}`);
  await hands.touch(hands.button(new RegExp(gauge)));
  await expect(hands.page.locator('#keypad')).toBeVisible();
}

test('the whole keypad is on screen at every height, on every measuring screen', async ({
  page,
}) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, 'Height rider', 'Height commuter');
  await goTo(page, `${job}/front/rotor`);
  await hands.touch(hands.button(/G2 thickness gauge/));
  await wholeKeypad(page, 'zero check');
  await hands.press('Enter');
  await hands.touch(hands.button('No ridge'));
  await wholeKeypad(page, 'rotor');
  await hands.press(...'6647');
  await wholeKeypad(page, 'rotor with a verdict');
  await begin(hands, job, 'pads', 'G2 thickness gauge');
  await hands.press(...'34', 'Enter', ...'3135');
  await wholeKeypad(page, 'pads with a fault');
  await begin(hands, job, 'runout', 'G5 dial');
  await wholeKeypad(page, 'runout');
  await begin(hands, job, 'clearance', 'G6 feelers');
  await wholeKeypad(page, 'gaps');
  await begin(hands, job, 'lever', 'G7 steel rule');
  await wholeKeypad(page, 'lever');
  await begin(hands, job, 'mount-face', 'G6 feelers');
  await wholeKeypad(page, 'mount face');
  await allSent(page);
});

test('a do-not-ride over the page takes nothing from the keypad', async ({ page }) => {
  const hands = await openBench(page);
  const job = await atRotor(hands, 'Crack rider', 'Cracked commuter');
  await hands.press(...'66');
  await goTo(page, `${job}/front/look`);
  await hands.touch(page.getByRole('checkbox', { name: 'Crack', exact: true }));
  for (const path of ['', '/found', '/plan', '/step', '/sign-off', '/front/bolts', '/front/pads']) {
    await goTo(page, job + path);
    await expect(page.getByTestId('do-not-ride')).toContainText('Do not ride');
    await expect(page.getByTestId('do-not-ride')).toContainText('ront rotor, crack');
  }
  await goTo(page, `${job}/front/rotor`);
  await expect(page.getByTestId('do-not-ride')).toBeVisible();
  await wholeKeypad(page, 'rotor under a do-not-ride');
});

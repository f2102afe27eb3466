import { USUAL_ENDS } from '@hold-fast/core/ends';
import { expect, test, type Page } from '@playwright/test';
import { allSent, atFront, goTo, type Hands, openBench, verdict } from './bench';
import { takeInKnown } from './takenIn';

// The stand-ins are two, and a reading goes to one step alone: these run one after the other, at phone size.
test.describe.configure({ mode: 'serial' });

const GAUGE = { serial: 'TG-0107', name: 'G8 on the feed' };

/** Sends as the open page would. */
const send = (page: Page, method: string, path: string, body: unknown) =>
  page.evaluate(
    async ([how, to, what]) =>
      (
        await fetch(`/api${to as string}`, {
          method: how as string,
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(what),
        })
      ).status,
    [method, path, body] as const,
  );
const play = (page: Page, serial: string, scene: string) =>
  send(page, 'POST', `/feed/gauges/${serial}`, { scene });
const press = (page: Page, serial: string) =>
  send(page, 'POST', `/feed/gauges/${serial}`, { press: true });

/** The stand-in gets a gauge of its own in the register, so that no other test's step takes its readings. */
test.beforeAll(async ({ browser }) => {
  const page = await (await browser.newContext()).newPage();
  await openBench(page, 'Teodor Vane');
  await page.evaluate(async ({ serial, name }) => {
    const of = async (answer: Response) =>
      ((await answer.json()) as { items: Record<string, unknown>[] }).items;
    const ask = (method: string, path: string, body: unknown) =>
      fetch(`/api${path}`, {
        method,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
    const gauges = await of(await fetch('/api/gauges'));
    const { version, uses: _, ...gauge } = gauges.find((each) => each.feedSerial === serial)!;
    await ask('PUT', `/gauges/${String(gauge.id)}`, {
      version,
      gauge: { ...gauge, feedSerial: null },
    });
    const id = `01a2110f-0000-7000-8000-${String(Math.floor(Math.random() * 1e12)).padStart(12, '0')}`;
    await ask('POST', '/gauges', { ...gauge, id, name, feedSerial: serial });
  }, GAUGE);
  await page.context().close();
});

async function identifiedJob({ page }: Hands, name: string): Promise<string> {
  const job = await takeInKnown(page, name, `${name} bike`, USUAL_ENDS);
  await goTo(page, job);
  return job;
}

/** The open step hears its gauge. */
const listening = (page: Page) =>
  expect(page.getByRole('button', { name: /^feed · .*: change the gauge$/ })).toBeVisible();

/** Presses the gauge's button until so many readings stood on the page. */
async function sendReadings(page: Page, labels: RegExp[]): Promise<void> {
  for (const label of labels) {
    await press(page, GAUGE.serial);
    await expect(page.getByLabel(label)).toBeVisible();
  }
}

const points = (values: string[]) =>
  values.map((value, i) => new RegExp(`Point ${i + 1}, [^:]*: ${value} mm`));

test('an inspection of both ends with the feed, in at most 24 touches', async ({ page }) => {
  const hands = await openBench(page);
  await identifiedJob(hands, 'Fed');
  await play(page, GAUGE.serial, 'worn-rotor');
  hands.actions = 0;
  const rotor = points(['1.52', '1.50', '1.47', '1.49', '1.51', '1.48']);

  await atFront(hands, 'rotor');
  await hands.touch(hands.button(new RegExp(GAUGE.name)));
  await expect(page.getByText(/Or press its own button/)).toBeVisible();
  await press(page, GAUGE.serial);
  await hands.touch(hands.button('Ridge felt'));
  await listening(page);
  await sendReadings(page, rotor);
  await expect(verdict(page)).toContainText('Thinnest 1.47 at point 3, 4 o’clock');
  await hands.touch(hands.button('Measure the pads'));
  await expect(page.getByRole('heading', { name: 'Measure the pads' })).toBeVisible();
  await listening(page);
  // Closed anvils come next on the gauge: the zero check still stands, so the reading lands at the first pad and is refused.
  await press(page, GAUGE.serial);
  await expect(page.getByRole('alert')).toBeVisible();
  for (let i = 0; i < 4; i++) {
    await press(page, GAUGE.serial);
    await page.waitForTimeout(250);
  }
  await expect(verdict(page)).toContainText('Replace');
  await hands.touch(hands.button('Measure the rear rotor'));
  await play(page, GAUGE.serial, 'worn-rotor');
  await press(page, GAUGE.serial);
  await hands.touch(hands.button('Ridge felt'));
  await listening(page);
  await sendReadings(page, rotor);
  await hands.touch(hands.button('Measure the pads'));
  await expect(page.getByRole('heading', { name: 'Measure the pads' })).toBeVisible();
  await listening(page);
  await press(page, GAUGE.serial);
  for (let i = 0; i < 4; i++) {
    await press(page, GAUGE.serial);
    await page.waitForTimeout(250);
  }
  await hands.touch(hands.button('What was found'));
  await expect(page.getByTestId('found-rear-pads')).toContainText('Inner pad');
  await expect(page.getByTestId('found-rear-rotor')).toContainText('1.47');
  console.log(`  both ends with the feed, ${hands.actions} touches`);
  expect(hands.actions).toBeLessThanOrEqual(24);
  await allSent(page);
});

test('readings in inches, from another gauge, and over a dropped line', async ({ page }) => {
  const hands = await openBench(page);
  await identifiedJob(hands, 'Troubled feed');
  await atFront(hands, 'rotor');
  await hands.touch(hands.button(new RegExp(GAUGE.name)));
  await hands.press('Enter');
  await hands.touch(hands.button('No ridge'));
  await listening(page);

  await play(page, GAUGE.serial, 'inches');
  await press(page, GAUGE.serial);
  await expect(page.getByText(/TG-0107 sent .*not used: it is set to another unit/)).toBeVisible();
  await press(page, 'DI-0042');
  await expect(
    page.getByText(/DI-0042 sent .*not used: no open step waits for this gauge/),
  ).toBeVisible();
  await expect(page.getByLabel(/Point 1, [^:]*: not measured/)).toBeVisible();

  // The third reading goes out, and the line drops before its answer: it comes again and counts once.
  await play(page, GAUGE.serial, 'dropped-line');
  await press(page, GAUGE.serial);
  await expect(page.getByRole('alert')).toContainText('must be above zero');
  await page.keyboard.press('Escape');
  await press(page, GAUGE.serial);
  await expect(page.getByLabel(/Point 1, [^:]*: 1.74 mm/)).toBeVisible();
  await press(page, GAUGE.serial);
  await expect(page.getByLabel(/Point 2, [^:]*: 1.75 mm/)).toBeVisible();
  await expect(page.getByText(/The line to TG-0107 dropped/)).toBeVisible();
  await hands.press('7', '3');
  await expect(page.getByLabel(/Point 3, [^:]*: 1.73 mm/)).toBeVisible();
  await page.waitForTimeout(2500);
  await press(page, GAUGE.serial);
  await expect(page.getByLabel(/Point 4, [^:]*: 1.73 mm/)).toBeVisible();
  await expect(page.getByLabel(/Point 5, [^:]*: not measured/)).toBeVisible();
  await allSent(page);
});

test('a wavy rotor on the dial, and the feed’s own screen in Stores', async ({ page }) => {
  const hands = await openBench(page);
  const job = await identifiedJob(hands, 'Wavy');
  await goTo(page, `${job}/front/runout`);
  await hands.touch(hands.button(/G5 dial/));
  await listening(page);
  await play(page, 'DI-0042', 'wavy-rotor');
  for (let reading = 1; reading <= 12; reading++) {
    await expect(page.getByLabel(new RegExp(`Next: reading ${reading}\\.$`))).toBeVisible();
    await press(page, 'DI-0042');
  }
  await expect(page.getByLabel(/The turn is complete\.$/)).toBeVisible();
  await expect(verdict(page)).toContainText('Clean its seat');
  await expect(
    page.getByText('The whole rotor sits tilted, highest at 1.', { exact: false }),
  ).toBeVisible();

  await goTo(page, '/stores');
  await hands.touch(hands.button('Gauge feed: Gauges'));
  await hands.touch(
    page
      .getByRole('radiogroup', { name: 'What DI-0042 plays' })
      .getByRole('radio', { name: 'Worn rotor' }),
  );
  await hands.touch(hands.button('Press its button: DI-0042'));
  await expect(
    page.getByText(/mm, not used: no open step waits for this gauge/).first(),
  ).toBeVisible();
});

import { expect, type Page } from '@playwright/test';
import { openBench, test } from './bench';

/** A track down a meridian, so many points and so much height a point. */
function track(points: number, byM: number, withHeights = true): Buffer {
  const at = (i: number) => {
    const ele = withHeights ? `<ele>${(600 - i * byM).toFixed(2)}</ele>` : '';
    return `<trkpt lat="${(60 - i * 0.0002).toFixed(6)}" lon="5">${ele}</trkpt>`;
  };
  const all = Array.from({ length: points }, (_, i) => at(i)).join('');
  return Buffer.from(
    `<gpx version="1.1" creator="made up"><trk><trkseg>${all}</trkseg></trk></gpx>`,
  );
}
const file = (buffer: Buffer) => ({ name: 'pass.gpx', mimeType: 'application/gpx+xml', buffer });
const chooser = (page: Page) => page.locator('input[type=file]');

/** Every worker that the page starts, to be killed like one that the phone takes away. */
const keepWorkers = (page: Page) =>
  page.addInitScript(() => {
    const started: Worker[] = [];
    const Plain = window.Worker;
    Object.assign(window, {
      started,
      Worker: class extends Plain {
        constructor(...of: ConstructorParameters<typeof Worker>) {
          super(...of);
          started.push(this);
        }
      },
    });
  });
const killWorkers = (page: Page) =>
  page.evaluate(() => {
    for (const worker of (window as unknown as { started: Worker[] }).started) worker.terminate();
  });

test('a hill is planned by points and from a track, its sizes beside each other, and bad ones are refused by name', async ({
  page,
}) => {
  const hands = await openBench(page, 'Maren Okafor');
  await page.goto('/reckoner/heat?front=160&rear=160&largestFront=203&largestRear=180');
  for (const size of ['front-160', 'front-180', 'front-203', 'rear-160', 'rear-180'])
    await expect(page.getByTestId(`size-${size}`)).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'Points along it' }));
  const points = page.getByLabel('Distance and height, m, a pair a line');
  await points.fill('0 320\n1500 180\n1400 90');
  await expect(
    page.getByText('The point at 1400 m is no farther than the one before it.').first(),
  ).toBeVisible();
  await points.fill('0 320\n1500 180\n4000 0');
  await expect(page.getByText('4000 m along the road, 320 m down.')).toBeVisible();
  await expect(page).toHaveURL(/points=0(%20|\+)320/);

  await chooser(page).setInputFiles(file(track(200, 2)));
  await expect(page.getByText(/pass\.gpx: 44\d\d m along the road, 398 m down\./)).toBeVisible();
  await expect(points).toHaveValue(/^0 600\.0\n/);
  const road = await points.inputValue();
  const refused = page.getByRole('alert');
  await chooser(page).setInputFiles(file(track(200, 2, false)));
  await expect(refused.filter({ hasText: 'The track has no heights' })).toBeVisible();
  await chooser(page).setInputFiles(file(Buffer.from('<html/>')));
  await expect(refused.filter({ hasText: 'This is no track' })).toBeVisible();
  // What stood there before a bad file stands there after it.
  await expect(points).toHaveValue(road);
});

test('a long reckoning says how far it is, can be stopped, and broken off in the middle loses nothing', async ({
  newPage: page,
}) => {
  await keepWorkers(page);
  const hands = await openBench(page, 'Maren Okafor');
  await page.goto('/reckoner/heat?gradePercent=6&lengthM=50000&speedKmh=8&braked=pulsed');
  await expect(page.getByRole('progressbar', { name: 'Reckoning' })).toBeVisible();
  await hands.touch(page.getByRole('button', { name: 'Stop', exact: true }));
  await expect(page.getByText('Stopped. Nothing is reckoned for these numbers.')).toBeVisible();
  await hands.touch(hands.button('Reckon it again'));
  await expect(page.getByRole('progressbar', { name: 'Reckoning' })).toBeVisible();
  await killWorkers(page);
  await expect(page.getByText('The reckoning broke off.')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByLabel('Along the road, m')).toHaveValue('50000');
  await page.getByLabel('Along the road, m').fill('3000');
  await expect(page.getByTestId('size-front-180')).toBeVisible({ timeout: 20_000 });
});

import type { Workday } from '@hold-fast/contract/day';
import { expect, type Page } from '@playwright/test';
import { openBench, test } from './bench';
import { takeIn } from './takenIn';

const jobsOf = async (page: Page, name: string, day: string): Promise<string[]> => {
  const workday = (await (await page.request.get(`/api/day?day=${day}`)).json()) as Workday;
  const mechanic = workday.mechanics.find((each) => each.name === name)!;
  return mechanic.jobs.map(({ bikeName }) => bikeName);
};

test('a bench day is planned by touch, by the keys and by dragging, and says what is late and what another order spares', async ({
  page,
}, { project, retry, repeatEachIndex }) => {
  const hands = await openBench(page, 'Teodor Vane');
  const turn = retry + 2 * repeatEachIndex;
  const bikes = ['Early', 'Middle', 'Last'].map((name) => `${name} ${project.name} ${turn}`);
  const jobs: string[] = [];
  for (const bike of bikes) {
    const job = await takeIn(page, `Planned ${bike}`, bike);
    jobs.push(job.split('/').at(-1)!);
  }
  // A day of its own for each width and each try, with nothing else on it.
  const day = `20${31 + turn}-03-${project.name === 'wide' ? '05' : '04'}`;
  await page.goto(`/bench/day?day=${day}`);
  await expect(page.getByText('Nothing planned takes parts or fluid.')).toBeVisible();
  for (const job of jobs) {
    await hands.touch(page.getByTestId(`day-${job}`));
    await hands.touch(page.getByRole('radio', { name: 'Ebbe Solvang' }));
    await expect(page.getByRole('radio', { name: 'Ebbe Solvang' })).toHaveCount(0);
  }
  expect(await jobsOf(page, 'Ebbe Solvang', day)).toEqual(bikes);
  // They were promised for today, and it is years later.
  await expect(page.getByText(/^Late: promised for /)).toHaveCount(3);

  /** The shop has this order, and the screen shows it too: what is grabbed before that is grabbed where it no longer stands. */
  const inOrder = async (order: number[]) => {
    await expect
      .poll(() => jobsOf(page, 'Ebbe Solvang', day))
      .toEqual(order.map((index) => bikes[index]));
    const height = async (index: number) =>
      (await page.getByTestId(`day-${jobs[index]}`).boundingBox())?.y ?? NaN;
    await expect
      .poll(async () => {
        const heights = await Promise.all(order.map(height));
        return heights.every((y, at) => at === 0 || y > heights[at - 1]!);
      })
      .toBe(true);
  };

  // By touch.
  await hands.touch(page.getByTestId(`day-${jobs[2]}`));
  await hands.touch(hands.button('Earlier'));
  await inOrder([0, 2, 1]);

  // By the keys of the grip.
  await page.getByTestId(`grip-${jobs[0]}`).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(`It is over ${bikes[0]}.`)).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(`It is over ${bikes[2]}.`)).toBeAttached();
  await page.keyboard.press('Space');
  await inOrder([2, 0, 1]);

  // With the mouse, onto the first.
  const [grip, first] = [jobs[1], jobs[2]].map((job) => page.getByTestId(`grip-${job}`));
  await grip!.hover();
  const to = (await first!.boundingBox())!;
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2 + 40, { steps: 6 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 6 });
  await expect(page.getByText(`It is over ${bikes[2]}.`)).toBeAttached();
  await page.mouse.up();
  await inOrder([1, 2, 0]);

  await hands.touch(page.getByTestId(`day-${jobs[0]}`));
  await hands.touch(hands.button('Off the day'));
  await expect.poll(() => jobsOf(page, 'Ebbe Solvang', day)).toEqual([bikes[1], bikes[2]]);
  await hands.touch(hands.button('The day after', true));
  await expect(page).toHaveURL(/day=203\d-03-0[56]$/);
  await expect(page.getByTestId(`day-${jobs[1]}`)).toHaveCount(0);
});

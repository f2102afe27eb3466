import { USUAL_ENDS } from '@hold-fast/core/ends';
import path from 'node:path';
import { fold } from '@hold-fast/core/job/fold';
import { randomOf } from '@hold-fast/core/random';
import type { JobLog } from '@hold-fast/contract/jobs';
import { expect, test, type Browser, type Page } from '@playwright/test';
import { pino } from 'pino';
import { openShop } from '../scripts/shop';
import { allSent, Hands, openBench, type PersonName } from './bench';
import { takeInKnown } from './takenIn';
import { isKept, Line, phone } from './line';

// Two phones at one job for a bad day of the network: what they showed is what the shop has, once each.

const READINGS_EACH = 150;
const CUTS_EACH = 20;
const POINTS = 6;
const SEED = Number(process.env.SOAK_SEED ?? 7);

/** A reading as a phone showed it taken, mm. */
type Shown = readonly [place: string, valueMm: number];

interface Walked {
  page: Page;
  line: Line;
  address: string;
  shown: readonly Shown[];
  cuts: number;
}

test('300 readings on two phones through 40 cuts, reloads and closed tabs: the shop has what the phones showed', async ({
  browser,
}) => {
  test.setTimeout(1_500_000);
  const root = path.resolve(__dirname, '..');
  const shop = await openShop({
    root,
    dataDirectory: null,
    webDirectory: path.join(root, 'app/dist'),
    port: 0,
    feedPort: 0,
    log: pino({ level: 'silent' }),
    say: () => undefined,
  });
  try {
    const whole = new Line(shop.port);
    await whole.mend();
    const desk = await phone(browser, whole);
    await openBench(desk, 'Teodor Vane');
    const job = await takeInKnown(desk, 'Bad day', 'Soaked', USUAL_ENDS);

    const walks = await Promise.all([
      walk(browser, shop.port, 'Maren Okafor', `${job}/front/rotor`, randomOf(SEED)),
      walk(browser, shop.port, 'Joss Tarrel', `${job}/rear/rotor`, randomOf(SEED + 1)),
    ]);
    const { base, entries } = (await (
      await desk.request.get(`/api/jobs/${job.split('/').at(-1)!}`)
    ).json()) as JobLog;
    expect(new Set(entries.map(({ entry }) => entry.id)).size).toBe(entries.length);
    const { measured } = fold(base, entries);
    for (const [i, { page, line, address, shown, cuts }] of walks.entries()) {
      const taken = measured
        .filter(({ end }) => end === (['front', 'rear'] as const)[i])
        .flatMap(({ readings }) => readings)
        .filter(({ place }) => place !== 'zero')
        .map(({ place, valueMm }): Shown => [place, valueMm]);
      expect(taken).toEqual(shown);
      expect(cuts).toBe(CUTS_EACH);
      // A third phone, that was never there, shows the same as the one that was.
      await desk.goto(address);
      // But for whose the gauge’s feed is, which is whoever looked last.
      const standing = async (of: Page) =>
        (await of.getByRole('main').innerText()).replace(/^.*gauge.*$/gm, '').replace(/\n+/g, '\n');
      await expect.poll(() => standing(desk)).toBe(await standing(page));
      await page.context().close();
      await line.cut();
    }
    console.log(`  seed ${SEED}: ${entries.length} entries, each there once`);
    await desk.context().close();
    await whole.cut();
  } finally {
    await shop.stop();
  }
});

/** Measures one rotor over and over while the line is cut and mended, pages are loaded anew and tabs closed. */
async function walk(
  browser: Browser,
  port: number,
  who: PersonName,
  address: string,
  random: () => number,
): Promise<Walked> {
  const line = new Line(port);
  await line.mend();
  let page = await phone(browser, line);
  await openBench(page, who);
  await isKept(page);
  await page.goto(address);
  // What was never on a phone cannot be worked there without a network.
  await expect(page.getByRole('heading', { name: 'Which gauge?' })).toBeVisible();
  const shown: Shown[] = [];
  let cuts = 0;
  let isCut = false;
  while (shown.length < READINGS_EACH) {
    const left = READINGS_EACH - shown.length;
    if (isCut && random() < 0.3) {
      await line.mend();
      isCut = false;
    } else if (!isCut && cuts < CUTS_EACH && random() < Math.max(0.25, CUTS_EACH / left)) {
      await line.cut();
      [isCut, cuts] = [true, cuts + 1];
    }
    const trouble = random();
    if (trouble < 0.05) await page.reload();
    else if (trouble < 0.08) {
      const next = await page.context().newPage();
      await page.close();
      page = next;
      await page.goto(address);
    }
    const reading = await takeNext(new Hands(page), random);
    if (!reading) continue;
    // Every point once round: a phone that showed less than it had taken would ask for one twice.
    expect(reading[0]).toBe(String((shown.length % POINTS) + 1));
    shown.push(reading);
  }
  if (isCut) await line.mend();
  await allSent(page);
  return { page, line, address, shown, cuts };
}

/** Does the next thing the screen asks for; answers with the reading that was taken, where it was one. */
async function takeNext(hands: Hands, random: () => number): Promise<Shown | null> {
  const { page } = hands;
  const dial = page.getByLabel(/Next: point \d+|All points are measured/);
  const gauge = page.getByRole('heading', { name: 'Which gauge?' });
  const zero = page.getByRole('heading', { name: 'Zero check' });
  const ridge = page.getByRole('heading', { name: 'Ridge felt?' });
  await expect(dial.or(gauge).or(zero).or(ridge).first()).toBeVisible();
  if (await gauge.isVisible()) {
    await hands.touch(hands.button(/G2 thickness gauge/));
    await expect(gauge).toHaveCount(0);
  } else if (await zero.isVisible()) {
    await hands.press('Enter');
    await expect(zero).toHaveCount(0);
  } else if (await ridge.isVisible()) {
    await hands.touch(hands.button('No ridge'));
    await expect(ridge).toHaveCount(0);
  } else {
    const place = /Next: point (\d+)/.exec((await dial.getAttribute('aria-label'))!)?.[1];
    if (place === undefined) await hands.touch(hands.button(/: change the gauge$/));
    else {
      const hundredths = 165 + Math.floor(random() * 15);
      await hands.key(String(hundredths));
      await expect(page.getByLabel(new RegExp(`Next: point ${place}\\b`))).toHaveCount(0);
      return [place, hundredths / 100];
    }
  }
  return null;
}

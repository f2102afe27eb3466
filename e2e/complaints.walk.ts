import { expect, test } from '@playwright/test';
import { allSent, identify, jobAt, noMotorTwoBrakes, openBench, pinOf, type Hands } from './bench';
import { handOver, Walker, type Recorder } from './walker';

// A complaint from check-in to the seal at phone size: what is behind it, the plan of its cure, every step, the signature. With a
// picture of every page on the way in `.cache/e2e`. Too long for every check: `npm run e2e:walks`.

interface Story {
  symptom: RegExp;
  /** What "Carry on" asks first after the brake is known. */
  first: RegExp;
  /** What is seen on the brake, by its words on the page of what was looked at. */
  sees: RegExp | null;
  cause: RegExp;
  /** A step of the cure. */
  passes: string;
}

const STORIES: Record<string, Story> = {
  squeal: {
    symptom: /Squeals/,
    first: /^Carry on: look at the track/,
    sees: /oil mist|mist/i,
    cause: /^That is it: Oil/,
    passes: 'Bed in',
  },
  spongy: {
    symptom: /Spongy/,
    first: /^Carry on: /,
    sees: null,
    cause: /^That is it: Air/,
    passes: 'Let fluid fall from the cup',
  },
  scrape: {
    symptom: /Scrapes/,
    first: /^Carry on: /,
    sees: /grit|hair/i,
    cause: /^That is it: Grit/,
    passes: 'Clean the caliper out',
  },
};

async function checkInFor(hands: Hands, name: string, symptom: RegExp): Promise<string> {
  const { page } = hands;
  await hands.touch(hands.button('Check in a bike'));
  await page.getByLabel('Find', { exact: true }).fill(`Rider of ${name}`);
  await hands.touch(hands.button('A new customer'));
  await page.getByLabel('Bike, as people call it').fill(`Commuter, ${name}`);
  await noMotorTwoBrakes(hands);
  await page.getByLabel('In the rider’s own words').fill(`Front brake: ${name}`);
  await hands.touch(page.getByRole('checkbox', { name: symptom }).first());
  await hands.touch(page.getByRole('radio', { name: 'Left' }));
  await hands.touch(hands.button('Check it in'));
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  return new URL(page.url()).pathname;
}

for (const [name, story] of Object.entries(STORIES))
  test(`${name}, from check-in to the seal`, async ({ page }, info) => {
    let picture = 0;
    const shot = async (): Promise<void> => {
      picture += 1;
      await expect(page.getByRole('heading').first()).toBeVisible();
      await page.waitForTimeout(250);
      await page.screenshot({ path: info.outputPath(`${String(picture).padStart(2, '0')}.png`) });
    };
    await page.setViewportSize({ width: 390, height: 664 });
    await page.clock.install();
    const hands = await openBench(page);
    const job = await checkInFor(hands, name, story.symptom);
    await shot();
    await identify(hands, 'Ostrel Tolve');
    await page.goto(job);
    await shot();
    await hands.touch(hands.button(story.first).first());
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await shot();
    if (story.sees) {
      await page.goto(`${job}/front/look`);
      await hands.touch(page.getByRole('checkbox', { name: story.sees }).first());
      await allSent(page);
      await shot();
    }
    await page.goto(`${job}/front/trouble`);
    await shot();
    await hands.touch(hands.button(story.cause));
    await shot();
    await hands.touch(hands.button('Plan the cure'));
    await hands.touch(page.getByRole('radio', { name: 'Agreed to all of it' }));
    await shot();
    await hands.touch(hands.button('This is the plan'));

    const recorded: Recorder = async ({ back }, does) => {
      await shot();
      if (does !== 'Bed in') return false;
      await hands.touch(hands.button('Count the pulls'));
      for (let pull = 1; pull <= 10; pull++) {
        await page.keyboard.press('Enter');
        await expect(
          page.getByRole('button', { name: new RegExp(`^${pull} of 10`) }),
        ).toBeVisible();
      }
      await shot();
      await hands.touch(page.getByRole('radio', { name: 'Even, full width' }));
      await hands.touch(page.getByRole('radio', { name: /rose/i }).first());
      await back.call(walker);
      return true;
    };
    const walker = new Walker(hands, recorded);
    await walker.until('All of it is done');
    expect(walker.seen.join('\n')).toContain(story.passes);
    await allSent(page);
    await shot();
    await hands.touch(hands.button('Sign off'));
    await shot();
    await handOver(walker, { name: 'Maren Okafor', pin: pinOf('Maren Okafor') }, [
      'Rider confirms',
      'Front lever firm',
      'Rear lever firm',
    ]);
    await shot();
    expect((await jobAt(page, job.split('/').at(-1)!)).sealed).not.toBeNull();
  });

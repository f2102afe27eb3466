import { expect } from '@playwright/test';
import {
  allSent,
  askedOnThread,
  checkIn,
  goTo,
  Hands,
  openBench,
  openFromBench,
  pinOf,
  test,
} from './bench';
import { takeInKnown } from './takenIn';
import { handOver, Walker, type Recorder } from './walker';

// Visits as they come through the door, at phone size, from the demo’s booked jobs where there is one.

const MAREN = { name: 'Maren Okafor', pin: pinOf('Maren Okafor') };

async function identify(hands: Hands, job: string, end: string, sheet: RegExp): Promise<void> {
  const { page } = hands;
  await goTo(page, `${job}/${end}/identify`);
  await hands.touch(hands.button(sheet));
  await hands.touch(hands.button('This is the brake'));
  await expect(page.getByRole('heading', { name: 'Which gauge?' })).toBeVisible();
}

test('an e-bike’s rear brake from cable to hydraulic: hose looped, throttle back, cut-off at each lever', async ({
  newPage: page,
}) => {
  await page.clock.install();
  const hands = await openBench(page);
  await openFromBench(hands, /District nurse’s shopper/);
  await expect(page.getByText('Asked for')).toBeVisible();
  const job = new URL(page.url()).pathname;
  const record: Recorder = async (walker, does) => {
    if (does === 'Fit the new brake, caliper loose, lever loose') {
      // From here on it is another brake: its own sheet gives torques and fluid.
      await hands.touch(hands.button('Identify what was fitted'));
      await hands.touch(hands.button('Another sheet'));
      await hands.touch(hands.button(/Ostrel Tolve/));
      await hands.touch(hands.button('This is the brake'));
      await expect(page.getByText('Judged as Ostrel Tolve, two pistons.')).toBeVisible();
      return true;
    }
    if (does === 'Join the hose at the lever') {
      await hands.touch(hands.button('Torque: hose nut at the lever'));
      await hands.touch(await askedOnThread(page));
      await expect(hands.button(/W2 bench/)).toHaveCount(1);
      await hands.touch(page.getByRole('radio', { name: 'With a crowfoot' }));
      // A crowfoot that nobody measured sets no wrench, and neither does one half measured.
      await expect(page.getByText('Before that there is no setting')).toBeVisible();
      await expect(hands.button(/W2 bench/)).toHaveCount(0);
      await page.getByLabel('L, grip, mm').fill('200');
      await page.getByLabel('E, nut, mm').fill('30');
      await expect(hands.button(/W2 bench/)).toHaveCount(0);
      await page.getByLabel('Angle, °').fill('90');
      await expect(page.getByText(/The nut gets 1.000 times/)).toBeVisible();
      await page.getByLabel('L, grip, mm').fill('20');
      await expect(page.getByText('L is 50 to 1000 mm.')).toBeVisible();
      await expect(hands.button(/W2 bench/)).toHaveCount(0);
      await page.getByLabel('L, grip, mm').fill('200');
      await page.getByLabel('Angle, °').fill('0');
      await expect(page.getByText(/The nut gets 1.150 times/)).toBeVisible();
      await walker.byClicks('W2 bench', 1);
      await expect(page.getByText(/crowfoot 30 mm at 0°/)).toBeVisible();
      await walker.back();
      return true;
    }
    if (does === 'Set the fixed pad’s gap') {
      // It is set by its number, and one that touches is none.
      await hands.press('Enter');
      await expect(page.getByText(/Measure the fixed pad’s gap first/)).toBeVisible();
      await hands.touch(hands.button('Pull, fixed pad and arm'));
      await page.getByLabel('Fixed pad to rotor, mm').fill('0.15');
      await page.getByLabel('Way of the arm’s end, mm').fill('22');
      await expect(page.getByLabel(/the fixed pad stands 0.15 mm off/)).toBeVisible();
      await hands.touch(hands.button('Write it down: Front'));
      await hands.touch(hands.button('Written down. Go on'));
      await expect(page.getByText('Written down.', { exact: true })).toBeVisible();
      return true;
    }
    if (does === 'Ride with care') {
      // Each lever was seen to cut the motor at the final check, or there is no ride.
      await expect(page.getByText(/Cuts the motor: front and rear/)).toBeVisible();
      return true;
    }
    if (does === 'Nipple shut, syringe off, port brim-full, cup off') {
      await hands.touch(hands.button('Book the fluid off'));
      await hands.touch(hands.button(/Bottle A/));
      await page.getByLabel('Used, mL').fill('30');
      await hands.touch(hands.button('Book 30 mL off'));
      await expect(page.getByText(/30 mL Selkie 10/)).toBeVisible();
      await walker.back();
      return true;
    }
    return false;
  };
  await hands.touch(hands.button(/^Plan/));
  const walker = new Walker(hands, record);
  await walker.until('All of it is done');
  const seen = walker.seen.join('\n');
  for (const step of [
    'rear: Stop test before the work',
    'rear: Strip the old brake',
    'rear: Measure at the lever and cut square',
    'rear: Put the throttle back with its end washer',
    'rear: Stop test after the work',
    'front: Set the fixed pad’s gap',
  ])
    expect(seen).toContain(step);

  // The hose is long but usable: looped and clipped, told and decided.
  await goTo(page, `${job}/rear/deviation`);
  await hands.touch(page.getByRole('radio', { name: 'Something else' }));
  await page.getByLabel('What is seen').fill('Hose 60 mm longer than needed, looped and clipped');
  await page.getByLabel('Measured').fill('60 mm');
  await hands.touch(page.getByRole('radio', { name: 'Leave as found' }));
  await expect(page.getByText('Read this out')).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'The customer', exact: true }));
  await hands.touch(page.getByRole('checkbox', { name: /The risk was read out/ }));
  await hands.touch(hands.button('Record the decision'));
  await expect(page.getByText(/decided by District nurses/)).toBeVisible();
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await handOver(walker, MAREN, ['Rider confirms', 'Front lever firm', 'Rear lever firm']);
});

test('a drop-bar frame with open internal routes: joined off the frame, crowfoot at the lever off its bar, play on the ground, tape last', async ({
  newPage: page,
}) => {
  await page.clock.install();
  const hands = await openBench(page);
  const job = await takeInKnown(page, 'Drop bar', 'Drop-bar gravel bike', ['rear'], 'Haaf Pellan');
  await goTo(page, `${job}/plan`);
  await hands.touch(hands.button('All procedures: rear'));
  for (const name of ['Renew a hose inside the frame', 'Drop bar: lever off, tape anew'])
    await hands.touch(
      page
        .getByRole('group', { name: 'Work at the rear' })
        .getByRole('checkbox', { name, exact: true }),
    );
  await hands.touch(page.getByRole('radio', { name: 'Agreed to all of it' }));
  await hands.touch(hands.button('This is the plan'));
  const walker = new Walker(hands, async (by, does) => {
    if (does !== 'Join the hose at the lever') return false;
    await hands.touch(hands.button('Torque: hose nut at the lever'));
    await hands.touch(page.getByRole('radio', { name: 'With a crowfoot' }));
    await page.getByLabel('L, grip, mm').fill('200');
    await page.getByLabel('E, nut, mm').fill('30');
    await page.getByLabel('Angle, °').fill('0');
    await expect(page.getByText(/The nut gets 1.150 times/)).toBeVisible();
    await by.byClicks('W2 bench', 1);
    await by.back();
    return true;
  });
  await walker.until('All of it is done');
  const order = [
    'rear: Peel hood and bar tape',
    'rear: Join hose and caliper off the frame',
    'rear: Draw the hose through the frame',
    'rear: Take the lever off the bar',
    'rear: Join the hose at the lever',
    'rear: Put the lever back to its marks',
    'rear: Push fluid up from the caliper',
    'rear: Set the bearing play on the ground',
    'rear: Hold the lever hard for 60 s',
    'rear: Test it on the stand',
    'rear: Wrap the bar, hoods back',
    'rear: Ride with care',
  ].map((step) => walker.seen.indexOf(step));
  expect(order).toEqual([...order].sort((a, b) => a - b));
  expect(order[0]).toBeGreaterThanOrEqual(0);
  await allSent(page);
  await goTo(page, `${job}/rear/check`);
  for (const name of [
    'Bar straight, bearing play right on the ground, stem tight',
    'Bar turns fully both ways, hose free',
    'Hose joint dry',
    'Hose guides and cover on, no chafe',
  ])
    await expect(page.getByText(name)).toBeVisible();
  await goTo(page, `${job}/sign-off`);
  await handOver(walker, MAREN, ['Rider confirms', 'Rear lever firm']);
});

test('a walk-in rub: slackened, a hair found, nothing else looked at, signed in under two minutes of screen', async ({
  page,
}) => {
  const hands = await openBench(page);
  const began = Date.now();
  hands.actions = 0;
  const job = await checkIn(hands, 'Walk-in', 'Walk-in commuter');
  await identify(hands, job, 'front', /Ostrel Tolve/);
  await goTo(page, `${job}/front/look`);
  await hands.touch(page.getByRole('checkbox', { name: 'Grit or hair in the caliper' }));
  await goTo(page, `${job}/front/bolts?fastener=caliper-post`);
  const walker = new Walker(hands);
  await walker.byClicks('W2 bench', 2);
  await expect(page.getByText('Proven at 7.0 N·m')).toBeVisible();
  await allSent(page);
  await goTo(page, `${job}/sign-off`);
  await handOver(walker, MAREN, ['Rider confirms', 'Front lever firm', 'Front on the stand']);
  const seconds = Math.round((Date.now() - began) / 1000);
  console.log(`  walk-in rub: ${hands.actions} touches, ${seconds} s of a machine’s screen time`);
  expect(hands.actions).toBeLessThanOrEqual(40);
});

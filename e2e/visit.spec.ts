import { USUAL_ENDS } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { expect, type Page } from '@playwright/test';
import { allSent, goTo, Hands, jobAt, openBench, pinOf, signIn, takeWrench, test } from './bench';
import { takeInKnown } from './takenIn';
import { handOver, stepNumber, Walker, type Recorder } from './walker';

// A whole visit at the phone, with everything recorded where the step asks for it. The wrench’s stand-in serves one step.

const WRENCH = 'TW-0311';

async function drive(page: Page, order: object): Promise<void> {
  const answer = await page.request.post(`/api/feed/gauges/${WRENCH}`, { data: order });
  expect(answer.ok()).toBe(true);
}

/** The wrench on the feed says what each bolt reached. */
async function byReading({ hands, page }: Walker, bolts: number): Promise<void> {
  await drive(page, { scene: 'steady' });
  await takeWrench(hands, /W5 digital/);
  await hands.touch(hands.button('All finger-tight'));
  await hands.touch(hands.button('All clicked'));
  await expect(page.getByText('It is on the feed', { exact: false })).toBeVisible();
  for (const pass of ['full', 'check'])
    for (let bolt = 1; bolt <= bolts; bolt++) {
      await expect(page.getByText(`Bolt ${bolt}: turn it to`)).toBeVisible();
      await expect(page.getByRole('heading', { name: `${pass} pass` })).toBeVisible();
      await drive(page, { press: true });
    }
  await expect(page.getByText('Proven, bolt by bolt')).toBeVisible();
}

const recordEverything: Recorder = async (walker, does, end) => {
  const { hands, page } = walker;
  const here = () => expect(page.getByRole('heading', { level: 2, name: does })).toBeVisible();
  switch (does) {
    case 'Tighten the rotor':
      await hands.touch(hands.button('Torque: rotor bolts'));
      await byReading(walker, 6);
      await walker.back();
      return true;
    case 'Push fluid up from the caliper':
      await hands.touch(hands.button('Log the bleed'));
      await page.getByLabel('Colour').fill('amber');
      await page.getByLabel('Moved, mL').fill('9');
      for (const bubbles of ['Few', 'None', 'None'])
        await hands.touch(hands.button(`${bubbles}: bubbles`));
      await expect(page.getByRole('heading', { name: 'Clean twice' })).toBeVisible();
      await walker.back();
      return true;
    case 'Nipple shut, syringe off, port brim-full, cup off':
      await hands.touch(hands.button('Book the fluid off'));
      await hands.touch(hands.button(/Bottle A/));
      await page.getByLabel('Used, mL').fill('32');
      await hands.touch(hands.button('Book 32 mL off'));
      await page.getByLabel('Clean rest poured back, mL').fill('5');
      await hands.touch(hands.button('Book it back'));
      await expect(page.getByText(/32 mL Selkie 10.*5 mL back/)).toBeVisible();
      await page.getByLabel('Drained, mL').fill('26');
      await hands.touch(hands.button('Into the can'));
      await expect(page.getByText('26 mL drained into the waste can.')).toBeVisible();
      await walker.back();
      return true;
    case 'Fit the new pads':
      await walker.take('Ostrel T organic');
      await hands.touch(hands.button('Write down the pads'));
      await expect(page.getByLabel('What it is')).toHaveValue('Ostrel T organic');
      await hands.touch(page.getByRole('radio', { name: 'Organic (O)' }));
      // Nobody knows what the old rotor was bedded with; the new one has no layer yet.
      if (end === 'rear')
        await hands.touch(page.getByRole('radio', { name: 'Strip the track and bed in again' }));
      await hands.touch(hands.button('The pads are in'));
      await here();
      return true;
    case 'Fit the new rotor, bolts finger-tight':
      await walker.take('Tolve 180, six-bolt');
      await hands.touch(hands.button('Write down the rotor'));
      await hands.touch(page.getByRole('radio', { name: 'No mark for pads' }));
      await hands.touch(hands.button('The rotor is in'));
      await here();
      return true;
    case 'Bed in':
      await hands.touch(hands.button('Count the pulls'));
      await expect(page.getByRole('button', { name: /^0 of 10 pulls/ })).toBeVisible();
      for (let pull = 1; pull <= 10; pull++) {
        await page.keyboard.press('Enter');
        await expect(
          page.getByRole('button', { name: new RegExp(`^${pull} of 10`) }),
        ).toBeVisible();
      }
      await hands.touch(page.getByRole('radio', { name: 'Even, full width' }));
      await walker.back();
      return true;
    default:
      return false;
  }
};

test('rear bleed, pads both ends, front rotor: planned, changed, handed over, proven and sealed', async ({
  newPage: page,
  browser,
}) => {
  await page.clock.install();
  const hands = await openBench(page);
  const job = await takeInKnown(page, 'Whole visit', 'Whole visit bike', USUAL_ENDS);
  await goTo(page, `${job}/plan`);
  const work = (at: Page, end: string, name: string) =>
    at
      .getByRole('group', { name: `Work at the ${end}` })
      .getByRole('checkbox', { name, exact: true });
  await hands.touch(work(page, 'front', 'Change the pads'));
  await hands.touch(work(page, 'front', 'Change the rotor'));
  await hands.touch(hands.button('All procedures: rear'));
  await hands.touch(work(page, 'rear', 'Bleed: push up'));
  await hands.touch(work(page, 'rear', 'Change the pads'));
  await expect(page.getByText(/Planned together they save 9 set-ups/)).toBeVisible();
  await expect(page.getByText(/Pair of pads \(front\)/i)).toBeVisible();
  await expect(page.getByText(/Rear: about \d+ mL Selkie 10 from Bottle A/)).toBeVisible();
  await expect(
    page.getByText(/The wheel stays out for the next \d pieces of work/).first(),
  ).toBeVisible();
  await hands.touch(page.getByRole('radio', { name: 'Agreed to all of it' }));
  await hands.touch(hands.button('This is the plan'));

  // One touch a step; a reload opens it at the same one.
  const walk = new Walker(hands, recordEverything);
  await expect(stepNumber(page)).toContainText('step 1 of');
  await walk.until('Take the pads out and bag them');
  const here = (await stepNumber(page).textContent())!;
  await allSent(page);
  await page.reload();
  await expect(stepNumber(page)).toHaveText(here);
  // A pedal that a foot stays on does one step, and not the next ones with it.
  const [, number] = /step (\d+) of/.exec(here)!;
  await hands.hold('Enter');
  await expect(stepNumber(page)).toContainText(`step ${Number(number) + 1} of`);
  await hands.press('ArrowLeft');
  await expect(stepNumber(page)).toHaveText(here);
  // A set-up is not left out.
  await hands.touch(hands.button('Leave out'));
  await expect(page.getByText('Later steps want it: it cannot be left out.')).toBeVisible();
  await hands.touch(hands.button('Back to the step'));
  await walk.until('Cup on the lever, syringe on the caliper');

  // A piston sticks half way: the plan is made anew, and the customer is asked for the new line.
  await hands.touch(hands.button('Plan', true));
  await hands.touch(work(page, 'rear', 'Service the pistons'));
  await hands.touch(hands.button('Change the plan'));
  await walk.until('Bring the pistons out, 3\u00a0mm at most');
  await expect(page.getByText('The customer was not asked')).toBeVisible();
  await hands.touch(hands.button('Plan', true));
  await hands.touch(page.getByRole('checkbox', { name: /Service the pistons, rear .* not asked/ }));
  await hands.touch(page.getByRole('radio', { name: 'By phone' }));
  await hands.touch(page.getByRole('radio', { name: 'In person' }));
  await hands.touch(hands.button('Agreed', true));
  await expect(page.getByText(/Agreed by Whole visit/)).toBeVisible();
  await hands.touch(hands.button('Go on with it'));
  await expect(page.getByText('The customer was not asked')).toBeHidden();
  await allSent(page);

  // Handed over at lunch: another phone opens it at the same step and goes on; the first is told.
  const other = await (await browser.newContext({ viewport: page.viewportSize() })).newPage();
  await other.clock.install();
  await other.goto(`${new URL(page.url()).origin}${job}/step`);
  await signIn(other, 'Joss Tarrel');
  const mate = new Hands(other);
  const after = new Walker(mate, recordEverything);
  const handedOver = (await stepNumber(page).textContent())!;
  await expect(stepNumber(other)).toHaveText(handedOver);
  await mate.press('Enter');
  await expect(stepNumber(other)).not.toHaveText(handedOver);
  await allSent(other);
  await hands.press('Enter');
  await expect(page.getByTestId('needs-you').last()).toContainText(
    'Somebody else has gone on with this plan.',
  );
  await page.context().close();
  // The lever is done by its number, and by no tick.
  await after.until('Test the lever for air');
  await mate.press('Enter');
  await expect(other.getByText(/Take the number first: lever, after the work/)).toBeVisible();
  await after.until('All of it is done');
  await allSent(other);
  expect([...walk.seen, ...after.seen].join('\n')).toContain('rear: Lubricate and exercise');

  await mate.touch(mate.button('Sign off'));
  await handOver(after, { name: 'Joss Tarrel', pin: pinOf('Joss Tarrel') }, [
    'Rider confirms',
    'Front lever firm',
    'Rear lever firm',
  ]);

  // What was agreed to and done is on the bill, with the parts as they left the shelf.
  await mate.touch(mate.button('The bill'));
  await expect(other.getByText(/^Bleed: push up, rear · \d+ min$/)).toBeVisible();
  await expect(other.getByText('2 × Ostrel T organic')).toBeVisible();
  await expect(other.getByTestId('to-pay')).toHaveText(/^€[1-9]\d*\.\d\d$/);
  await expect(other.getByText('not agreed to', { exact: false })).toHaveCount(0);
  await other.goto(`${job}/sign-off`);

  // A correction hangs beside it and changes nothing in it.
  const seal = await other.getByTestId('seal').textContent();
  await other.getByLabel('What has to be corrected').fill('The odometer was not written down.');
  await mate.touch(other.getByRole('checkbox', { name: 'Nothing: all of it stands' }));
  await other.getByLabel('PIN of Joss Tarrel').fill(pinOf('Joss Tarrel'));
  await mate.touch(mate.button('Add the amendment'));
  await expect(other.getByText(/The odometer was not written down. Seal/)).toBeVisible();
  await expect(other.getByTestId('seal')).toHaveText(seal!);

  const held = await sealedRecord(other, job);
  const torque = held.tightened.map(({ end, fastener, wrench, setNm, marks }) => ({
    end,
    fastener,
    wrench: wrench.name,
    setNm,
    read: marks.filter(({ measuredNm }) => measuredNm !== null).length,
  }));
  expect(torque).toEqual(
    expect.arrayContaining([
      { end: 'front', fastener: 'rotor-bolts', wrench: 'W5 digital', setNm: 6, read: 12 },
      { end: 'rear', fastener: 'lever-clamp', wrench: 'W2 bench', setNm: 5, read: 0 },
    ]),
  );
  expect(held.filled).toMatchObject([
    { end: 'rear', label: 'Bottle A', lot: 'K22-118', ml: 32, backMl: 5 },
  ]);
  expect(held.wasted).toMatchObject([{ family: 'mineral', ml: 26 }]);
  expect(held.taken.map(({ description, batch }) => `${description} ${batch}`)).toEqual(
    expect.arrayContaining(['Tolve 180, six-bolt R18-03', 'Ostrel T organic OT-2231']),
  );
  expect(held.told.filter(({ kind }) => kind === 'bleed-cycle')).toHaveLength(3);
  expect(held.measured.filter(({ part }) => part === 'lever')).toHaveLength(1);
  expect(held.stepped.map(({ by }) => by)).toEqual(
    expect.arrayContaining(['Maren Okafor', 'Joss Tarrel']),
  );
  await other.context().close();
});

/** What was sealed of a job, from the Ledger. */
async function sealedRecord(page: Page, job: string): Promise<Job> {
  const jobId = job.split('/').at(-1)!;
  const rows = (await (await page.request.get('/api/records')).json()) as {
    items: { id: string; jobId: string; nth: number }[];
  };
  const row = rows.items.find((each) => each.jobId === jobId && each.nth === 0)!;
  const record = (await (await page.request.get(`/api/records/${row.id}`)).json()) as {
    canonical: string;
  };
  return (JSON.parse(record.canonical) as { record: Job }).record;
}

test('a wrench that goes too far, too little, or is another one: said at once, and nothing is proven by it', async ({
  page,
}) => {
  const hands = await openBench(page);
  const job = await takeInKnown(page, 'Torque trouble', 'Torque trouble bike');
  await goTo(page, `${job}/front/bolts?fastener=caliper-post`);
  await drive(page, { scene: 'light-hand' });
  await takeWrench(hands, /W5 digital/);
  await hands.touch(hands.button('All finger-tight'));
  await hands.touch(hands.button('All clicked'));
  await expect(page.getByText('It is on the feed', { exact: false })).toBeVisible();
  await drive(page, { press: true });
  await expect(page.getByText(/Bolt 1 at 5.4 is under its window/)).toBeVisible();
  await expect(page.getByText('Bolt 1: turn it to')).toBeVisible();
  await drive(page, { scene: 'firm-hand' });
  await drive(page, { press: true });
  await expect(page.getByText('Bolt 2: turn it to')).toBeVisible();

  // Keyed by hand where the feed is silent; a reload keeps what was read.
  await page.getByLabel('What the wrench shows, N·m').fill('7,05');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'check pass' })).toBeVisible();
  await allSent(page);
  await page.reload();
  await expect(page.getByText('Bolt 1: turn it to')).toBeVisible();
  await drive(page, { scene: 'too-much' });
  await expect(page.getByText('It is on the feed', { exact: false })).toBeVisible();
  await drive(page, { press: true });
  await expect(page.getByText(/went past its window. Take it out/)).toBeVisible();
  await allSent(page);
  await hands.touch(hands.button('Tighten anew'));
  await expect(page.getByRole('heading', { name: 'Which wrench?' })).toBeVisible();
  await goTo(page, `${job}/sign-off`);
  await expect(
    page.getByText(/front caliper bolts: torque not proven.*went past its window/),
  ).toBeVisible();

  // With another wrench in hand, what this one sends is shown and not used.
  await goTo(page, `${job}/front/bolts?fastener=lever-clamp`);
  await takeWrench(hands, /W2 bench/);
  await hands.touch(hands.button('All finger-tight'));
  await drive(page, { press: true });
  await hands.touch(hands.button('All clicked'));
  await expect(page.getByText(/Bolt 1/).first()).toBeVisible();
  await allSent(page);
  const marks = (await jobAt(page, job.split('/').at(-1)!)).tightened.at(-1)!.marks;
  expect(marks.map(({ pass, measuredNm }) => [pass, measuredNm])).toEqual([
    ['snug', null],
    ['half', null],
  ]);
});

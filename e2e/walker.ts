import { expect, type Page } from '@playwright/test';
import { goTo, type Hands, takeWrench, verdict } from './bench';

/** What the mechanic does at each step of a plan beyond Done: given what the step says and at which end it is. */
export type Recorder = (walker: Walker, does: string, end: 'front' | 'rear') => Promise<boolean>;

/** Which step of how many the plan stands at. */
export const stepNumber = (page: Page) => page.getByText(/step \d+ of \d+/);

/** Walks a plan at its step face: what proves a step is recorded where it asks for it, then Done. */
export class Walker {
  readonly seen: string[] = [];

  constructor(
    readonly hands: Hands,
    /** Answers whether it saw to the step; the usual proofs follow where it did not. */
    readonly own: Recorder = () => Promise.resolve(false),
  ) {}

  get page(): Page {
    return this.hands.page;
  }

  get doing() {
    return this.page.getByRole('heading', { level: 2 });
  }

  async until(last: string): Promise<void> {
    for (let i = 0; i < 120; i++) {
      const heading = (await this.page.getByRole('heading').allTextContents()).join(' ');
      if (heading.includes(last)) return;
      const does = (await this.doing.first().textContent())!;
      const at = (await stepNumber(this.page).textContent())!;
      const end = at.startsWith('rear') ? 'rear' : 'front';
      this.seen.push(`${end}: ${does}`);
      if (!(await this.own(this, does, end))) {
        if (ASKS_A_NUMBER.includes(does)) {
          await this.leaveOut('Not measured on this walk');
          await expect(this.page.getByText(at, { exact: true })).toBeHidden();
          continue;
        }
        await this.prove(does, end);
      }
      await expect(this.page.getByText(at, { exact: true })).toBeVisible();
      await this.hands.press('Enter');
      await expect(this.page.getByText(at, { exact: true })).toBeHidden();
    }
    throw new Error(`${last} never came up`);
  }

  back(): Promise<void> {
    return this.hands.touch(this.hands.button('On with the plan'));
  }

  /** What a sign-off asks for whatever the work was: torque, ticks by name, the hard pull. */
  async prove(does: string, end: 'front' | 'rear'): Promise<void> {
    const { hands, page } = this;
    // A refusal leads there too.
    const torque = page.getByRole('button', { name: /^Torque: / }).first();
    if ((await torque.count()) > 0) {
      const fastener = (await torque.textContent())!;
      await hands.touch(torque);
      await this.byClicks('W2 bench', boltsOf(fastener));
      if (fastener.includes('clamp')) await this.equalGaps();
      return this.back();
    }
    const seal = sealAt(does);
    if (seal) return this.take(seal);
    if ((await hands.button('Log the bleed').count()) > 0) return this.logTheBleed();
    if ((await hands.button('Book the fluid off').count()) > 0) return this.bookTheFluid();
    if (does === 'Test the lever for air') return this.testLever();
    if (does === 'Check every bolt by name') return this.checkByName(end);
    if (does === 'Hold the lever hard for 60 s') {
      await hands.touch(hands.button('Start holding'));
      await page.clock.fastForward(61_000);
      return hands.touch(hands.button('It was held throughout'));
    }
  }

  /** Bite 20 mm, firm pull 26.6: what is pushed after the bite is what a sound brake of this sheet gives. */
  async testLever(): Promise<void> {
    const { hands, page } = this;
    await hands.touch(hands.button('Measure: lever'));
    await hands.touch(hands.button(/G3 vernier/));
    await readLever(hands);
    await expect(verdict(page)).toContainText('Holds');
    await goTo(page, page.url().replace(/[^/]+\/[^/]+$/, 'step'));
    await expect(page.getByText('Measured with G3 vernier.')).toBeVisible();
  }

  /** Two clean cycles, and what went in: a bleed is on record. */
  async logTheBleed(): Promise<void> {
    const { hands, page } = this;
    await hands.touch(hands.button('Log the bleed'));
    for (let cycle = 0; cycle < 2; cycle++) await hands.touch(hands.button('None: bubbles'));
    await expect(page.getByRole('heading', { name: 'Clean twice' })).toBeVisible();
    return this.back();
  }

  async bookTheFluid(): Promise<void> {
    const { hands, page } = this;
    await hands.touch(hands.button('Book the fluid off'));
    await hands.touch(
      page.locator('[role=button]:not([aria-disabled=true])', { hasText: /\d mL/ }).first(),
    );
    await page.getByLabel('Used, mL').fill('10');
    await hands.touch(hands.button('Book 10 mL off'));
    return this.back();
  }

  async equalGaps(): Promise<void> {
    await this.page.getByLabel('Upper gap, mm').fill('1.2');
    await this.page.getByLabel('Lower gap, mm').fill('1,2');
    await this.hands.touch(this.hands.button('Record the gaps'));
    await expect(this.page.getByText(/^Proven at/)).toBeVisible();
  }

  async checkByName(end: 'front' | 'rear'): Promise<void> {
    const { hands, page } = this;
    await hands.touch(hands.button('Check by name'));
    await expect(page.getByRole('heading', { name: 'Check by name' })).toBeVisible();
    const names = page.getByRole('radiogroup');
    for (let i = 0; i < (await names.count()); i++)
      await hands.touch(names.nth(i).getByRole('radio', { name: 'Yes' }));
    await expect(page.getByText(new RegExp(`${end} brake · (\\d+) of \\1$`))).toBeVisible();
    return this.back();
  }

  async leaveOut(reason: string): Promise<void> {
    await this.hands.touch(this.hands.button('Leave out'));
    await this.page.getByLabel('Why it is left out').fill(reason);
    await this.hands.touch(this.hands.button('Leave it out'));
  }

  async take(part: string): Promise<void> {
    const taken = this.page.getByText(new RegExp(`1 × .*${part}, batch`));
    await this.hands.touch(this.hands.button('Take it off the shelf'));
    await expect(this.page.getByRole('heading', { name: 'Parts from the shelf' })).toBeVisible();
    const before = await taken.count();
    await this.hands.touch(this.hands.button(new RegExp(`^${part}`)).first());
    await expect(taken).toHaveCount(before + 1);
    await this.back();
  }

  async byClicks(wrench: string, bolts: number): Promise<void> {
    const { hands, page } = this;
    await takeWrench(hands, new RegExp(wrench));
    if (bolts === 1) {
      await hands.touch(hands.button('Snug'));
      await hands.touch(hands.button('It clicked'));
      return;
    }
    await hands.touch(hands.button('All finger-tight'));
    await hands.touch(hands.button('All clicked'));
    for (let bolt = 1; bolt <= bolts; bolt++) {
      await expect(page.getByText(`Bolt ${bolt}`, { exact: false }).first()).toBeVisible();
      await hands.touch(hands.button('It clicked'));
    }
    await hands.touch(hands.button('All clicked'));
  }
}

/** The whole test of a lever, keyed: reach, bite, firm, held for a minute by the page's clock, pumped. */
export async function readLever(hands: Hands): Promise<void> {
  for (const digits of ['62', '20', '26.6']) await hands.key(digits);
  await hands.touch(hands.button('Start holding'));
  await hands.page.clock.fastForward(61_000);
  await hands.touch(hands.button('It was held throughout'));
  for (const digits of ['26.8', '26.4']) await hands.key(digits);
}

/** Steps that a number does, and no tick: walks that are about something else leave them out, with the reason. */
export const ASKS_A_NUMBER: readonly string[] = [
  'Inspect the brake',
  'Test the lever for air, as it came in',
  'Measure pads and rotor again',
  'Sweep the rotor with the dial',
  'Check that the pads sweep the whole track',
];

/** How many bolts a fastener has, by its name. */
function boltsOf(fastener: string): number {
  if (fastener.includes('rotor bolts')) return 6;
  return /nut|pinch|lockring/.test(fastener) ? 1 : 2;
}

/** The seal that a step puts on: it comes off the shelf first. */
function sealAt(does: string): string | null {
  if (does.startsWith('Press a new barb')) return '. barb';
  return / olive /.test(does) ? '. olive' : null;
}

/** The tests of a hand-over, and the signature. */
export async function handOver(
  { hands, page }: Walker,
  { name, pin }: { name: string; pin: string },
  tests: readonly string[],
): Promise<void> {
  for (const says of tests)
    await hands.touch(
      page.getByRole('radiogroup', { name: says }).getByRole('radio', { name: 'Yes' }),
    );
  const told = page.getByRole('checkbox', { name: /The customer was told/ });
  if ((await told.count()) > 0) await hands.touch(told);
  await expect(page.getByText('Nothing stands in the way')).toBeVisible();
  await hands.touch(page.getByLabel(`PIN of ${name}`));
  await hands.press(...pin);
  await hands.touch(hands.button('Sign and seal'));
  await expect(page.getByRole('heading', { name: 'Signed off and sealed' })).toBeVisible();
}

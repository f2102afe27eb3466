import type { BenchPage, JobLog } from '@hold-fast/contract/jobs';
import { fold } from '@hold-fast/core/job/fold';
import type { Job } from '@hold-fast/core/job/job';
import { PEOPLE } from '@hold-fast/demo/people';
import { expect, test as base, type Locator, type Page } from '@playwright/test';
import type { WIDE } from '../scripts/chromium';

export type PersonName = (typeof PEOPLE)[number]['name'];

/**
 * A test's page is the one its worker has had in hand since it began, as a mechanic's phone is opened in the morning and used all day: what
 * one job leaves behind the next one meets, and the program is read and warmed up once. A test of how a device comes up, or that sets its
 * clock, takes a new one.
 */
export const test = base.extend<{ newPage: Page }, { inHand: Page }>({
  inHand: [
    async ({ browser }, use, { project }) => {
      const context = await browser.newContext(project.use);
      context.setDefaultTimeout(project.use.actionTimeout!);
      await use(await context.newPage());
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: ({ inHand }, use) => use(inHand.context()),
  page: async ({ inHand }, use, { project }) => {
    await use(inHand);
    const context = inHand.context();
    await Promise.all(context.pages().map((each) => each !== inHand && each.close()));
    await context.setOffline(false);
    await inHand.unrouteAll();
    await inHand.setViewportSize(project.use.viewport!);
    await inHand.emulateMedia({ media: null, colorScheme: null });
  },
  newPage: async ({ browser }, use) => {
    const context = await browser.newContext();
    await use(await context.newPage());
    await context.close();
  },
});

/** Counts what hands do: touches and key presses. */
export class Hands {
  actions = 0;

  constructor(readonly page: Page) {}

  async touch(target: Locator): Promise<void> {
    this.actions += 1;
    await target.click();
  }

  async press(...keys: string[]): Promise<void> {
    for (const key of keys) {
      this.actions += 1;
      await this.page.keyboard.press(key);
    }
  }

  /** Stays on a key until it has repeated itself a few times, as a foot stays on a pedal. */
  async hold(key: string): Promise<void> {
    this.actions += 1;
    for (let repeat = 0; repeat < 5; repeat++) await this.page.keyboard.down(key);
    await this.page.keyboard.up(key);
  }

  /** Keys a reading on the hardware keyboard and enters it. */
  async key(digits: string): Promise<void> {
    await this.press(...digits, 'Enter');
  }

  button(name: string | RegExp, exact = false): Locator {
    return this.page.getByRole('button', { name, exact });
  }
}

/** Says of a bolt that what is asked for went on its thread, and takes a wrench to it. */
export async function takeWrench(hands: Hands, wrench: RegExp): Promise<void> {
  await hands.touch(await askedOnThread(hands.page));
  await hands.touch(hands.button(wrench));
}

/** The answer that says what is asked for went on the thread. */
export async function askedOnThread(page: Page): Promise<Locator> {
  const says = await page.getByText(/^(The sheet asks for|Usual here): /).innerText();
  const asked = says.replace(/^.*: |\.$/g, '');
  return page.getByRole('radio', { name: new RegExp(`^${asked}$`, 'i') });
}

/** Whose language languages.spec.ts changes, on every device of hers: in a test beside it she would find no English word. */
export const SPEAKS_GERMAN: PersonName = 'Pia Lindqvane';

export function pinOf(name: PersonName): string {
  return PEOPLE.find((person) => person.name === name)!.pin;
}

function passphraseOf(name: PersonName): string {
  if (name === SPEAKS_GERMAN && !base.info().file.endsWith('languages.spec.ts'))
    throw new Error(`as ${name} languages.spec.ts alone signs in`);
  return PEOPLE.find((person) => person.name === name)!.passphrase;
}

export async function signIn(page: Page, name: PersonName = 'Maren Okafor'): Promise<void> {
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('Passphrase').fill(passphraseOf(name));
  await page.getByRole('button', { name: 'Sign in' }).click();
}

/** The app open and somebody signed in, wherever it stands; how signing in looks is walked where it is the subject. */
export async function openAs(page: Page, name: PersonName): Promise<void> {
  if ((await whoIsAt(page)) === name) return;
  const signedIn = await page.request.post('/api/session', {
    data: { name, passphrase: passphraseOf(name) },
  });
  expect(signedIn.status(), await signedIn.text()).toBe(201);
  await page.goto('/bench');
  // What stands painted till then hears no key.
  await expect(page.locator('.painted')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Check in a bike' })).toBeVisible();
  // The router begins to listen a moment after the first frame.
  await page.evaluate('new Promise((idle) => requestIdleCallback(() => idle(null)))');
}

/** Opens the Bench signed in. */
export async function openBench(page: Page, name: PersonName = 'Maren Okafor'): Promise<Hands> {
  await openAs(page, name);
  await goTo(page, '/bench');
  await expect(page.getByRole('button', { name: 'Check in a bike' })).toBeVisible();
  return new Hands(page);
}

/** Who is signed in on a page; null where the app was not opened on it yet. */
async function whoIsAt(page: Page): Promise<string | null> {
  if (page.url() === 'about:blank') return null;
  const session = (await (await page.request.get('/api/session')).json()) as {
    person: { name: string } | null;
  };
  return session.person?.name ?? null;
}

/** Every open job, of all pages of the Bench. */
export async function openJobs({ request }: Page): Promise<BenchPage['items']> {
  const jobs: BenchPage['items'] = [];
  let after: string | null = '';
  while (after !== null) {
    const page: BenchPage = (await (
      await request.get('/api/bench', after ? { params: { after } } : {})
    ).json()) as BenchPage;
    jobs.push(...page.items);
    after = page.after;
  }
  return jobs;
}

/** Opens a job from the Bench's list, however far down it stands. */
export async function openFromBench(hands: Hands, bike: RegExp): Promise<void> {
  const row = hands.page.getByRole('link', { name: bike });
  await expect(async () => {
    // A slow machine may say late that it was pressed.
    if (new URL(hands.page.url()).pathname !== '/bench') return;
    await hands.page.mouse.move(200, 400);
    if ((await row.count()) === 0) await hands.page.mouse.wheel(0, 1500);
    // The list may go on moving, and leave the row out again: it is looked for anew then.
    await row.click({ timeout: 2_000 });
  }).toPass();
  hands.actions += 1;
}

/** Says of a new bike what nothing is taken for granted of: it has no motor, and two brakes. */
export async function noMotorTwoBrakes(hands: Hands): Promise<void> {
  await hands.touch(hands.page.getByRole('radio', { name: 'No motor' }));
  const third = hands.page.getByRole('radiogroup', { name: 'Brake, third', exact: true });
  await hands.touch(third.getByRole('radio', { name: 'None' }));
}

/** Checks in a new customer's new bike and answers with the job's address. */
export async function checkIn(hands: Hands, customer: string, bike: string): Promise<string> {
  const { page } = hands;
  await hands.touch(hands.button('Check in a bike'));
  await page.getByLabel('Find', { exact: true }).fill(customer);
  await hands.touch(hands.button('A new customer'));
  await expect(page.getByLabel('Customer', { exact: true })).toHaveValue(customer);
  await page.getByLabel('Bike, as people call it').fill(bike);
  await noMotorTwoBrakes(hands);
  await page.getByLabel('In the rider’s own words').fill('Front brake feels weak');
  await hands.touch(page.getByRole('checkbox', { name: 'Weak' }));
  await hands.touch(page.getByRole('radio', { name: 'Left' }));
  await hands.touch(hands.button('Check it in'));
  await expect(page.getByText('Front brake feels weak').last()).toBeVisible();
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  return new URL(page.url()).pathname;
}

/** Identifies the front brake by its sheet; ends on the rotor step. */
export async function identify(hands: Hands, sheet: string): Promise<void> {
  await hands.touch(hands.button(/^Carry on: identify, front/));
  await hands.touch(hands.button(new RegExp(sheet)));
  await hands.touch(hands.button('This is the brake'));
  await expect(hands.page.getByRole('heading', { name: 'Which gauge?' })).toBeVisible();
}

/** Begins a rotor sitting: gauge, zero check, ridge. */
export async function beginRotor(
  hands: Hands,
  gauge: string,
  ridge: 'No ridge' | 'Ridge felt',
): Promise<void> {
  await hands.touch(hands.button(new RegExp(gauge)));
  await expect(hands.page.getByRole('heading', { name: 'Zero check' })).toBeVisible();
  await hands.press('Enter');
  await hands.touch(hands.button(ridge));
  await expect(hands.page.getByRole('heading', { name: 'Measure the rotor' })).toBeVisible();
}

/** To a thing at the front, whatever the complaint asks for first. */
export const atFront = (hands: Hands, thing: 'rotor' | 'pads'): Promise<void> =>
  hands.touch(hands.page.getByTestId(`front-${thing}`));

/** The verdict panel: what it says now. */
export const verdict = (page: Page): Locator => page.getByTestId('verdict');

/** Everything keyed has reached the server. */
export async function allSent(page: Page): Promise<void> {
  await expect.poll(() => unsent(page)).toBe(0);
}

/** How many entries a device still holds. */
export const unsent = (page: Page): Promise<number> =>
  page.evaluate(
    () => Object.keys(localStorage).filter((key) => key.startsWith('hold-fast.outbox')).length,
  );

/** A job as the server has it. */
export async function jobAt(page: Page, jobId: string): Promise<Job> {
  const { base, entries } = (await (await page.request.get(`/api/jobs/${jobId}`)).json()) as JobLog;
  return fold(base, entries);
}

/**
 * To an address as the app itself goes there, and as the browser's Back would: nothing is loaded anew. What is tested of a page that
 * comes up from nothing loads it.
 */
export async function goTo(page: Page, address: string): Promise<void> {
  const { pathname, search } = new URL(page.url());
  if (address === pathname + search) return;
  await page.evaluate((to) => {
    for (const left of document.querySelectorAll<HTMLElement>('[role=main]'))
      left.dataset.left = '';
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, address);
  await expect(page.locator('[role=main]:not([data-left])').first(), address).toBeVisible();
}

/** Another width of the same page, once it is laid out for it. */
export async function widen(page: Page, { width, height }: typeof WIDE): Promise<void> {
  await page.setViewportSize({ width, height });
  await expect(page.getByRole('button', { name: /^Sk[iï]p / })).toHaveCount(1);
  await expect(page.getByLabel('Loading')).toHaveCount(0);
}

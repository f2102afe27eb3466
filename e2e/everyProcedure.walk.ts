import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import {
  PROCEDURE_IDS,
  procedureRule,
  suitsBrake,
  workFor,
} from '@hold-fast/core/procedure/procedures';
import { brakesOf } from '@hold-fast/core/job/visit';
import { USUAL_ENDS } from '@hold-fast/core/ends';
import { expect, test, type Page } from '@playwright/test';
import { allSent, jobAt, openBench, Hands } from './bench';
import { takeInKnown, tell } from './takenIn';
import { stepNumber, Walker } from './walker';

// Every procedure from its first step to its last, by the keys and buttons of the step face, on a brake that it suits. Too long for
// every check: `npm run e2e:walks`.

async function jobFor(page: Page, sheet: SheetRevision, procedure: string): Promise<string> {
  const job = await takeInKnown(
    page,
    `Every ${procedure}`,
    procedure,
    USUAL_ENDS,
    sheet.body.title,
    { forkMaterial: 'aluminium', frameMaterial: 'aluminium' },
  );
  const entry = (fields: object) => tell(page, job, fields);
  const both = procedureRule(procedure as never).bothEnds;
  await entry({
    kind: 'plan-choice',
    procedures: { front: [procedure], rear: both ? [procedure] : [] },
    bleed: { front: 'gravity-down', rear: 'push-up' },
    again: [],
    agreed: 'agreed',
    words: '',
  });
  // What seals a joint is written down before it is used.
  for (const end of USUAL_ENDS)
    for (const part of ['olive', 'barb', 'banjo-seals', 'caliper-seals', 'lever-seals'])
      await entry({ kind: 'part-brought', end, part, pieces: 3, from: 'Bench' });
  // What a larger rotor and a cable brake rest on is reckoned before they are begun.
  const { mount, actuation } = sheet.body.brake;
  const { hold } = sheet.body.rotor;
  const face = mount === 'flat' ? 'flat' : 'post';
  const reckoned = (what: object) => entry({ kind: 'reckoned', end: 'front', what });
  await reckoned({
    of: 'fit',
    mount,
    nativeMm: 160,
    smallestMm: null,
    largestMm: 220,
    caliper: { face, pistons: 2 },
    hub: hold,
    rotor: { sizeMm: 180, hold, construction: 'one-piece' },
  });
  if (actuation !== 'hydraulic')
    await reckoned({
      of: 'cable',
      leverPull: 'long',
      caliperPull: 'long',
      fixedGapMm: 0.15,
      armMm: 22,
    });
  return job;
}

/** Does the step in hand, or leaves it out with the reason where only a number does it. */
async function doStep(walker: Walker, at: string): Promise<void> {
  const { page, hands } = walker;
  await hands.press('Enter');
  const gone = page.getByText(at, { exact: true });
  const moved = await expect(gone)
    .toBeHidden({ timeout: 2_500 })
    .then(() => true)
    .catch(() => false);
  if (moved) return;
  await walker.leaveOut('Not measured on this walk');
  await expect(gone).toBeHidden();
}

for (const procedure of PROCEDURE_IDS)
  test(procedure, async ({ page }) => {
    await page.clock.install();
    await openBench(page);
    const { items } = (await (await page.request.get('/api/sheets')).json()) as {
      items: SheetRevision[];
    };
    // The lever's numbers of a walk are those of a sound brake of this sheet.
    const byTitle = items.sort(
      (a, b) => Number(/Tolve/.test(b.body.title)) - Number(/Tolve/.test(a.body.title)),
    );
    const sheet = byTitle.find(({ body }) => suitsBrake(procedure, body.brake.actuation))!;
    const address = await jobFor(page, sheet, procedure);
    const walker = new Walker(new Hands(page));
    await page.goto(`${address}/step`);
    for (let i = 0; i < 90; i++) {
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      if ((await page.getByText('Before it is signed').count()) > 0) break;
      const at = (await stepNumber(page).textContent())!;
      const does = (await walker.doing.first().textContent())!;
      const torque = page.getByRole('button', { name: /^Torque: / });
      if (does === 'Hold the lever hard for 60 s' || (await torque.count()) > 0)
        await walker.prove(does, 'front');
      if (does === 'Test the lever for air') await walker.testLever();
      await doStep(walker, at);
    }
    await expect(page.getByText('Before it is signed')).toBeVisible();
    await allSent(page);
    const job = await jobAt(page, address.split('/')[2]!);
    const asked = job.planned.at(-1)!;
    const work = workFor(asked.procedures.front, asked.bleed.front, brakesOf(job).front);
    const stood = job.stepped.map(({ step }) => step);
    expect(stood).toEqual(expect.arrayContaining(work));
    expect(job.stepped.length).toBeGreaterThan(1);
  });

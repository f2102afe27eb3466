import { readdirSync } from 'node:fs';
import path from 'node:path';
import { CASE_IDS } from '@hold-fast/core/practice/cases';
import { expect, type Page } from '@playwright/test';
import { goTo, openBench, openJobs, test } from './bench';

// Every page there is of everything that the demo has, opened once: none fails, whatever stands on it. The pages are read off their
// files, so that a new one is opened too. Too long for every check: `npm run e2e:walks`.

const PAGES = path.resolve(__dirname, '../app/src/app');

const TASKS = [
  ...['identify', 'kit', 'look', 'rotor', 'pads', 'runout', 'clearance', 'lever', 'mount-face'],
  ...['fit-rotor', 'fit-pads', 'bolts', 'fluid', 'bleed', 'parts', 'deviation', 'check'],
  ...['bed-in', 'radial', 'trouble'],
];

/** What has no other way in than an address that is handed out, or is there for who builds the app alone. */
const NOT_HERE = ['r/[token]', 'gallery'];

/** The patterns of addresses that a folder's files stand for. */
const patternsIn = (folder: string): string[] =>
  readdirSync(path.join(PAGES, folder), { withFileTypes: true }).flatMap((each) => {
    const at = path.posix.join(folder, each.name);
    if (each.isDirectory()) return patternsIn(at);
    return /^[_+]/.test(each.name) ? [] : [at.replace(/(\/?index)?\.tsx$/, '')];
  });

type Row = Record<string, string>;

/** The ids of all that a list of the server has, page by page. */
async function idsOf({ request }: Page, list: string, id = 'id'): Promise<string[]> {
  const ids: string[] = [];
  for (let after: string | null = ''; after !== null;) {
    const answer = await request.get(`/api/${list}`, { params: after ? { after } : {} });
    const page = (await answer.json()) as Row[] | { items: Row[]; after?: string };
    const [rows, next] = Array.isArray(page) ? [page] : [page.items, page.after];
    ids.push(...rows.map((row) => row[id]!));
    after = next ?? null;
  }
  return ids;
}

test('every page of everything there is comes up', async ({ page }) => {
  test.setTimeout(1_500_000);
  const hands = await openBench(page, 'Teodor Vane');
  const jobs = await openJobs(page);
  // A job whose intake was changed has an entry that no phone sends.
  await goTo(page, `/bench/${jobs[0]!.id}/edit`);
  await page.getByLabel('In the rider’s own words').fill('Squeals when it is wet');
  await hands.touch(hands.button('Save'));
  await expect(page).toHaveURL(/\/bench\/[^/]+$/);
  const there: Record<string, readonly string[]> = {
    jobId: jobs.map(({ id }) => id),
    end: ['front', 'rear', 'third'],
    task: TASKS,
    name: CASE_IDS,
    bikeId: await idsOf(page, 'bikes', 'bikeId'),
    recordId: await idsOf(page, 'records'),
    personId: await idsOf(page, 'people'),
    containerId: await idsOf(page, 'containers'),
    gaugeId: await idsOf(page, 'gauges'),
    noticeId: await idsOf(page, 'notices'),
    sheetId: await idsOf(page, 'sheets', 'sheetId'),
    stockId: await idsOf(page, 'stock'),
    wrenchId: await idsOf(page, 'wrenches'),
  };
  /** A pattern with each of what it asks for in its place. */
  const filled = (pattern: string): string[] => {
    const [whole, name] = /\[(\w+)\]/.exec(pattern) ?? [];
    if (!whole) return [`/${pattern}`];
    expect(there[name!], `what stands at [${name}] of ${pattern}`).not.toHaveLength(0);
    return there[name!]!.flatMap((id) => filled(pattern.replace(whole, id)));
  };
  const failed: string[] = [];
  const addresses = patternsIn('')
    .filter((pattern) => !NOT_HERE.includes(pattern))
    .flatMap(filled);
  for (const address of addresses) {
    await goTo(page, address);
    await expect(page.getByLabel('Loading')).toHaveCount(0);
    if (await page.getByText(/^(This page failed|This could not be shown)$/).count())
      failed.push(address);
  }
  expect(addresses.length).toBeGreaterThan(500);
  expect(failed).toEqual([]);
});

import type { Bike } from '@hold-fast/contract/bikes';
import type { CheckIn } from '@hold-fast/contract/checkIn';
import type { End } from '@hold-fast/core/ends';
import { NOTHING_SAID } from '@hold-fast/core/job/job';
import { USUAL_USE } from '@hold-fast/core/kit/bike';
import { addDays } from 'date-fns';
import { expect, type Page } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { beginRotor, goTo, type Hands } from './bench';

// Bikes as they stand in the shop before a test begins. How one is checked in and its brake identified, by hand, is walked where it is the
// subject; here another device of the same person did it.

/** The sheet of the brake that most tests are at. */
const USUAL_SHEET = 'Ostrel Tolve';

async function post(page: Page, path: string, data: unknown): Promise<void> {
  const answer = await page.request.post(path, { data });
  expect(answer.ok(), await answer.text()).toBe(true);
}

/** Takes in a new customer's new bike; the app stays where it is. Answers with the job's address. */
export async function takeIn(
  page: Page,
  customer: string,
  bike: string,
  made: Partial<Bike> = {},
): Promise<string> {
  const [id, customerId] = [uuid(), uuid()];
  const checkIn: CheckIn = {
    id,
    customer: { id: customerId, name: customer, phone: null },
    bike: {
      ...USUAL_USE,
      id: uuid(),
      customerId,
      name: bike,
      maker: '',
      serial: '',
      motor: false,
      ...made,
    },
    complaint: 'Front brake feels weak',
    symptoms: ['weak'],
    frontLever: 'left',
    odometerKm: null,
    promisedAt: addDays(new Date(), 1).toISOString(),
    minutes: 30,
    ...NOTHING_SAID,
  };
  await post(page, '/api/jobs', checkIn);
  return `/bench/${id}`;
}

/** Writes an entry to a job beside the app. */
export const tell = (page: Page, job: string, fields: object): Promise<void> =>
  post(page, `/api${job.replace('bench', 'jobs')}/entries`, {
    entry: { id: uuid(), at: new Date().toISOString(), ...fields },
    appWord: null,
  });

/** {@link takeIn}, with brakes identified by the sheet whose title begins with a name. */
export async function takeInKnown(
  page: Page,
  customer: string,
  bike: string,
  ends: readonly End[] = ['front'],
  sheet = USUAL_SHEET,
  made: Partial<Bike> = {},
): Promise<string> {
  const job = await takeIn(page, customer, bike, made);
  const { items } = (await (await page.request.get('/api/sheets')).json()) as {
    items: { id: string; body: { title: string } }[];
  };
  const sheetRevisionId = items.find(({ body }) => body.title.startsWith(sheet))!.id;
  for (const end of ends)
    await tell(page, job, { kind: 'identification', end, sheetRevisionId, stampedLimit: null });
  return job;
}

/** Takes in a bike whose front brake is known and goes to its rotor, the gauge zeroed and the ridge felt for. */
export async function atRotor(
  hands: Hands,
  customer: string,
  bike: string,
  gauge = 'G2 thickness gauge',
  ridge: 'No ridge' | 'Ridge felt' = 'No ridge',
): Promise<string> {
  const job = await takeInKnown(hands.page, customer, bike);
  await goTo(hands.page, `${job}/front/rotor`);
  await beginRotor(hands, gauge, ridge);
  return job;
}

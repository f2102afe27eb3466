import type { Bike } from '@hold-fast/core/kit/bike';
import { Entry } from '@hold-fast/contract/entries';
import type { JobLog } from '@hold-fast/contract/jobs';
import { entriesOf } from '@hold-fast/core/adversary/adversary';
import { drawHistory } from '@hold-fast/core/adversary/deeds';
import { NOTICE, whole } from '@hold-fast/core/adversary/whole';
import { randomOf } from '@hold-fast/core/random';
import { containerAsKnown } from '@hold-fast/core/job/fill';
import { fold } from '@hold-fast/core/job/fold';
import type { Job } from '@hold-fast/core/job/job';
import {
  faultOf,
  SENT,
  type KnownOf,
  type Logged,
  type SentEntry,
  type SentKind,
} from '@hold-fast/core/job/kinds';
import { gaugeAsKnown } from '@hold-fast/core/job/measurement';
import { lineAsKnown } from '@hold-fast/core/job/partTaken';
import { askedFor, wrenchAsKnown } from '@hold-fast/core/job/tightening';
import { withWaiting, type WaitingEntry } from '@hold-fast/core/job/waiting';
import { canonicalJson, type Json } from '@hold-fast/core/seal/canonical';
import { max } from 'date-fns/max';
import { parseISO } from 'date-fns/parseISO';
import { v7 as uuid } from 'uuid';
import { sheetRevision } from '../sheets/store';
import { containerById, gaugeById, stockById, wrenchById } from '../stores/store';
import { checkIn, NOW, openTestShop, type Client, type TestShop } from '../testing/testShop';

// Our design: a phone without network holds the job that the server will hold, to the letter.

let shop: TestShop;
let client: Client;
const noticeId = uuid();
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  const delivery = {
    id: uuid(),
    stockId: shop.ids.olive,
    pieces: 50,
    why: 'received',
    batch: 'B7',
  };
  await client.send('POST', '/stock/moves', delivery);
  const {
    version: _,
    sheetBefore: _s,
    lotBefore: _l,
    broughtAt: _b,
    answeredBefore: _a,
    ...notice
  } = NOTICE;
  const written = { ...notice, id: noticeId, withdrawn: false, withdrawnBecause: '' };
  await (await shop.signedIn('Lead')).send('POST', '/notices', written);
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

/** A visit's entries with this shop's gauges, wrench, bottle, shelf and sheet in place of their own. */
function here(logged: readonly Logged[]): SentEntry[] {
  const { ids } = shop;
  const named: Record<string, string> = {
    G1: ids.point,
    G2: ids.vernier,
    G4: ids.dial,
    G5: ids.feelers,
    G6: ids.rule,
    wrench: ids.wrench,
    bottle: ids.bottle,
    olives: ids.olive,
    [NOTICE.id]: noticeId,
  };
  const visit = uuid().slice(-8);
  return logged
    .filter(({ entry }) => entry.kind in SENT)
    .map(({ entry }) =>
      Entry.parse(
        JSON.parse(JSON.stringify(entry), (key, value: unknown) =>
          key === 'sheetRevisionId'
            ? ids.sheet
            : typeof value === 'string'
              ? (named[value] ?? value.replace(/^0190a000/, visit))
              : value,
        ),
      ),
    );
}

/** What the screens put beside an entry, out of the registers they were shown; `refused` where they would not go so far. */
async function knownAt(job: Job, entry: SentEntry): Promise<KnownOf<SentKind> | 'refused'> {
  const { pool } = shop;
  switch (entry.kind) {
    case 'identification':
      return { sheet: (await sheetRevision(pool, entry.sheetRevisionId))! };
    case 'measurement':
      return { gauge: gaugeAsKnown((await gaugeById(pool, entry.gaugeId))!) };
    case 'tightening': {
      const asked = askedFor(job, entry, false);
      if ('refusal' in asked) return 'refused';
      const wrench = (await wrenchById(pool, entry.wrenchId))!;
      return { ...asked, wrench: wrenchAsKnown(wrench), retired: wrench.retired };
    }
    case 'part-taken':
      return lineAsKnown((await stockById(pool, entry.stockId))!);
    case 'reckoned':
    case 'notice-answer':
      return { byLead: false };
    case 'second-look':
      return { byApprentice: false };
    case 'fill':
      return { container: containerAsKnown((await containerById(pool, entry.containerId))!) };
    default:
      return null;
  }
}

/**
 * All but what counts writes and clicks, lists the shop's sheets, or hangs on the bike, in the one way there is to write it.
 */
const said = ({ revision: _, newestSheets: _sheets, tags: _tags, ...job }: Job) =>
  canonicalJson(
    JSON.parse(JSON.stringify(job), (key, value: unknown) =>
      key === 'uses' ? undefined : value,
    ) as Json,
  );

/** Makes entries with no network, then sends them all: the two jobs, and what either side refused. */
async function bothWays(entries: readonly SentEntry[], change: Partial<Bike> = {}) {
  const usual = checkIn();
  const taken = { ...usual, bike: { ...usual.bike, ...change } };
  await client.send('POST', '/jobs', taken);
  const start = (await client.send<JobLog>('GET', `/jobs/${taken.id}`)).body;
  const waiting: WaitingEntry[] = [];
  const refusedHere: string[] = [];
  for (const entry of entries) {
    const job = withWaiting(start, waiting, { by: 'Mechanic' });
    const known = await knownAt(job, entry);
    if (known === 'refused' || faultOf<SentKind>(job, entry, known)) refusedHere.push(entry.id);
    else waiting.push({ entry, known });
  }
  const refusedThere: string[] = [];
  // A hurried workshop goes on for days.
  shop.clock.now = max([NOW, ...entries.map(({ at }) => parseISO(at))]);
  const then = await shop.signedIn();
  for (const entry of entries) {
    const answer = await then.send('POST', `/jobs/${taken.id}/entries`, { entry, appWord: null });
    if (answer.status !== 201) refusedThere.push(entry.id);
  }
  shop.clock.now = NOW;
  const end = (await client.send<JobLog>('GET', `/jobs/${taken.id}`)).body;
  const offline = withWaiting({ base: start.base, entries: [] }, waiting, { by: 'Mechanic' });
  const online = fold(
    end.base,
    // What waits is numbered from one; the shop's own numbers leave out what it refused, and go on from where the shop is.
    end.entries.map((logged, i) => ({ ...logged, seq: i + 1 })),
  );
  return { offline: said(offline), online: said(online), refusedHere, refusedThere, end };
}

it('of every kind of entry there is', async () => {
  const entries = here(whole().entries);
  expect(new Set(entries.map(({ kind }) => kind))).toEqual(new Set(Object.keys(SENT)));
  const { offline, online, refusedHere, refusedThere, end } = await bothWays(entries);
  expect(refusedThere).toEqual(refusedHere);
  expect(new Set(end.entries.map(({ entry }) => entry.kind))).toEqual(new Set(Object.keys(SENT)));
  expect(offline).toBe(online);
});

it.each([1, 2, 3, 4, 5, 6])(
  'of a hurried workshop’s entries, whatever their order (%i)',
  async (seed) => {
    const random = randomOf(seed);
    const entries = here(entriesOf(seed, drawHistory(random, 9)));
    // Out of order too: much of it is refused then, and by both for the same entries.
    const shuffled = seed % 2 === 0 ? entries : [...entries].sort(() => random() - 0.5);
    const { offline, online, refusedHere, refusedThere } = await bothWays(shuffled, {
      thirdBrake: 'disc',
      sharedLever: 'front-third',
    });
    expect(refusedThere).toEqual(refusedHere);
    expect(offline).toBe(online);
  },
);

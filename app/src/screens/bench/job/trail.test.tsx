import { act, screen, within } from '@testing-library/react-native';
import type { Intake } from '@hold-fast/core/job/job';
import { client, keys } from '../../../data/client';
import { exampleJob } from '../../../testing/exampleJob';
import { clearApp, showScreen } from '../../../testing/showScreen';
import { Trail } from './Trail';

// What was changed of what was taken down: in words, from what to what.

const WAS: Intake = {
  complaint: 'Rubs',
  symptoms: [],
  frontLever: null,
  odometerKm: null,
  promisedAt: '2026-11-27T15:00:00.000Z',
  minutes: 60,
  cameAlong: [],
  damage: '',
  ringAboveCents: null,
  mayRide: null,
  oldPartsBack: null,
  comebackOf: null,
};
const VISIT = '0190a000-0000-7000-8000-00000000c0de';

beforeEach(clearApp);

const changed = (became: Partial<Intake>) => ({
  kind: 'edit',
  was: WAS,
  became: { ...WAS, ...became },
});

/** The title of the one entry of a job, and what is said of it. */
function shownOf(fresh: object, job = exampleJob()): [title: string, says: string] {
  showScreen(<Trail jobId={job.id} />, { job });
  const entry = { id: VISIT, ...fresh };
  const logged = {
    entry: { ...entry, at: '2026-11-03T14:05:00.000Z' },
    by: 'Maren Okafor',
    seq: 1,
  };
  act(() => void client.setQueryData(keys.job(job.id), { base: job, entries: [logged] }));
  const [title, says] = within(screen.getByTestId('trail'))
    .getAllByText(/./)
    .map(({ props }) => [props.children].flat()[0] as string);
  screen.unmount();
  return [title!, says!];
}

it.each<[Partial<Intake>, string]>([
  [{ complaint: 'Rubs, and pulls' }, 'Complaint: from “Rubs” to “Rubs, and pulls”'],
  [{ symptoms: ['weak', 'squeal'] }, 'Symptoms: from nothing to weak and squeals'],
  [{ frontLever: 'left' }, 'Front brake lever: from nothing to left'],
  [{ odometerKm: 3240 }, 'Odometer: from nothing to 3,240\u00a0km'],
  [
    { promisedAt: '2026-12-01T09:30:00.000Z' },
    'Promised for: from 27\u00a0Nov\u00a02026, 15:00 to 1\u00a0Dec\u00a02026, 09:30',
  ],
  [{ minutes: 90 }, 'Bench time: from 1 h to 1 h 30 min'],
  [{ cameAlong: ['keys', 'lock'] }, 'Came along: from nothing to keys and lock'],
  [{ damage: 'A bent rack' }, 'Damage: from nothing to “A bent rack”'],
  [{ ringAboveCents: 4000 }, 'Ring above: from nothing to €40.00'],
  [{ mayRide: false }, 'May be ridden: from nothing to No'],
  [{ oldPartsBack: true }, 'Old parts back: from nothing to Yes'],
  [{ comebackOf: VISIT }, 'Comes back from: from nothing to another visit'],
])('says a change as people would, and when it was, however long ago: %j', (became, says) =>
  expect(shownOf(changed(became))).toEqual([
    'A change to the job',
    `Maren Okafor, 3\u00a0Nov\u00a02026, 14:05 · ${says}`,
  ]),
);

it('names the visit that a job comes back from', () => {
  const comeback = {
    jobId: VISIT,
    tag: 388,
    complaint: '',
    sealed: null,
    procedures: [],
    left: [],
  };
  const [, says] = shownOf(changed({ comebackOf: VISIT }), { ...exampleJob(), comeback });
  expect(says).toMatch(/388$/);
});

// The server makes these of what is done under a PIN or with a picture; no phone sends them.
it.each<[object, string, RegExp]>([
  [
    { kind: 'decision', end: 'front', subject: 'rotor', decision: 'accepted', words: 'Seen twice' },
    'Front rotor: a decision',
    /14:05 · “Seen twice”$/,
  ],
  [{ kind: 'photo', end: 'rear', area: 'hose', sha256: '' }, 'Rear: a picture', /14:05$/],
  [{ kind: 'photo', end: null, area: 'as-it-came-in', sha256: '' }, 'A picture', /14:05$/],
])('names what was not sent as it was entered: %j', (entry, title, says) =>
  expect(shownOf(entry)).toEqual([title, expect.stringMatching(says)]),
);

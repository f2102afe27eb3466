import type { Job } from '@hold-fast/core/job/job';
import type { Bar } from '@hold-fast/core/procedure/signOff';
import { fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { client, keys } from '../../../data/client';
import { begins, exampleJob, looksOver, reads } from '../../../testing/exampleJob';
import { clearApp, jobAfter, showScreen } from '../../../testing/showScreen';
import { OpenBar } from './OpenBars';

// What is offered at each thing that bars a sign-off: ways to put it right, and who may decide it. A do-not-ride is offered to
// nobody’s signature but a lead’s who says that it was seen wrong; work that is asked for is left to no decision at all.

const MECHANIC = { id: 'm', name: 'Maren Okafor', role: 'mechanic', apprentice: false } as const;
const DECISIONS = [
  'A lead accepts it',
  'The customer refuses',
  'It was seen wrong',
  'A lead keeps the old sheet',
];

const rotor = (...mm: number[]) => {
  const begin = begins('rotor');
  // Three are spread round the track.
  return [
    begin,
    reads(begin.id, 'zero', 0),
    ...mm.map((each, i) => reads(begin.id, String(2 * i + 1), each)),
  ];
};
const fresh = () => exampleJob();
const worn = () => jobAfter(rotor(1.47, 1.6, 1.6));
// Each point is above the limit by less than the gauge may err.
const doubtful = () => jobAfter(rotor(1.52, 1.52, 1.52));
const before = { jobId: '0190a000-0000-7000-8000-0000000000b1', tag: 398 };
const tagged = (): Job => ({
  ...exampleJob(),
  tags: [{ end: 'front', subject: 'rotor', found: ['crack'], foundAfter: null, ...before }],
});
const refused = (): Job => ({
  ...exampleJob(),
  againstAdvice: [
    { end: 'front', subject: 'rotor', words: 'It will do', at: '2026-10-02T15:00:00Z', ...before },
  ],
});
const revised = (): Job => {
  const job = exampleJob();
  const front = job.identified.front!;
  return {
    ...job,
    identified: { ...job.identified, front: { ...front, newerRevision: front.sheet } },
  };
};
const cracked = () => jobAfter([looksOver('rotor', 'crack')]);
const at = { end: 'front', subject: 'rotor' } as const;

interface Offered {
  bar: Bar;
  job: () => Job;
  ways: string[];
  decisions: string[];
}

/** One of each kind of bar: another kind does not compile before it is said what is offered at it. */
const OFFERED: Readonly<Record<Bar['code'], Offered>> = {
  away: { bar: { code: 'away' }, job: fresh, ways: ['At the job'], decisions: [] },
  'stay-unsaid': {
    bar: { code: 'stay-unsaid', since: '2026-11-24' },
    job: fresh,
    ways: ['It was here all the time', 'It was out of the shop'],
    decisions: [],
  },
  'do-not-ride': {
    bar: { code: 'do-not-ride', ...at, found: ['crack'] },
    job: cracked,
    ways: ['Plan the work', 'Record the new rotor', 'Measure again: rotor'],
    decisions: ['It was seen wrong'],
  },
  'still-tagged': {
    bar: { code: 'still-tagged', ...at, found: ['crack'] },
    job: tagged,
    ways: ['Plan the work', 'Record the new rotor', 'Measure again: rotor'],
    decisions: ['It was seen wrong'],
  },
  'replace-open': {
    bar: { code: 'replace-open', ...at },
    job: worn,
    ways: ['Plan the work', 'Record the new rotor', 'Measure again: rotor'],
    decisions: ['The customer refuses'],
  },
  'refused-before': {
    bar: { code: 'refused-before', ...at },
    job: refused,
    ways: ['Plan the work', 'Record the new rotor', 'Measure again: rotor'],
    decisions: ['The customer refuses'],
  },
  'unproven-open': {
    bar: { code: 'unproven-open', ...at },
    job: doubtful,
    ways: ['Measure again: rotor', 'Record the new rotor'],
    decisions: ['A lead accepts it'],
  },
  'sheet-revised': {
    bar: { code: 'sheet-revised', end: 'front' },
    job: revised,
    ways: ['Take the new sheet'],
    decisions: ['A lead keeps the old sheet'],
  },
  'torque-unproven': {
    bar: {
      code: 'torque-unproven',
      end: 'front',
      fastener: 'rotor-bolts',
      flaws: ['passes-open'],
    },
    job: fresh,
    ways: ['Tighten it'],
    decisions: [],
  },
  'work-open': {
    bar: { code: 'work-open', end: 'front', of: 'wheel' },
    job: fresh,
    ways: ['On with the plan'],
    decisions: [],
  },
  'lever-untested': {
    bar: { code: 'lever-untested', end: 'front' },
    job: fresh,
    ways: ['Test the lever for air'],
    decisions: [],
  },
  'reckoned-against': {
    bar: { code: 'reckoned-against', end: 'front', of: 'fit' },
    job: fresh,
    ways: ['What was reckoned'],
    decisions: [],
  },
  'bite-not-risen': {
    bar: { code: 'bite-not-risen', end: 'front' },
    job: fresh,
    ways: ['Bed it in'],
    decisions: [],
  },
  unswept: {
    bar: { code: 'unswept', end: 'front', why: 'outside' },
    job: fresh,
    ways: ['Measure e, choose washers'],
    decisions: [],
  },
  'bleed-unrecorded': {
    bar: { code: 'bleed-unrecorded', end: 'front', lacks: 'fluid' },
    job: fresh,
    ways: ['Book the fluid off'],
    decisions: [],
  },
  'bubbles-last': {
    bar: { code: 'bubbles-last', end: 'front' },
    job: fresh,
    ways: ['Log the bleed'],
    decisions: [],
  },
  'notice-open': {
    bar: { code: 'notice-open', noticeId: 'n', title: 'Levers of lot 7', doNotRide: true },
    job: fresh,
    ways: ['At the job'],
    decisions: [],
  },
  unseconded: {
    bar: { code: 'unseconded', end: 'front' },
    job: fresh,
    ways: ['At the job'],
    decisions: [],
  },
  // These are answered on the page itself, above.
  'stand-untested': {
    bar: { code: 'stand-untested', end: 'front' },
    job: fresh,
    ways: [],
    decisions: [],
  },
  'lever-side-unconfirmed': {
    bar: { code: 'lever-side-unconfirmed' },
    job: fresh,
    ways: [],
    decisions: [],
  },
  'cut-off-untested': {
    bar: { code: 'cut-off-untested', end: 'front' },
    job: fresh,
    ways: [],
    decisions: [],
  },
  'cut-off-failed': {
    bar: { code: 'cut-off-failed', end: 'front' },
    job: fresh,
    ways: [],
    decisions: [],
  },
  'watch-untold': { bar: { code: 'watch-untold', ...at }, job: fresh, ways: [], decisions: [] },
  'check-open': {
    bar: { code: 'check-open', end: 'front', check: 'caliper-bolts', failed: true },
    job: fresh,
    ways: [],
    decisions: [],
  },
};

beforeEach(clearApp);

const said = () =>
  screen
    .queryAllByRole('button')
    .map((button) => (button.props.accessibilityLabel as string | undefined) ?? textOf(button));
const textOf = (element: ReturnType<typeof screen.getByRole>): string =>
  element.children.map((child) => (typeof child === 'string' ? child : textOf(child))).join('');

it.each(Object.entries(OFFERED))('%s', (_code, { bar, job, ways, decisions }) => {
  showScreen(<OpenBar job={job()} bar={bar} person={MECHANIC} />);
  const offered = said();
  expect(offered.filter((says) => DECISIONS.includes(says))).toEqual(decisions);
  expect(offered.filter((says) => ![...DECISIONS, 'Write down the work'].includes(says))).toEqual(
    ways,
  );
  // Every way leads somewhere of this job.
  for (const way of ways) {
    fireEvent.press(screen.getByText(way));
    expect(jest.mocked(router.navigate).mock.calls.at(-1)![0]).toMatch(
      new RegExp(`^/bench/${exampleJob().id}(/[a-z-]+)*(\\?fastener=rotor-bolts)?$`),
    );
  }
});

it('asks a lead, and nobody who is none, whether a do-not-ride was seen wrong', () => {
  client.setQueryData(keys.leads, [{ name: 'Teodor Vane' }]);
  showScreen(<OpenBar {...OFFERED['do-not-ride']} job={cracked()} person={MECHANIC} />);
  fireEvent.press(screen.getByText('It was seen wrong'));
  expect(screen.getByText('Teodor Vane')).toBeTruthy();
  expect(screen.queryByText('Maren Okafor')).toBeNull();
  expect(screen.getByLabelText('PIN')).toBeTruthy();
});

it('leaves a lever, fluid and a leak to no customer’s refusal', () => {
  for (const [area, finding] of [
    ['lever', 'lever-bent'],
    ['fluid', 'fluid-wrong'],
    ['leaks', 'leak-at-caliper'],
  ] as const) {
    const job = jobAfter([looksOver(area, finding)]);
    showScreen(
      <OpenBar
        job={job}
        bar={{ code: 'replace-open', end: 'front', subject: area }}
        person={MECHANIC}
      />,
    );
    expect(screen.queryByText('The customer refuses')).toBeNull();
    screen.unmount();
  }
});

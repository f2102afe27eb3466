import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { fold } from '@hold-fast/core/job/fold';
import { atEachEnd } from '@hold-fast/core/ends';
import { act, fireEvent, screen, within } from '@testing-library/react-native';
import { router } from 'expo-router';
import { StyleSheet, type TextStyle } from 'react-native';
import type { ReactTestInstance } from 'react-test-renderer';
import { client, keys, outbox } from '../../../data/client';
import {
  begins,
  exampleJob,
  exampleLog,
  GAUGE,
  looksOver,
  reads,
} from '../../../testing/exampleJob';
import {
  A_WRITE,
  clearApp,
  jobAfter,
  lastSent,
  showScreen,
  submit,
} from '../../../testing/showScreen';
import { inForce } from '../../../words/manner';
import { FitPart } from '../fitting/FitPart';
import { Found } from './Found';
import { JobSheet } from '../job/JobSheet';
import { Identify } from '../identify/Identify';
import { KitSheet } from '../identify/KitSheet';
import { LookOver } from './LookOver';
import { FeelGaps } from '../measuring/FeelGaps';
import { MeasureFace } from '../measuring/MeasureFace';
import { MeasureLever } from '../measuring/MeasureLever';
import { MeasurePads } from '../measuring/MeasurePads';
import { MeasureRunout } from '../measuring/MeasureRunout';

beforeEach(clearApp);

const JOB = exampleJob().id;
const key = (...digits: string[]) =>
  digits.forEach((digit) => fireEvent.press(screen.getByLabelText(digit)));
const next = () => fireEvent.press(screen.getByText('next'));

const runout = (...mm: number[]) => {
  const begin = begins('runout');
  return [begin, ...mm.map((value, i) => reads(begin.id, String(i + 1), value))];
};
/** Twelve readings of the wobble that the trade's worked example of a lone peak has. */
const LONE_PEAK = runout(0, 0, 0, 0.24, 0, 0, 0, 0, 0, 0, 0, 0);
const TRUE_RUNNING = runout(...Array.from({ length: 12 }, (_, k) => (k % 2 ? 0.02 : 0)));

const gaps = (ll: number, lt: number, rl: number, rt: number) => {
  const begin = begins('clearance');
  return [
    begin,
    reads(begin.id, 'left-leading', ll),
    reads(begin.id, 'left-trailing', lt),
    reads(begin.id, 'right-leading', rl),
    reads(begin.id, 'right-trailing', rt),
  ];
};
const lever = (places: Record<string, number>) => {
  const begin = begins('lever', { basis: 'travel' });
  return [begin, ...Object.entries(places).map(([place, mm]) => reads(begin.id, place, mm))];
};

describe('runout', () => {
  it('names the bent place by the clock, its height, and the way to bend', () => {
    showScreen(<MeasureRunout jobId={JOB} end="front" />, { job: jobAfter(LONE_PEAK) });
    expect(
      screen.getByText(/One place is bent, at 3 o’clock, 0.24 mm toward the indicator/),
    ).toBeTruthy();
    expect(screen.getByText(/Bend it away from the indicator, in small bends/)).toBeTruthy();
    expect(screen.getByLabelText(/3 o’clock: \+0\.24 mm\. 4 o’clock: 0\.00 mm\./)).toBeTruthy();
  });

  it('takes a minus, and digits behind the point', () => {
    showScreen(<MeasureRunout jobId={JOB} end="front" />, { job: jobAfter([begins('runout')]) });
    fireEvent.press(screen.getByText('−'));
    key('5');
    next();
    expect(lastSent()).toMatchObject({ kind: 'reading', place: '1', valueMm: -0.05, typed: '-5' });
  });
});

describe('the gaps', () => {
  it('says what rubs, where to move the caliper, and that centring cures it', () => {
    const job = jobAfter([...TRUE_RUNNING, ...gaps(0.34, 0.34, 0, 0.02)]);
    showScreen(<FeelGaps jobId={JOB} end="front" />, { job });
    fireEvent.press(screen.getByText('skip'));
    expect(screen.getByText(/Narrowest 0.00 at right, leading end/)).toBeTruthy();
    expect(screen.getByText(/Move the caliper 0.17 to the right/)).toBeTruthy();
    expect(screen.getByText('Centring the caliper cures it.')).toBeTruthy();
  });

  it('once felt, lead on with the plan where work is open at their end, else to the lever', () => {
    const job = jobAfter([...TRUE_RUNNING, ...gaps(0.34, 0.34, 0, 0.02)]);
    const finish = (at: typeof job) => {
      const { unmount } = showScreen(<FeelGaps jobId={JOB} end="front" />, { job: at });
      fireEvent.press(screen.getByText('skip'));
      const leadsTo = ['On with the plan', 'Measure the lever'].filter(
        (name) => screen.queryByRole('button', { name }) !== null,
      );
      unmount();
      return leadsTo;
    };
    const aligning = (end: 'front' | 'rear') => ({
      ...job,
      planned: [
        {
          id: 'plan',
          seq: 90,
          procedures: { front: [], rear: [], third: [], [end]: ['align' as const] },
          bleed: atEachEnd(() => 'push-up' as const),
          again: [],
          agreed: 'agreed' as const,
          words: '',
          at: job.measured[0]!.at,
          by: '',
        },
      ],
    });
    expect(finish(job)).toEqual(['Measure the lever']);
    expect(finish(aligning('rear'))).toEqual(['Measure the lever']);
    expect(finish(aligning('front'))).toEqual(['On with the plan']);
  });

  it('proves nothing without the wobble, and says that it wants it', () => {
    showScreen(<FeelGaps jobId={JOB} end="front" />, { job: jobAfter(gaps(0.3, 0.3, 0.3, 0.3)) });
    fireEvent.press(screen.getByText('skip'));
    expect(screen.getByText('Unproven')).toBeTruthy();
    expect(screen.getAllByText(/runout/i).length).toBeGreaterThan(0);
  });

  it('asks whether the wheel stands at the mid reading', () => {
    showScreen(<FeelGaps jobId={JOB} end="front" />, { job: jobAfter(gaps(0.3, 0.3, 0.3, 0.3)) });
    fireEvent.press(screen.getByText('Wheel anywhere: the whole wobble counts'));
    expect(lastSent()).toMatchObject({ kind: 'look', subject: 'at-mid-reading', seen: true });
  });

  it('refuses a gap that no brake has', () => {
    showScreen(<FeelGaps jobId={JOB} end="front" />, { job: jobAfter([begins('clearance')]) });
    key('9', '0', '0');
    next();
    expect(screen.getByRole('alert')).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
  });
});

describe('the lever', () => {
  it('waits for the hold before it asks how far the lever sank', () => {
    showScreen(<MeasureLever jobId={JOB} end="front" />, {
      job: jobAfter(lever({ reach: 60, bite: 20, firm: 27 })),
    });
    expect(screen.getByText('Start holding')).toBeTruthy();
    expect(screen.queryByText('next')).toBeNull();
  });

  it('condemns a lever that sinks, do not ride', () => {
    const job = jobAfter(lever({ reach: 60, bite: 20, firm: 27, sunk: 32 }));
    showScreen(<MeasureLever jobId={JOB} end="front" />, { job });
    expect(screen.getByText('Reseal the lever')).toBeTruthy();
    expect(screen.getByTestId('do-not-ride')).toHaveTextContent('Do not ride  Front lever');
    expect(screen.getByText(/sinks 5.0 mm under a held pull/)).toBeTruthy();
    expect(
      screen.getByLabelText(
        'Reach 60.0 mm. bite point at 20.0 mm. firm pull at 27.0 mm. held 60 s at 32.0 mm.',
      ),
    ).toBeTruthy();
  });

  it('gives trapped air as a least volume, with its sum', () => {
    const job = jobAfter(lever({ reach: 60, bite: 20, firm: 35, sunk: 35, pumped: 35 }));
    showScreen(<MeasureLever jobId={JOB} end="front" />, { job });
    // The trade's worked example: 0.2356 mL pushed, 0.1378 mL of air at full efficiency.
    expect(screen.getByText(/0.236 mL pushed after the bite/)).toBeTruthy();
    expect(screen.getByText('0.05 to 0.2 mL: a lever-only top-up.')).toBeTruthy();
  });

  it('reads the same air by the bands the shop has laid down, and says those', () => {
    const rules = { ...USUAL_RULES, figures: { 'air-sound': 0.03, 'air-top-up': 0.1 } };
    const job = jobAfter(lever({ reach: 60, bite: 20, firm: 35, sunk: 35, pumped: 35 }), { rules });
    showScreen(<MeasureLever jobId={JOB} end="front" />, { job });
    expect(screen.getByText('Above 0.1 mL: a full bleed.')).toBeTruthy();
  });
});

it('the mount face: angle, and that it wants dressing', () => {
  const begin = begins('mount-face');
  const job = jobAfter([begin, reads(begin.id, 'gap', 0.3), reads(begin.id, 'spacing', 34)]);
  showScreen(<MeasureFace jobId={JOB} end="front" />, { job });
  expect(
    screen.getByLabelText('The face stands 0.51 degrees out of square, a gap of 0.30 mm.'),
  ).toBeTruthy();
  expect(screen.getByText('Dress')).toBeTruthy();
});

describe('looking over', () => {
  it('records every finding of an area together, and "nothing found" alone', () => {
    const job = jobAfter([looksOver('caliper', 'grit-in-caliper')]);
    showScreen(<LookOver jobId={JOB} end="front" />, { job });
    const caliper = within(screen.getByLabelText('Caliper'));
    fireEvent.press(caliper.getByText('Nothing found'));
    expect(lastSent()).toMatchObject({ kind: 'look-over', area: 'caliper', found: [] });
    fireEvent.press(caliper.getByText(/crack/i));
    expect(lastSent()).toMatchObject({ found: ['grit-in-caliper', 'caliper-cracked'] });
  });

  it('says do not ride at once', () => {
    showScreen(<LookOver jobId={JOB} end="front" />, {
      job: jobAfter([looksOver('leaks', 'leak-at-banjo')]),
    });
    expect(screen.getByText('Do not ride')).toBeTruthy();
    expect(screen.getByText(/Leak at the banjo: work and another look lift it/)).toBeTruthy();
  });

  // Told in words, nobody would be asked of what they are.
  it('leads to where pads or a rotor are written down that another pair or rotor cures, and takes no word for it', () => {
    const job = jobAfter([looksOver('pads', 'pads-soaked')]);
    showScreen(<LookOver jobId={JOB} end="front" />, { job });
    expect(screen.queryByText('Write down the work')).toBeNull();
    fireEvent.press(screen.getByText('Record the new pads'));
    expect(router.navigate).toHaveBeenLastCalledWith(`/bench/${JOB}/front/fit-pads`);
  });
});

describe('a held lever', () => {
  const held = () => jobAfter(lever({ reach: 60, bite: 20, firm: 27 }));
  const hold = () => {
    const shown = showScreen(<MeasureLever jobId={JOB} end="front" />, { job: held() });
    return { ...shown, passes: (ms: number) => act(() => void jest.advanceTimersByTime(ms)) };
  };
  beforeEach(() => {
    jest.useFakeTimers();
    sessionStorage.clear();
  });
  afterEach(() => jest.useRealTimers());

  it('counts while its step is open, also through a page loaded anew', () => {
    const first = hold();
    fireEvent.press(screen.getByText('Start holding'));
    first.passes(20_000);
    expect(screen.getByRole('timer')).toHaveTextContent('40');
    // A page that is loaded anew never unmounts: what is kept is what was kept last.
    const kept = { ...sessionStorage };
    first.unmount();
    Object.assign(sessionStorage, kept);
    const again = hold();
    again.passes(1000);
    expect(screen.getByRole('timer')).toHaveTextContent('39');
  });

  it.each(['2026-11-30T12:00:00.000Z', '2020-01-01T00:00:00.000Z'])(
    'counts what passes, though the clock of the phone is set in the middle: to %s',
    (set) => {
      const { passes } = hold();
      fireEvent.press(screen.getByText('Start holding'));
      passes(20_000);
      jest.setSystemTime(new Date(set));
      passes(1000);
      expect(screen.getByRole('timer')).toHaveTextContent('39');
      passes(38_000);
      expect(screen.getByRole('timer')).toHaveTextContent('1');
    },
  );

  it.each([
    ['left for another step', 0, false],
    ['away for longer than a page takes to load', 30_000, true],
  ])('%s, it is begun anew', (_, awayMs, reloaded) => {
    const first = hold();
    fireEvent.press(screen.getByText('Start holding'));
    first.passes(50_000);
    const kept = { ...sessionStorage };
    first.unmount();
    if (reloaded) Object.assign(sessionStorage, kept);
    jest.advanceTimersByTime(awayMs);
    hold();
    expect(screen.getByRole('timer')).toHaveTextContent('60');
    expect(screen.getByText('Start holding')).toBeTruthy();
  });
});

describe('what was found', () => {
  const begin = begins('rotor');
  const job = jobAfter([
    begin,
    reads(begin.id, 'zero', 0),
    ...[1.74, 1.75, 1.74].map((mm, i) => reads(begin.id, String(2 * i + 1), mm)),
    ...LONE_PEAK,
    looksOver('leaks', 'leak-at-hose-nut'),
  ]);

  it('puts the do-not-ride first, and what holds last', () => {
    showScreen(<Found jobId={JOB} />, { job });
    const rows = screen.getAllByTestId(/^found-/).map(({ props }) => String(props.testID));
    expect(rows).toEqual(['found-front-leaks', 'found-front-runout', 'found-front-rotor']);
    expect(screen.getByText(/Remake the joint at the caliper with new seals: front/i)).toBeTruthy();
    expect(screen.getByText(/^Rear: rotor, pads, runout/)).toBeTruthy();
  });

  it('says do not ride larger than anything, once, and leads to the plan and not to the signature', () => {
    showScreen(<Found jobId={JOB} />, { job });
    const sized = (element: ReactTestInstance) =>
      StyleSheet.flatten(element.props.style as TextStyle).fontSize!;
    const largest = within(screen.getByTestId('do-not-ride')).getByText('Do not ride');
    expect(sized(largest)).toBeGreaterThan(2 * sized(screen.getByText('What was found')));
    expect(screen.getByText('Front leaks, leak at the hose nut of the caliper.')).toBeTruthy();
    expect(screen.queryByText('Sign off')).toBeNull();
    fireEvent.press(screen.getByText('Plan the work'));
    expect(router.navigate).toHaveBeenLastCalledWith(`/bench/${JOB}/plan`);
  });

  it('leads to the signature where everything holds', () => {
    const sound = begins('rotor');
    showScreen(<Found jobId={JOB} />, {
      job: jobAfter([
        sound,
        reads(sound.id, 'zero', 0),
        ...[1.74, 1.75, 1.74].map((mm, i) => reads(sound.id, String(i + 1), mm)),
      ]),
    });
    expect(screen.getByText('Sign off')).toBeTruthy();
    expect(screen.queryByTestId('do-not-ride')).toBeNull();
  });

  it('gives each thing the word of its work: gaps are centred, a leaking joint is remade', () => {
    showScreen(<Found jobId={JOB} />, {
      job: jobAfter([
        ...LONE_PEAK,
        ...gaps(0.4, 0.4, 0.1, 0.1),
        looksOver('leaks', 'leak-at-hose-nut'),
      ]),
    });
    const said = (end: string) => screen.getByTestId(`found-front-${end}`);
    expect(said('clearance')).toHaveTextContent(/Front gaps centre/);
    expect(said('leaks')).toHaveTextContent(/Front leaks remake the joint/);
    expect(screen.queryByText(/simply replacing it/)).toBeNull();
  });

  it('shows the sum one tap away', () => {
    showScreen(<Found jobId={JOB} />, { job });
    expect(screen.queryByText(/G2 thickness gauge, ±0.03 mm, 4 readings/)).toBeNull();
    fireEvent.press(screen.getByTestId('found-front-rotor'));
    expect(screen.getByText(/G2 thickness gauge, ±0.03 mm, 4 readings/)).toBeTruthy();
  });

  it('tells the rider in plain words, and never that something unproven is all right', () => {
    const short = begins('rotor');
    showScreen(<Found jobId={JOB} />, {
      job: jobAfter([short, reads(short.id, '1', 1.74), ...TRUE_RUNNING, ...gaps(0.3, 0.3, 0, 0)]),
    });
    fireEvent.press(screen.getByText('For the rider'));
    expect(screen.getByText('Front brake disc')).toBeTruthy();
    expect(screen.getByText(/We could not prove this good today/)).toBeTruthy();
    expect(screen.getByText(/Not past its limit, and not right either/)).toBeTruthy();
    expect(screen.queryByText(/runout|TIR|caliper is/)).toBeNull();
  });

  it('shows inches beside millimetres where the shop asks for them', () => {
    inForce.manner.length = 'in';
    showScreen(<Found jobId={JOB} />, { job });
    fireEvent.press(screen.getByTestId('found-front-rotor'));
    expect(screen.getByText(/0\.0685 in/)).toBeTruthy();
    inForce.manner.length = 'mm';
  });
});

describe('fitting a part', () => {
  const withRotor = () => {
    const job = exampleJob();
    job.fittings = [
      {
        id: '0190a000-0000-7000-8000-0000000000a1',
        jobId: job.id,
        seq: 1,
        end: 'front',
        part: 'rotor',
        description: 'Tolve 180',
        condition: 'new',
        compound: null,
        organicOnly: true,
        construction: null,
        newMm: null,
        stampedLimit: null,
        cameOffFor: null,
        rebedding: null,
        at: '2026-11-25T09:00:00.000Z',
        by: 'Maren Okafor',
      },
    ] as typeof job.fittings;
    return job;
  };

  it('refuses metallic pads on a rotor marked for organic ones', async () => {
    globalThis.fetch = jest.fn();
    showScreen(<FitPart jobId={JOB} end="front" part="pads" />, { job: withRotor() });
    fireEvent.press(screen.getByText('New'));
    fireEvent.changeText(screen.getByLabelText('What it is'), 'Tolve oval');
    fireEvent.press(screen.getByText(/^Metallic/));
    expect(screen.getByText('Not on this rotor')).toBeTruthy();
    await submit('The pads are in');
    expect(fetch).not.toHaveBeenCalledWith(...A_WRITE);
  });

  it('asks of a part whether it is new, and takes nothing for new that nobody said is', async () => {
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, { job: exampleJob() });
    fireEvent.changeText(screen.getByLabelText('What it is'), '180 mm out of a box');
    await submit('The rotor is in');
    expect(screen.getByText('Say whether it is new.')).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.press(screen.getByText('Used'));
    fireEvent.press(screen.getByText('No mark for pads'));
    await submit('The rotor is in');
    expect(lastSent()).toMatchObject({ kind: 'fitting', condition: 'used' });
  });

  // A sheet is of the brake, and the mark is on the rotor: pads with metal in them would go on one that nobody looked at.
  it('asks what is marked on a rotor, and takes nothing for unmarked by its sheet', async () => {
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, { job: exampleJob() });
    fireEvent.press(screen.getByText('New'));
    fireEvent.changeText(screen.getByLabelText('What it is'), '180 mm out of a box');
    await submit('The rotor is in');
    expect(screen.getByText(/Look whether it is marked/)).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.press(screen.getByText('Organic pads only'));
    await submit('The rotor is in');
    expect(lastSent()).toMatchObject({ kind: 'fitting', organicOnly: true });
  });

  it('says of a rotor that is found that its stamp and its sheet still count, and of another that they do not', () => {
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, { job: exampleJob() });
    const counts = () => screen.queryByText(/what was read of its stamp before still counts/);
    const another = () => screen.queryByText(/The old rotor’s stamp does not count for this one/);
    fireEvent.press(screen.getByText('Used'));
    expect([counts(), another()]).toEqual([null, expect.anything()]);
    fireEvent.press(screen.getByText('Found on the bike'));
    expect([counts(), another()]).toEqual([expect.anything(), null]);
    expect(screen.getByText(/its readings and its past go on as they were/)).toBeTruthy();
  });

  it('takes what came off the shelf for new, until it has gone in', async () => {
    const at = '2026-11-25T08:50:00.000Z';
    const by = 'Maren Okafor';
    const shelf = {
      id: 'a',
      seq: 1,
      end: 'front',
      stockId: 'b',
      part: 'rotor',
      pieces: 1,
      batch: '',
      batches: [],
    } as const;
    const taken = [{ ...shelf, description: 'Tolve 180, six-bolt', at, by }];
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, {
      job: { ...exampleJob(), taken },
    });
    fireEvent.press(screen.getByText('No mark for pads'));
    await submit('The rotor is in');
    expect(lastSent()).toMatchObject({ condition: 'new', description: 'Tolve 180, six-bolt' });
    screen.unmount();

    const job = { ...withRotor(), taken };
    expect(job.fittings.at(-1)!.at > at).toBe(true);
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, { job });
    fireEvent.changeText(screen.getByLabelText('What it is'), 'Another');
    await submit('The rotor is in');
    expect(screen.getByText('Say whether it is new.')).toBeTruthy();
  });

  it('refuses a thickness that no rotor has', async () => {
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, { job: exampleJob() });
    fireEvent.changeText(screen.getByLabelText('Limit stamped on it, mm'), '15');
    expect(screen.queryByText(/No part here/)).toBeNull();
    fireEvent.changeText(screen.getByLabelText('Limit stamped on it, mm'), '12.0');
    expect(await screen.findByText(/No part here is that thick/)).toBeTruthy();
  });

  it('is not held up by a second reading of a stamp that is asked no more', async () => {
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, { job: exampleJob() });
    fireEvent.press(screen.getByText('New'));
    fireEvent.press(screen.getByText('No mark for pads'));
    fireEvent.changeText(screen.getByLabelText('What it is'), '180 mm out of a box');
    const stamp = () => screen.getByLabelText('Limit stamped on it, mm');
    fireEvent.changeText(stamp(), '1.2');
    fireEvent.changeText(screen.getByLabelText('The stamp once more, mm'), '12.0');
    await submit('The rotor is in');
    expect(screen.getByText(/No part here is that thick/)).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    // It was another part's, and this one has none.
    fireEvent.changeText(stamp(), '');
    expect(screen.queryByLabelText('The stamp once more, mm')).toBeNull();
    await submit('The rotor is in');
    expect(lastSent()).toMatchObject({
      kind: 'fitting',
      stampedLimit: null,
      stampAgainMm: null,
    });
  });

  it('asks of a used rotor why it came off, and says rivets first', () => {
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, { job: exampleJob() });
    expect(screen.queryByText('Loose rivets')).toBeNull();
    fireEvent.press(screen.getByText('Used'));
    fireEvent.press(screen.getByText('Loose rivets'));
    expect(screen.getByText('Rivets first')).toBeTruthy();
  });

  it('offers the used ones on the shelf with what they read and the batch they may be of, which goes in with them', async () => {
    const used: UsedPart = {
      id: '0190b000-0000-7000-8000-000000000001',
      part: 'rotor',
      description: 'Tolve 180',
      compound: null,
      organicOnly: false,
      construction: 'one-piece',
      newMm: 1.8,
      stampedLimit: null,
      leastMm: 1.66,
      doubtMm: 0.03,
      word: 'holds',
      batches: ['R-118'],
      tag: 400,
      bikeName: 'Post trike 7',
      at: '2026-11-01T09:00:00.000Z',
      by: 'Maren Okafor',
      gone: false,
    };
    const none = { ...used, id: '0190b000-0000-7000-8000-000000000002', batches: [] };
    client.setQueryData(keys.usedParts, {
      pages: [{ items: [used, { ...none, description: 'Tolve 160' }], after: null }],
      pageParams: [null],
    });
    showScreen(<FitPart jobId={JOB} end="front" part="rotor" />, { job: exampleJob() });
    fireEvent.press(screen.getByText('Used'));
    expect(screen.getByText(/came off Post trike 7, job 400$/)).toBeTruthy();
    fireEvent.press(screen.getByText(/came off Post trike 7, job 400, batch R-118$/));
    await submit('The rotor is in');
    expect(jest.mocked(outbox.add).mock.calls.at(-1)?.[0]).toMatchObject({
      entry: { kind: 'fitting', usedPartId: used.id, description: 'Tolve 180' },
      known: { used: { batches: ['R-118'] } },
    });
  });

  it('the kit sheet shows what is fitted, and where only the sheet speaks', () => {
    showScreen(<KitSheet jobId={JOB} end="front" />, { job: withRotor() });
    expect(screen.getByText(/Tolve 180/)).toBeTruthy();
    expect(screen.getByText(/Organic pads only/)).toBeTruthy();
    expect(screen.getByText('Nothing written down yet. The sheet speaks for it.')).toBeTruthy();
  });

  const SHOWS = {
    'the kit sheet': <KitSheet jobId={JOB} end="front" />,
    'where it was fitted': <FitPart jobId={JOB} end="front" part="rotor" />,
  };

  it.each(Object.entries(SHOWS))(
    '%s takes back what was not fitted, once asked twice',
    (_, shown) => {
      const job = withRotor();
      showScreen(shown, { job });
      fireEvent.press(screen.getByText('It was not fitted here'));
      expect(screen.getByText(/What was found against that stands again/)).toBeTruthy();
      expect(outbox.add).not.toHaveBeenCalled();
      fireEvent.press(screen.getByText('Take it back'));
      expect(lastSent()).toMatchObject({ kind: 'taken-back', of: job.fittings[0]!.id });
    },
  );

  it('asks anew of the part before, once the last is taken back', () => {
    const job = withRotor();
    const [first] = job.fittings;
    const last = { ...first!, id: '0190a000-0000-7000-8000-0000000000a2', description: 'Another' };
    const both = { ...job, fittings: [first!, last] };
    const shown = showScreen(SHOWS['where it was fitted'], { job: both });
    fireEvent.press(shown.getByText('It was not fitted here'));
    expect(shown.getByText('Take it back')).toBeTruthy();
    // The screen hears that the last is gone.
    jest.mocked(fold).mockReturnValue(job);
    act(() => void client.setQueryData(keys.job(JOB), { base: job, entries: [] }));
    expect(shown.getByText('It was not fitted here')).toBeTruthy();
    expect(shown.queryByText('Take it back')).toBeNull();
  });

  it('does not take back a crack that a used rotor brought, nor what was found on the bike or is of an earlier visit', () => {
    const job = withRotor();
    const [rotor] = job.fittings;
    const cracked = { ...rotor!, condition: 'used', cameOffFor: 'crack' } as const;
    showScreen(SHOWS['the kit sheet'], { job: { ...job, fittings: [cracked] } });
    fireEvent.press(screen.getByText('It was not fitted here'));
    fireEvent.press(screen.getByText('Take it back'));
    expect(screen.getByText(/What came of it is open/)).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    for (const other of [{ condition: 'found' }, { jobId: 'earlier' }] as const) {
      screen.unmount();
      showScreen(SHOWS['the kit sheet'], { job: { ...job, fittings: [{ ...rotor!, ...other }] } });
      expect(screen.queryByText('It was not fitted here')).toBeNull();
    }
  });

  it('the kit sheet lists the work that was told in words, and takes back what was not done', () => {
    const by = { at: '2026-11-25T09:00:00.000Z', by: 'Maren Okafor' };
    const remade = { id: 'told', seq: 3, end: 'front', words: 'New olive', ...by } as const;
    const repaired = [{ ...remade, work: 'remake-joint-at-caliper' as const }];
    showScreen(SHOWS['the kit sheet'], { job: { ...exampleJob(), repaired } });
    expect(screen.getByText(/“New olive”/)).toBeTruthy();
    fireEvent.press(screen.getByText('It was not done here'));
    expect(screen.getByText(/it cures nothing/)).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.press(screen.getByText('Take it back'));
    expect(lastSent()).toMatchObject({ kind: 'taken-back', of: 'told' });
    const neverRepaired = repaired.map((each) => ({ ...each, takenBack: 4 }));
    screen.unmount();
    showScreen(SHOWS['the kit sheet'], { job: { ...exampleJob(), neverRepaired } });
    expect(screen.getByText(/told by a slip and taken back/)).toBeTruthy();
  });

  it('the kit sheet says of what was taken back that it never was on', () => {
    const job = withRotor();
    const neverFitted = job.fittings.map((each) => ({ ...each, takenBack: 2 }));
    showScreen(SHOWS['the kit sheet'], { job: { ...job, fittings: [], neverFitted } });
    expect(screen.getByText(/Tolve 180: written down by a slip and taken back/)).toBeTruthy();
  });
});

it('a brake identified again does not read its stamp a second time by a tap', () => {
  const stamp = { limitMm: 1.4, atLimitIsWorn: true };
  const { base, entries } = exampleLog();
  const identified = entries.map((logged) =>
    logged.entry.kind === 'identification'
      ? ({ ...logged, entry: { ...logged.entry, stampedLimit: stamp } } as typeof logged)
      : logged,
  );
  const job = { ...fold(base, identified), bars: [] };
  client.setQueryData(keys.sheets, [job.identified.front!.sheet]);
  showScreen(<Identify jobId={JOB} end="front" />, { job });
  expect(screen.getByLabelText('Limit stamped on the rotor, mm').props.value).toBe('');
  expect(screen.getByText(/Read before: 1.40. Write it only where it is read/)).toBeTruthy();
  // It is laxer than the sheet and was read once: the sheet's is in force.
  expect(screen.getByText(/Rotor limit 1.50 mm/)).toBeTruthy();
  fireEvent.press(screen.getByText('This is the brake'));
  expect(lastSent()).toMatchObject({ kind: 'identification', stampedLimit: null });
});

it('finds a sheet by every word that is read of it, and shows first what the brake was at its last visit', () => {
  const job = exampleJob();
  const { sheet } = job.identified.front!;
  const named = (title: string, change: Partial<typeof sheet.body.brake> = {}) => ({
    ...sheet,
    id: `${sheet.id.slice(0, -4)}${title.slice(0, 4)}`,
    sheetId: title,
    body: { ...sheet.body, title, brake: { ...sheet.body.brake, ...change } },
  });
  client.setQueryData(keys.sheets, [
    named('Brannock Sund'),
    named('Generic cable', { actuation: 'cable' }),
    named('Ostrel Tolve'),
  ]);
  showScreen(<Identify jobId={JOB} end="rear" />, {
    job: { ...job, identifiedBefore: { rear: { sheetId: 'Ostrel Tolve', tag: 403 } } },
  });
  const titles = () =>
    screen
      .getAllByText(/^(Brannock Sund|Generic cable|Ostrel Tolve)/)
      .map((row) => [row.props.children].flat()[0] as string);
  expect(titles()).toEqual(['Ostrel Tolve', 'Brannock Sund', 'Generic cable']);
  expect(screen.getByText(/on tag 0403/)).toBeTruthy();
  expect(screen.getByText(/^See that it is still this one\./)).toBeTruthy();
  fireEvent.changeText(screen.getByLabelText('Find a spec sheet'), ' gen  CABLE post');
  expect(titles()).toEqual(['Generic cable']);
  // Another than at its last visit is asked about before anything is judged by it.
  const asked = /^On tag 0403 it was another: Ostrel Tolve/;
  fireEvent.press(screen.getByText(/^Generic cable/));
  expect(screen.getByText(asked)).toBeTruthy();
  fireEvent.press(screen.getByText('Another sheet'));
  fireEvent.changeText(screen.getByLabelText('Find a spec sheet'), '');
  fireEvent.press(screen.getByText(/^Ostrel Tolve/));
  expect(screen.queryByText(asked)).toBeNull();
  fireEvent.press(screen.getByText('Another sheet'));
  fireEvent.changeText(screen.getByLabelText('Find a spec sheet'), 'sund cable');
  expect(screen.getByText('No sheet of that name')).toBeTruthy();
  // Nothing is told by looking.
  expect(outbox.add).not.toHaveBeenCalled();
});

describe('impossible sets', () => {
  it('pads whose total is far under their plate are the most worn, and that it cannot be is said too', () => {
    const begin = begins('pads', { basis: 'total' });
    const job = jobAfter([
      begin,
      reads(begin.id, 'zero', 0),
      ...(['inner-leading', 'inner-trailing', 'outer-leading', 'outer-trailing'] as const).map(
        (place) => reads(begin.id, place, 1.2),
      ),
    ]);
    showScreen(<MeasurePads jobId={JOB} end="front" />, { job });
    expect(
      screen.getAllByText(/1\.20 .* is thinner than the plate alone \(1\.80\)/).length,
    ).toBeGreaterThan(0);
    expect(screen.getAllByText('Replace').length).toBeGreaterThan(0);
  });

  it('the job sheet names a newer revision and keeps its own', () => {
    const job = exampleJob();
    const front = job.identified.front!;
    front.newerRevision = {
      ...front.sheet,
      id: '0190a000-0000-7000-8000-0000000000e2',
      revision: 2,
    };
    showScreen(<JobSheet jobId={JOB} />, { job });
    expect(screen.getByText(/The sheet has a newer revision, 2/)).toBeTruthy();
    expect(screen.getByText(/This job keeps revision 1/)).toBeTruthy();
  });
});

it('offers to each step only gauges that suit it', () => {
  const dial = {
    ...GAUGE,
    id: '0190a000-0000-7000-8000-000000000002',
    name: 'G5 dial',
    kind: 'dial-indicator' as const,
  };
  client.setQueryData(keys.gauges, [GAUGE, dial]);
  showScreen(<MeasureRunout jobId={JOB} end="front" />, {
    job: exampleJob(),
    gauges: [GAUGE, dial],
  });
  expect(screen.getByText('G5 dial')).toBeTruthy();
  expect(screen.queryByText('G2 thickness gauge')).toBeNull();
});

import type { End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import type { Planned } from '@hold-fast/core/job/planChoice';
import type { Stepped } from '@hold-fast/core/job/planStep';
import { visitOf } from '@hold-fast/core/job/visit';
import { naivePlan as mockNaive, type Chosen } from '@hold-fast/core/plan/task';
import { planAt as mockPlanAt, type Visit } from '@hold-fast/core/plan/visit';
import type { ProcedureId } from '@hold-fast/core/procedure/procedures';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { router } from 'expo-router';
import { QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, screen, within } from '@testing-library/react-native';
import { client, keys, outbox } from '../../../data/client';
import { exampleJob, stockLine as line } from '../../../testing/exampleJob';
import { clearApp, lastSent, showScreen, submit } from '../../../testing/showScreen';
import { EndScreen } from '../EndScreen';
import { PlanScreen } from './PlanScreen';
import { StepFace } from './StepFace';

jest.mock('expo-router', () => ({ router: { navigate: jest.fn() }, usePathname: () => '/' }));
// A worker is another thread of the same computation.
jest.mock('../../../data/planner', () => ({
  usePlan: (visit: Visit) => ({ data: mockPlanAt(visit), isPlaceholderData: false, error: null }),
  useNaivePlan: (chosen: Chosen | null) => ({ data: chosen && mockNaive(chosen) }),
  foreseePlan: () => undefined,
}));

const AT = '2026-11-25T09:00:00.000Z';
const { id } = exampleJob();

beforeEach(() => {
  clearApp();
  client.setQueryData(keys.containers, []);
  client.setQueryData(keys.stock, [line({}), line({ id: '2', part: 'clip', priceCents: 40 })]);
});

let seq = 10;
const planned = (front: ProcedureId[], change: Partial<Planned> = {}): Planned => ({
  id: `plan ${++seq}`,
  seq,
  procedures: { front, rear: [], third: [] },
  bleed: { front: 'gravity-down', rear: 'push-up', third: 'push-up' },
  again: [],
  agreed: 'agreed',
  words: '',
  at: AT,
  by: '',
  ...change,
});
const job = (front: ProcedureId[], change: Partial<Job> = {}): Job => ({
  ...exampleJob(),
  planned: [planned(front)],
  ...change,
});
/** The job after so many of its plan's own steps, or up to one of them. */
function walked(start: Job, until: number | string): Job {
  let at = start;
  for (let count = 0; count !== until; count++) {
    const next = mockPlanAt(visitOf(at))!.steps[0];
    if (!next || next.step === until) break;
    const stepped: Stepped = {
      id: `step ${++seq}`,
      seq,
      step: next.step,
      end: next.end,
      outcome: 'done',
      reason: '',
      after: null,
      at: AT,
      by: 'Joss Tarrel',
    };
    at = { ...at, stepped: [...at.stepped, stepped] };
  }
  return at;
}
const step = (at: Job) => showScreen(<StepFace jobId={id} />, { job: at });
const plan = (at: Job) => showScreen(<PlanScreen jobId={id} />, { job: at });
const press = (says: string | RegExp) => fireEvent.press(screen.getByText(says));

it('says what to mind ahead of how a step is done and with what', () => {
  const { bike } = exampleJob();
  const centring = job(['align'], { bike: { ...bike, motor: true } });
  const { toJSON } = step(walked(centring, 'align'));
  const page = JSON.stringify(toJSON());
  const at = [
    'Centre the caliper',
    'Motor off, battery out',
    'Fingers away from',
    'With two thin cards',
  ];
  const places = at.map((says) => page.indexOf(says));
  expect(Math.min(...places)).toBeGreaterThan(-1);
  expect(places).toEqual([...places].sort((a, b) => a - b));
});

describe('the plan', () => {
  it('is laid down with what was chosen, and asks for a brake to be identified first', () => {
    plan({ ...exampleJob() });
    expect(screen.getByText('Identify the rear brake first')).toBeTruthy();
    expect(screen.getByText('Choose what is to be done; the list comes by itself.')).toBeTruthy();
    const front = within(screen.getByLabelText('Work at the front'));
    fireEvent.press(front.getByText('Change the pads'));
    expect(screen.getByText('Take the pads out and bag them')).toBeTruthy();
    expect(screen.getByText(/Pair of pads \(front\) and retaining clip \(front\)\./)).toBeTruthy();
    press('Agreed to all of it');
    press('This is the plan');
    expect(lastSent()).toMatchObject({
      kind: 'plan-choice',
      procedures: { front: ['change-pads'], rear: [], third: [] },
      again: [],
      agreed: 'agreed',
    });
  });

  it('offers first what is done most, how this brake is bled and what was chosen, and all on asking', () => {
    plan(job(['straighten-fins']));
    const offered = () =>
      within(screen.getByLabelText('Work at the front'))
        .getAllByRole('checkbox')
        .map((each) =>
          String(each.props.accessibilityLabel ?? within(each).getByText(/./).props.children),
        );
    expect(offered()).toEqual([
      'Straighten the fins',
      'Service the pistons',
      'Bleed: gravity down',
      'Change the rotor',
      'Change the pads',
      'Centre the caliper',
    ]);
    press('All procedures');
    expect(offered()).toContain('Bleed: two syringes');
    press('Fewer');
    expect(offered()).toHaveLength(6);
  });

  it('says that the shelf is short, and of fluid that no container may give so much', () => {
    client.setQueryData(keys.stock, [line({ count: 0 })]);
    const start = job(['change-pads', 'bleed-gravity']);
    const front = start.identified.front!;
    const fluid = {
      fluid: { family: 'mineral' as const, blend: 'Selkie 10' },
      alsoNamedBlends: [],
      origin: 'sheet' as const,
      tag: null,
    };
    const body = { ...front.sheet.body, fluid };
    plan({
      ...start,
      identified: { ...start.identified, front: { ...front, sheet: { ...front.sheet, body } } },
    });
    expect(screen.getByText(/Pair of pads: 1 wanted, 0 there/)).toBeTruthy();
    // 900 mm at 2.5 mm hold 4.42 mL; with 4.5 of caliper and lever 8.92, three times that: 27 mL.
    expect(
      screen.getByText(
        'Front: about 27 mL Selkie 10; no container on the shelf may give that much.',
      ),
    ).toBeTruthy();
  });

  it('quotes labour by the hour and parts by the shelf, line by line, and keeps the answer', async () => {
    plan(
      job(['change-pads', 'align'], {
        planned: [planned(['change-pads', 'align'], { agreed: 'not-asked' })],
      }),
    );
    // 12 minutes at 60 an hour, 19.00 and 0.40 of parts; 8 minutes.
    press(/Change the pads, front · 12 min · €31.40 · not asked/);
    expect(screen.getByText(/Centre the caliper, front · 8 min · €8.00/)).toBeTruthy();
    expect(screen.getByText(/^Together €39.40, labour at €60.00 an hour/)).toBeTruthy();
    // How they said it is asked: nothing is kept of an answer before.
    await submit('Postponed');
    expect(screen.getByText('Say how they answered.')).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    press('By phone');
    fireEvent.changeText(screen.getByLabelText('Their words'), 'Not before payday');
    await submit('Postponed');
    expect(lastSent()).toMatchObject({
      kind: 'customer-answer',
      answer: 'postponed',
      lines: [{ end: 'front', procedure: 'change-pads' }],
      how: 'by-phone',
      who: 'Harbour post',
      words: 'Not before payday',
    });
  });

  it('goes on to ask what was agreed to, when the hour costs more since', () => {
    const laid = (version: number, at: string, labourPerHourCents: number) => ({
      version,
      at,
      by: 'Ingrith Sula',
      rules: { ...USUAL_RULES, labourPerHourCents },
    });
    const agreed = planned(['align'], { agreed: 'agreed' });
    client.setQueryData(keys.rulesHistory, [
      laid(2, '2026-11-25T09:01:00.000Z', 9000),
      laid(1, '2026-11-25T08:59:00.000Z', 6000),
    ]);
    plan(job(['align'], { planned: [agreed] }));
    expect(screen.getByText(/Centre the caliper, front · 8 min · €8.00 · agreed/)).toBeTruthy();
    expect(screen.getByText(/^Together €8.00, labour at €60.00 an hour/)).toBeTruthy();
    client.setQueryData(keys.rulesHistory, [laid(1, '2020-01-01T09:00:00.000Z', 9000)]);
    plan(job(['align'], { planned: [agreed] }));
    expect(screen.getByText(/Centre the caliper, front · 8 min · €12.00 · agreed/)).toBeTruthy();
  });

  it('leaves out of the sum what the shelf has no fitting price for, and says so', () => {
    client.setQueryData(keys.stock, [line({ fits: 'Pellan square' })]);
    plan(job(['change-pads']));
    expect(screen.getByText(/front · 12 min · €12.00 and parts/)).toBeTruthy();
    expect(
      screen.getByText(
        /without pair of pads and retaining clip, which the shelf has no fitting price for/,
      ),
    ).toBeTruthy();
  });

  it('offers what is done to be done once more, and lays nothing out when nothing is left', () => {
    const done = walked(job(['align']), Infinity);
    plan(done);
    expect(screen.getByText('All of it is done: nothing is left to lay out.')).toBeTruthy();
    press('Centre the caliper, again');
    expect(screen.getByText('Slacken the caliper')).toBeTruthy();
    press('Change the plan');
    expect(lastSent()).toMatchObject({ again: [{ end: 'front', procedure: 'align' }] });
  });

  it('says when there is no way to do what was chosen: sides are swapped at both ends, or at neither', () => {
    plan(job(['swap-sides']));
    expect(screen.getByText('No way to do this in one visit')).toBeTruthy();
  });
});

describe('the step face', () => {
  it('shows one step with its why, its tool, the number to hit and what comes next', () => {
    step(walked(job(['align']), 'torque-caliper'));
    expect(screen.getByRole('heading', { name: 'Tighten the caliper' })).toBeTruthy();
    expect(screen.getByText(/Alternate quarter turns/)).toBeTruthy();
    expect(screen.getByText('6.0–8.0')).toBeTruthy();
    expect(screen.getByText('Torque by the maker’s sheet.')).toBeTruthy();
    expect(screen.getByText('Check every bolt by name')).toBeTruthy();
    expect(screen.getByText('Take back: centre the caliper')).toBeTruthy();
    press('Done');
    expect(screen.getByText('Bring it to its torque first: caliper bolts, front.')).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    // Where it is done stands at the step, and beside the key, where a low phone shows it.
    expect(screen.getAllByText('Torque: caliper bolts')).toHaveLength(2);
  });

  it('is no ride while a bolt is loose, whichever brake is ridden: it leads to the bolt', () => {
    const both = job([], {
      planned: [planned([], { procedures: { front: ['final-check'], rear: [], third: [] } })],
      mayRide: null,
    });
    const loose = { id: 'off', seq: 1, end: 'rear', part: 'rotor', goes: 'scrap' } as const;
    step({ ...walked(both, 'careful-ride'), takenOff: [{ ...loose, at: AT, by: '' }] });
    expect(screen.getByText(/^May the shop ride it\? Ask first/)).toBeTruthy();
    expect(screen.queryByText(/^Torque: /)).toBeNull();
    act(() => press('Done'));
    expect(outbox.add).not.toHaveBeenCalled();
    press('Torque: rotor bolts');
    expect(router.navigate).toHaveBeenLastCalledWith(
      expect.stringMatching(/rear\/bolts\?fastener=rotor-bolts$/),
    );
  });

  it('does not let an olive be on before it is written down where it came from', () => {
    step(walked(job(['remake-at-lever']), 'new-olive'));
    press('Done');
    expect(screen.getByText(/Take the olive of that hose type off the shelf first/)).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
  });

  it('leaves out work with a reason, and a set-up not at all', async () => {
    step(walked(job(['bleed-gravity']), 0));
    expect(
      screen.getByRole('heading', { name: 'Test the lever for air, as it came in' }),
    ).toBeTruthy();
    press('Leave out');
    await submit('Leave it out');
    expect(screen.getByText('Write why it is left out.')).toBeTruthy();
    expect(outbox.add).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('Why it is left out'), 'No pressure at all');
    await submit('Leave it out');
    expect(lastSent()).toMatchObject({ outcome: 'skipped', reason: 'No pressure at all' });
  });

  it('refuses to leave out what a later step stands on', () => {
    step(walked(job(['change-pads']), 'pads-out'));
    press('Leave out');
    expect(screen.getByText('Later steps want it: it cannot be left out.')).toBeTruthy();
    press('Back to the step');
    expect(screen.getByText('Done')).toBeTruthy();
  });

  it('makes one ride for both ends of it', () => {
    const both = job([], {
      planned: [
        planned([], { procedures: { front: ['final-check'], rear: ['final-check'], third: [] } }),
      ],
    });
    step(walked(both, 'careful-ride'));
    expect(screen.getByText(/both brakes · step/)).toBeTruthy();
    act(() => press('Done'));
    const sent = jest.mocked(outbox.add).mock.calls.map(([{ entry }]) => entry);
    expect(sent).toMatchObject([
      { step: 'careful-ride', outcome: 'done' },
      { step: 'careful-ride', outcome: 'done' },
    ]);
    const [first, second] = sent as unknown as { id: string; end: string; after: string }[];
    expect(new Set([first!.end, second!.end])).toEqual(new Set(['front', 'rear']));
    expect(second!.after).toBe(first!.id);
  });

  it('says what was recorded when all is done, what was left out, and what the sign-off still asks', () => {
    const done = walked(job(['align']), Infinity);
    step({
      ...done,
      stepped: [
        ...done.stepped.slice(0, -1),
        { ...done.stepped.at(-1)!, outcome: 'skipped', reason: 'Rain' },
      ],
      taken: [
        {
          id: 't',
          seq: 1,
          end: 'front',
          stockId: 's',
          part: 'pads',
          description: 'Organic pair',
          pieces: 1,
          batch: 'B-1',
          batches: ['B-1'],
          at: AT,
          by: '',
        },
      ],
      filled: [
        {
          id: 'f',
          seq: 1,
          end: 'front',
          containerId: 'c',
          label: 'Bottle A',
          fluid: 'Selkie 10',
          lot: 'K22',
          ml: 7.5,
          backMl: 2.3,
          colour: '',
          family: 'mineral',
          at: AT,
          by: '',
        },
      ],
      bars: [{ code: 'lever-side-unconfirmed' }],
    });
    expect(screen.getByText('All of it is done')).toBeTruthy();
    expect(screen.getByText('5.2 mL Selkie 10, Bottle A, lot K22.')).toBeTruthy();
    expect(screen.getByText('1 × Organic pair, batch B-1.')).toBeTruthy();
    expect(screen.getByText('Left out, front: ride with care: “Rain”.')).toBeTruthy();
    expect(
      screen.getByText('Confirm with the rider which lever works the front brake.'),
    ).toBeTruthy();
  });

  it('says of work for another kind of brake that it was not done, and leads to the plan', () => {
    step(job(['renew-cable']));
    expect(screen.getByText('To be planned anew')).toBeTruthy();
    expect(screen.queryByText('All of it is done')).toBeNull();
    expect(
      screen.getByText(
        'Front: renew the cable, planned for another kind of brake than it is now. Plan its work anew.',
      ),
    ).toBeTruthy();
    press('Plan the work');
    expect(router.navigate).toHaveBeenLastCalledWith(expect.stringMatching(/plan$/));
  });

  it('begins a plan anew where its work fell with the kind of its brake', () => {
    plan(job(['renew-cable']));
    expect(screen.queryByText(/Renew the cable/)).toBeNull();
    // Nothing is chosen yet: there is no first step to go to.
    press('Change the plan');
    press('Change the pads');
    expect(lastSent()).toBeUndefined();
    press('Change the plan');
    expect(lastSent()).toMatchObject({ procedures: { front: ['change-pads'] } });
  });

  it('has nothing to do where nothing is planned', () => {
    step(exampleJob());
    expect(screen.getByText('Nothing is planned yet')).toBeTruthy();
  });
});

it('an address of no page of the job leads back to it', () => {
  showScreen(
    <EndScreen jobId={id} end="front" task="toString" fastener="" ml="" part="" what="" />,
    {
      job: exampleJob(),
    },
  );
  expect(screen.getByText('There is no such page')).toBeTruthy();
});

it('what is half written of one end is not the other’s', () => {
  const at = (end: End) => (
    <EndScreen jobId={id} end={end} task="deviation" fastener="" ml="" part="" what="" />
  );
  const { rerender } = showScreen(at('front'), { job: exampleJob() });
  fireEvent.press(screen.getByText('Something else'));
  fireEvent.changeText(screen.getByLabelText('What is seen'), 'Tab bent');
  rerender(<QueryClientProvider client={client}>{at('front')}</QueryClientProvider>);
  expect(screen.getByDisplayValue('Tab bent')).toBeTruthy();
  rerender(<QueryClientProvider client={client}>{at('rear')}</QueryClientProvider>);
  expect(screen.queryByLabelText('What is seen')).toBeNull();
});

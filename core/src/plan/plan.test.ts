import FlatQueue from 'flatqueue';
import fc from 'fast-check';
import {
  PROCEDURE_IDS,
  procedureRule,
  suitsBrake,
  workFor,
  type ProcedureId,
} from '../procedure/procedures';
import { ruleBroken } from '../procedure/benchRules';
import { ENDS, USUAL_ENDS, type End } from '../ends';
import { STAGES, STEP_IDS, stepRule, STEPS, type StepId } from '../procedure/steps';
import { isFor, USUAL_BRAKE, type BrakeKind } from '../kit/traits';
import { brakeGraph } from './brakeGraph';
import {
  benchAfter,
  leftBy,
  OF_THREE_AT_MOST,
  planBike,
  priced,
  type DoneStep,
  type Plan,
} from './planner';
import { FRESH_BENCH, takes, turnTo, CHANGE_OVERS, type Bench } from './price';
import { READY, RIDEABLE, unmet, WHOLE, type BrakeState } from './state';
import { isRedoneAfter, naivePlan, taskOf, type Chosen } from './task';

const PUSH_UP = { front: 'push-up', rear: 'push-up', third: 'push-up' } as const;
const HYDRAULICS = { front: USUAL_BRAKE, rear: USUAL_BRAKE, third: USUAL_BRAKE };
const chosen = (front: ProcedureId[], rear: ProcedureId[] = []): Chosen => ({
  procedures: { front, rear },
  bleed: PUSH_UP,
  brakes: HYDRAULICS,
});
const planned = (choice: Chosen, done: DoneStep[] = []) =>
  planBike(taskOf(choice, stood(done)), benchAfter(done));
const stood = (steps: readonly DoneStep[]) =>
  steps.map(({ step, end }) => ({ step, end, outcome: 'done' as const }));
const ids = (plan: Plan | null) =>
  plan!.steps.map(({ step, end }) => (end ? `${end} ${step}` : step));

const BRAKES: readonly BrakeKind[] = [
  USUAL_BRAKE,
  { actuation: 'hydraulic', banjo: true },
  { actuation: 'cable', banjo: false },
  { actuation: 'cable-pulled-hydraulic', banjo: false },
];

/** Done at both ends or not at all. */
const BOTH_ENDS: readonly ProcedureId[] = ['swap-sides'];
const HYDRAULIC = PROCEDURE_IDS.filter(
  (id) => suitsBrake(id, 'hydraulic') && !BOTH_ENDS.includes(id),
);
/** A brake that is worked on is not taken off whole: that is begun with. */
const WHOLE_BRAKE: readonly ProcedureId[] = ['fit-hydraulic', 'cable-to-hydraulic'];
const choiceAtOneEnd = fc.subarray(HYDRAULIC, { maxLength: 5 });

const isAheadOf = (work: StepId, setUp: StepId) =>
  (stepRule(work).ahead as readonly StepId[]).includes(setUp);

/** What was closed again since is opened once more, for what was found later. */
const OPENS: readonly StepId[] = [
  'open-at-lever',
  'open-at-caliper',
  'rotor-off',
  'cable-out',
  'peel-tape',
];

/** Walks a plan by the steps' own effects, and holds every step against its needs and against the rules. */
function faultsOf(
  choice: Chosen,
  steps: readonly DoneStep[],
  done: readonly DoneStep[] = [],
  merged = true,
): string[] {
  const faults: string[] = [];
  const task = taskOf(choice, stood(done));
  const states: Partial<Record<End, BrakeState>> = {};
  for (const end of ENDS) if (task[end]) states[end] = task[end].start;
  let bench: Bench = benchAfter(done);
  for (const [at, { step, end }] of steps.entries()) {
    if (step === 'wash-hands' || end === null) {
      bench = { ...bench, hands: 'clean' };
      continue;
    }
    const before = states[end]!;
    const { needs, sets, hands } = stepRule(step);
    const missing = unmet(before, needs);
    if (missing) faults.push(`${end} ${step} needs ${missing}`);
    if (hands === 'clean' && bench.hands !== 'clean')
      faults.push(`${end} ${step} with ${bench.hands} hands`);
    if (!isFor(stepRule(step).on, task[end]!.brake)) faults.push(`${end} has no ${step}`);
    const next = steps[at + 1];
    if (step === 'align' && !(next?.step === 'torque-caliper' && next.end === end))
      faults.push(`${end} is centred and its bolts do not follow at once`);
    const ahead = steps.slice(at + 1).filter((each) => each.end === end);
    if (merged && ahead.some((each) => each.step !== 'wash-hands' && isAheadOf(each.step, step)))
      faults.push(`${end} ${step} before the work it waits for`);
    const { otherEnd } = stepRule(step);
    const there = states[end === 'front' ? 'rear' : 'front'];
    if (otherEnd && (!there || unmet(there, otherEnd)))
      faults.push(`${end} ${step} with the other end not open`);
    const after = { ...before, ...sets };
    const rule = ruleBroken({ step, before, after, hands: bench.hands });
    if (rule) faults.push(`${end} ${step} breaks rule ${rule}`);
    if (stepRule(step).acts.includes('rides'))
      for (const other of ENDS) {
        const state = other === end ? undefined : states[other];
        if (state && unmet(state, RIDEABLE)) faults.push(`${end} ${step} with the ${other} open`);
        if (state && !state.standTested)
          faults.push(`${end} ${step} before the ${other} was tested`);
      }
    states[end] = after;
    bench = leftBy(bench, step, end);
  }
  for (const end of ENDS) {
    const state = states[end];
    if (!state) continue;
    const open = unmet(state, READY);
    if (open) faults.push(`the ${end} is left with ${open}`);
    const did = [...done, ...steps].filter((each) => each.end === end).map(({ step }) => step);
    const after = taskOf(choice, stood([...done, ...steps]))[end]!;
    for (const work of task[end]!.work) {
      const times = did.filter((step) => step === work).length;
      // Proof is brought again when what it proves was changed after it, and a joint is opened once more for what was
      // found since; one by one it is for each.
      const again =
        times > 1 &&
        (STEP_IDS.some((step) => isRedoneAfter(work, step)) ||
          (OPENS.includes(work) && done.some(({ step, end: at }) => at === end && step === work)));
      if (merged && times !== 1 && !again) faults.push(`${end} ${work} done ${times} times`);
      if (!after.done.includes(work)) faults.push(`${end} ${work} does not stand`);
    }
  }
  return faults;
}

describe('the procedures as data', () => {
  it('are made of steps that there are, in the order of their stages', () => {
    const stages = STEP_IDS.flatMap((id) => {
      const rule = stepRule(id);
      return rule.kind === 'work' ? [STAGES.indexOf(rule.stage)] : [];
    });
    expect(stages).toEqual([...stages].sort((a, b) => a - b));
    for (const id of PROCEDURE_IDS)
      for (const step of procedureRule(id).steps) expect(STEPS[step].kind).toBe('work');
  });

  it('leave no step unused, and every set-up is one that some plan needs', () => {
    const used = new Set<StepId>(
      BRAKES.flatMap((brake) => PROCEDURE_IDS.flatMap((id) => workFor([id], 'push-up', brake))),
    );
    const works = STEP_IDS.filter((id) => STEPS[id].kind === 'work');
    expect(works.filter((id) => !used.has(id))).toEqual([]);
  });

  it.each(PROCEDURE_IDS)(
    '%s can be done from every whole brake that it suits, at each end, and breaks no rule',
    (id) => {
      for (const brake of BRAKES.filter(({ actuation }) => suitsBrake(id, actuation)))
        for (const end of ENDS) {
          if (procedureRule(id).bothEnds && end === 'third') continue;
          const ends = procedureRule(id).bothEnds ? USUAL_ENDS : [end];
          const choice: Chosen = {
            procedures: Object.fromEntries(ends.map((each) => [each, [id]])),
            bleed: PUSH_UP,
            brakes: { front: brake, rear: brake, third: brake },
          };
          const plan = planned(choice);
          expect(plan).not.toBeNull();
          expect(faultsOf(choice, plan!.steps)).toEqual([]);
        }
    },
  );

  it('a joint that is opened is bled, by the way of its brake, unless a bleed was chosen', () => {
    expect(workFor(['shorten-hose'], 'top-up', USUAL_BRAKE)).toContain('top-up');
    expect(workFor(['shorten-hose', 'bleed-gravity'], 'top-up', USUAL_BRAKE)).not.toContain(
      'top-up',
    );
    expect(workFor(['change-pads'], 'top-up', USUAL_BRAKE)).not.toContain('top-up');
    expect(workFor([], 'top-up', USUAL_BRAKE)).toEqual([]);
  });
});

describe('the plan', () => {
  it('takes wheel and pads out once for pads, pistons and a bleed, and bleeds before the new pads', () => {
    const plan = planned(chosen([], ['service-pistons', 'bleed-push-up', 'change-pads']));
    const steps = ids(plan);
    for (const once of ['rear wheel-out', 'rear pads-out', 'rear wheel-in', 'rear block-in'])
      expect(steps.filter((step) => step === once)).toHaveLength(1);
    expect(steps).not.toContain('rear pads-back');
    expect(steps.indexOf('rear exercise-pistons')).toBeLessThan(steps.indexOf('rear push-up'));
    expect(steps.indexOf('rear push-up')).toBeLessThan(steps.indexOf('rear new-pads-in'));
    expect(steps.indexOf('wash-hands')).toBeLessThan(steps.indexOf('rear new-pads-in'));
  });

  it('rides once both ends are proven, bedding-in last', () => {
    const steps = ids(planned(chosen(['change-pads'], ['change-rotor'])));
    const last = (of: string) => steps.map((step) => step.endsWith(of)).lastIndexOf(true);
    expect(last('stand-test')).toBeLessThan(
      steps.findIndex((step) => step.endsWith('careful-ride')),
    );
    expect(steps.findIndex((step) => step.endsWith('careful-ride'))).toBeLessThan(last('bed-in'));
  });

  it('slackens, centres and tightens a caliper without taking the wheel out', () => {
    const steps = ids(planned(chosen(['align'])));
    expect(steps.slice(0, 3)).toEqual([
      'front caliper-loosen',
      'front align',
      'front torque-caliper',
    ]);
    expect(steps).not.toContain('front wheel-out');
  });

  it('has no plan for what a brake cannot have, and none is needed for nothing', () => {
    const sealed = { ...WHOLE, system: 'opened' as const };
    expect(
      planBike({ front: { brake: USUAL_BRAKE, start: sealed, work: ['careful-ride'], done: [] } }),
    ).toBeNull();
    expect(planBike({})).toEqual({ steps: [], minutes: 0, changeOvers: 0 });
  });

  it('prices change-overs by the table', () => {
    const bench = { ...FRESH_BENCH, tool: 'hex-5', end: 'front' } as const;
    expect(turnTo(bench, { place: 'nose-up', tool: 'bleed-kit', end: 'rear' })).toEqual({
      minutes: CHANGE_OVERS.place + CHANGE_OVERS.tool + CHANGE_OVERS.end,
      count: 3,
    });
    expect(turnTo(bench, { place: 'riding', tool: 'none', end: 'front' }).minutes).toBe(
      CHANGE_OVERS.ride,
    );
    expect(turnTo(bench, { place: null, tool: 'hex-5', end: 'front' }).count).toBe(0);
  });
});

// Common practice, found by walking visits.
describe('the order of things', () => {
  const stepsOf = (procedure: ProcedureId) =>
    planned(chosen([procedure]))!.steps.map(({ step }) => step);

  it.each(['change-caliper', 'fit-hydraulic', 'reseal-caliper'] as const)(
    '%s puts a block in before it says take it out, and no more often',
    (procedure) => {
      const steps = stepsOf(procedure);
      const ins = steps.flatMap((step, at) => (step === 'block-in' ? [at] : []));
      const outs = steps.flatMap((step, at) => (step === 'block-out' ? [at] : []));
      expect(outs.length).toBe(ins.length);
      ins.forEach((at, i) => expect(at).toBeLessThan(outs[i]!));
    },
  );

  it.each(['change-caliper', 'fit-hydraulic', 'cable-to-hydraulic'] as const)(
    '%s gets pads of its own and beds in',
    (procedure) => {
      const steps = stepsOf(procedure);
      expect(steps).toContain('new-pads-in');
      expect(steps).not.toContain('pads-back');
      expect(steps.indexOf('new-pads-in')).toBeLessThan(steps.indexOf('bed-in'));
    },
  );

  it('a hose that was cut at the lever is topped up first; one opened at the caliper is flushed', () => {
    expect(stepsOf('shorten-hose')).toContain('top-up');
    expect(stepsOf('shorten-hose')).not.toContain('push-up');
    expect(stepsOf('renew-hose')).toContain('push-up');
  });

  it('sides are swapped with both hoses off, or not at all', () => {
    expect(planned(chosen(['swap-sides']))).toBeNull();
    expect(planned(chosen(['swap-sides'], ['align']))).toBeNull();
    const choice = chosen(['swap-sides'], ['swap-sides']);
    expect(faultsOf(choice, planned(choice)!.steps)).toEqual([]);
  });
});

/** Whether each brake's work is in the order of the table, and each set-up is put in before work of the stages it is for. */
const keepsOrder = (steps: readonly DoneStep[]) =>
  ENDS.every((end) => {
    let next: StepId = STEP_IDS.at(-1)!;
    return steps
      .flatMap((each) => (each.end === end && each.step !== 'wash-hands' ? [each.step] : []))
      .reverse()
      .every((step) => {
        const [rule, before] = [stepRule(step), stepRule(next)];
        if (rule.kind === 'set-up') {
          const stage = STAGES.indexOf(before.kind === 'work' ? before.stage : 'prove');
          const [first, last] = rule.when.map((each) => STAGES.indexOf(each));
          return first! <= stage && stage <= last!;
        }
        const isInOrder = STEP_IDS.indexOf(step) <= STEP_IDS.indexOf(next);
        next = step;
        return isInOrder;
      });
  });

describe('every plan', () => {
  it('is legal and complete, and never longer than the naive one', () =>
    fc.assert(
      fc.property(choiceAtOneEnd, choiceAtOneEnd, (front, rear) => {
        const choice = chosen(front, rear);
        const plan = planned(choice)!;
        expect(plan).not.toBeNull();
        expect(faultsOf(choice, plan.steps)).toEqual([]);
        expect(plan.minutes).toBeCloseTo(priced(plan.steps).minutes, 9);
        const naive = naivePlan(choice);
        if (naive === null) return;
        expect(faultsOf(choice, naive.steps, [], false)).toEqual([]);
        // One that centres before the work that centring waits for is no plan to be held against.
        if (faultsOf(choice, naive.steps).length > 0) return;
        // Nor is one that leaves the order of work: pads in again before a lever is seen to.
        if (plan.minutes > naive.minutes + 1e-9) expect(keepsOrder(naive.steps)).toBe(false);
      }),
      { numRuns: 60 },
    ));

  it('can be made anew after any number of its steps, with what was found added', () =>
    fc.assert(
      fc.property(
        choiceAtOneEnd,
        choiceAtOneEnd,
        fc.constantFrom(...HYDRAULIC.filter((id) => !WHOLE_BRAKE.includes(id))),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (front, rear, found, share) => {
          const first = planned(chosen(front, rear))!;
          const done = first.steps.slice(0, Math.floor(first.steps.length * share));
          const rest = planned(chosen(front, rear), done)!;
          // What is left of an optimal plan is optimal: nothing done is done again.
          expect(rest.minutes + priced(done).minutes).toBeCloseTo(first.minutes, 9);
          const more = chosen(front, [...new Set([...rear, found])]);
          const again = planned(more, done)!;
          expect(again).not.toBeNull();
          expect(faultsOf(more, again.steps, done)).toEqual([]);
        },
      ),
      { numRuns: 40 },
    ));

  // An exhaustive walk without bound, graphs of single ends, or whole-number costs.
  it('on small visits is the best there is, by brute force', () => {
    const small: [ProcedureId[], ProcedureId[]][] = [
      [['align'], ['align']],
      [['inspect'], ['align']],
      [['change-pads'], []],
      [['true-rotor'], ['inspect']],
      [['change-pads'], ['align']],
      [[], ['bleed-push-up']],
      [['final-check'], ['top-up']],
      [['final-check'], ['final-check']],
      [['bed-in'], ['bed-in']],
      [['align'], ['bed-in']],
    ];
    for (const [front, rear] of small) {
      const choice = chosen(front, rear);
      expect([front, rear, planned(choice)!.minutes]).toEqual([front, rear, bruteForce(choice)]);
    }
  });

  // Source: Pohl 1970: with the bound taken w times, what is found first takes at most w times the least.
  it('of three ends is legal, and at most 2 % over the fewest by the same enumeration', () => {
    const small: ProcedureId[][] = [['true-rotor'], ['tighten-bolts'], ['align']];
    for (const third of small) {
      const choice = {
        ...chosen(['align'], ['true-rotor']),
        procedures: { front: ['align'], rear: ['true-rotor'], third },
      } satisfies Chosen;
      const plan = planned(choice)!;
      expect(faultsOf(choice, plan.steps)).toEqual([]);
      const fewest = bruteForce(choice);
      expect(plan.minutes).toBeGreaterThanOrEqual(fewest);
      expect(plan.minutes).toBeLessThanOrEqual(fewest * OF_THREE_AT_MOST);
    }
  });

  it('of three whole overhauls breaks no rule either, and none is ridden before all are proven', () => {
    const whole: ProcedureId[] = [
      'inspect',
      'service-pistons',
      'bleed-push-up',
      'change-rotor',
      'change-pads',
    ];
    const choice = {
      ...chosen([]),
      procedures: { front: whole, rear: whole, third: whole },
    } satisfies Chosen;
    const plan = planned(choice)!;
    expect(faultsOf(choice, plan.steps)).toEqual([]);
    const firstRide = plan.steps.findIndex(({ step }) => step === 'careful-ride');
    const lastTest = plan.steps.map(({ step }) => step).lastIndexOf('stand-test');
    expect(firstRide).toBeGreaterThan(lastTest);
  });

  // What one of them does is not done once more by the other: common practice.
  it.each<[ProcedureId[], does: StepId[], not: StepId[]]>([
    [
      ['change-caliper', 'renew-hose-inside'],
      ['new-caliper-on', 'join-off-frame'],
      ['join-at-caliper'],
    ],
    [
      ['reseal-caliper', 'renew-hose-inside'],
      ['rebuild-caliper', 'join-off-frame'],
      ['join-at-caliper'],
    ],
    [['renew-hose', 'renew-hose-inside'], ['route-inside'], ['route-new-hose']],
    [['fit-hydraulic', 'renew-hose-inside'], ['new-brake-on', 'route-inside'], ['join-off-frame']],
    [['fit-hydraulic', 'reseal-lever'], ['new-brake-on'], ['rebuild-lever', 'open-at-lever']],
    [['cable-to-hydraulic', 'change-lever'], ['new-brake-on'], ['new-lever-on']],
    [['change-rotor', 'refit-rotor'], ['new-rotor-on'], ['rotor-on']],
  ])('of %j has a way', (procedures, does, not) => {
    const plan = planned(chosen(procedures));
    const steps = ids(plan).map((each) => each.split(' ').at(-1));
    expect(faultsOf(chosen(procedures), plan!.steps)).toEqual([]);
    expect(steps).toEqual(expect.arrayContaining(does));
    for (const step of not) expect(steps).not.toContain(step);
  });

  it('asks for no test of the brake as it came in once it was worked on', () => {
    const choice = chosen(['bleed-gravity', 'tighten-lever']);
    const { steps } = planned(choice)!;
    const done = steps.slice(
      0,
      steps.findIndex(({ step }) => step === 'sponge-test'),
    );
    expect(ids(planned(choice, done))).not.toContain('front sponge-test-before');
  });

  it('asks for the lever’s number after a bleed that is done once more', () => {
    const done: DoneStep[] = (
      [
        'push-up',
        'sponge-test',
        'open-at-lever',
        'new-olive',
        'join-at-lever',
        'top-up',
        'sponge-test',
      ] as const
    ).map((step) => ({ step, end: 'front' }));
    const rest = ids(planned(chosen(['change-caliper', 'remake-at-lever']), done));
    expect(rest.indexOf('front sponge-test')).toBeGreaterThan(rest.indexOf('front push-up'));
    expect(rest).toContain('front push-up');
  });

  // What is found on the way is common: a joint that was closed is opened once more, and what was proven of it is again.
  it.each<[ProcedureId, after: StepId, found: ProcedureId, asks: StepId[], not: StepId[]]>([
    [
      'shorten-hose',
      'top-up',
      'change-lever',
      ['open-at-lever', 'new-lever-on', 'new-olive', 'join-at-lever', 'push-up', 'sponge-test'],
      ['cut-hose', 'new-barb'],
    ],
    [
      'remake-at-lever',
      'new-olive',
      'shorten-hose',
      ['cut-hose', 'new-barb', 'new-olive', 'join-at-lever'],
      ['open-at-lever'],
    ],
    [
      'renew-hose',
      'sponge-test',
      'reseal-caliper',
      ['rebuild-caliper', 'push-up', 'sponge-test'],
      ['cut-hose', 'route-new-hose'],
    ],
    [
      'refit-rotor',
      'torque-rotor',
      'change-rotor',
      ['rotor-off', 'new-rotor-on', 'torque-rotor'],
      ['clean-hub-face'],
    ],
    [
      'strip-track',
      'careful-ride',
      'align',
      ['align', 'torque-caliper', 'stand-test', 'careful-ride'],
      ['clean-rotor'],
    ],
    [
      'align',
      'align',
      'dress-mount',
      ['torque-caliper', 'dress-mount', 'align', 'torque-caliper'],
      [],
    ],
    [
      'lever-off-bar',
      'wrap-tape',
      'shorten-hose',
      ['open-at-lever', 'join-at-lever'],
      ['lever-off-bar'],
    ],
  ])('of %s, after "%s", can be widened by %s', (begun, after, found, asks, not) => {
    const first = planned(chosen([begun]))!.steps;
    const done = first.slice(0, first.findIndex(({ step }) => step === after) + 1);
    const choice = chosen([begun, found]);
    const rest = planned(choice, done);
    const steps = ids(rest).map((each) => each.split(' ').at(-1)!);
    expect(faultsOf(choice, rest!.steps, done)).toEqual([]);
    let at = -1;
    for (const step of asks) {
      at = steps.indexOf(step, at + 1);
      expect([step, at]).not.toEqual([step, -1]);
    }
    for (const step of not) expect(steps).not.toContain(step);
  });

  it('has no way to swap sides where there is no other end', () =>
    expect(planned({ ...chosen([]), procedures: { third: ['swap-sides'] } })).toBeNull());
});

/** Dijkstra over whole-bike states as plain text keys, every legal step tried from every state. */
function bruteForce(choice: Chosen): number {
  const task = taskOf(choice);
  const graphs = Object.fromEntries(
    ENDS.flatMap((end) => (task[end] ? [[end, brakeGraph(task[end])]] : [])),
  ) as Partial<Record<End, ReturnType<typeof brakeGraph>>>;
  interface Whole {
    at: Partial<Record<End, number>>;
    bench: Bench;
    minutes: number;
  }
  const open = new FlatQueue<Whole>();
  const add = (whole: Whole) => open.push(whole, whole.minutes);
  add({
    at: Object.fromEntries(Object.keys(graphs).map((end) => [end, 0])),
    bench: FRESH_BENCH,
    minutes: 0,
  });
  const least = new Map<string, number>();
  for (;;) {
    const here = open.pop()!;
    const key = JSON.stringify([here.at, here.bench]);
    if ((least.get(key) ?? Infinity) <= here.minutes) continue;
    least.set(key, here.minutes);
    const ends = ENDS.filter((end) => graphs[end]);
    if (ends.every((end) => graphs[end]!.finished[here.at[end]!]))
      return Math.round(here.minutes * 10) / 10;
    if (here.bench.hands !== 'clean')
      add({
        ...here,
        bench: { ...here.bench, hands: 'clean', ride: null },
        minutes: here.minutes + CHANGE_OVERS.wash,
      });
    for (const end of ends)
      for (const { step, to } of graphs[end]!.moves[here.at[end]!]!) {
        const { hands, place, tool } = stepRule(step);
        const minutes = takes(here.bench, step, end);
        if (hands === 'clean' && here.bench.hands !== 'clean') continue;
        const kept = ends.some((other) => {
          if (place !== 'riding' || other === end) return false;
          const graph = graphs[other]!;
          const there = here.at[other]!;
          const proven = graph.standTested[there] || !stepRule(step).acts.includes('rides');
          return !graph.rideable[there] || !proven;
        });
        if (kept) continue;
        add({
          at: { ...here.at, [end]: to },
          bench: leftBy(here.bench, step, end),
          minutes: here.minutes + minutes + turnTo(here.bench, { place, tool, end }).minutes,
        });
      }
  }
}

/** Twenty visits as they come in, front and rear. */
const VISITS: Record<string, [ProcedureId[], ProcedureId[]]> = {
  'pads both ends': [['change-pads'], ['change-pads']],
  'rear bleed, pads both ends, front rotor': [
    ['change-pads', 'change-rotor'],
    ['bleed-push-up', 'change-pads'],
  ],
  'a stuck rear piston besides': [
    ['change-pads', 'change-rotor'],
    ['bleed-push-up', 'change-pads', 'service-pistons'],
  ],
  'yearly service': [
    ['inspect', 'bleed-gravity', 'service-pistons'],
    ['inspect', 'bleed-push-up', 'service-pistons'],
  ],
  'full overhaul': [
    [
      'inspect',
      'service-pistons',
      'bleed-tilt',
      'change-rotor',
      'change-pads',
      'align',
      'set-levers',
      'dress-mount',
    ],
    [
      'inspect',
      'service-pistons',
      'bleed-tilt',
      'change-rotor',
      'change-pads',
      'align',
      'set-levers',
      'dress-mount',
    ],
  ],
  'oil mist at the front': [['clean-pads-and-rotor'], []],
  'soaked pads and a leak': [['remake-at-caliper', 'change-pads', 'clean-caliper'], []],
  'rubs both ends': [['align'], ['align']],
  'rotor on dirt': [['refit-rotor', 'align'], []],
  'bent rotor': [['true-rotor', 'align'], []],
  'up a size in front': [['go-up-a-size', 'change-pads'], []],
  'both up a size': [['go-up-a-size'], ['go-up-a-size']],
  'hose too long': [[], ['shorten-hose', 'bleed-push-up']],
  'crash: hose and levers': [['renew-hose', 'set-levers'], ['set-levers']],
  'new caliper, new pads': [['change-caliper', 'change-pads'], []],
  'mount dressed and pads': [['dress-mount', 'change-pads'], []],
  'spongy both ends': [['bleed-gravity'], ['bleed-tilt']],
  'top-up and pads': [['top-up', 'change-pads'], ['change-pads']],
  'club bike before a race': [
    ['inspect', 'clean-caliper', 'true-rotor', 'align', 'set-levers'],
    ['inspect', 'clean-caliper', 'bleed-two-syringes', 'align', 'set-levers'],
  ],
  'cable to hydraulic behind': [['inspect'], ['cable-to-hydraulic', 'align']],
};

it('says what it saves on twenty visits', () => {
  const setUps = (plan: Plan) =>
    plan.steps.filter(({ step }) => step !== 'wash-hands' && STEPS[step].kind === 'set-up').length;
  const rows = Object.entries(VISITS).map(([name, [front, rear]]) => {
    const choice = chosen(front, rear);
    const plan = planned(choice)!;
    const naive = naivePlan(choice)!;
    expect([name, faultsOf(choice, plan.steps), faultsOf(choice, naive.steps, [], false)]).toEqual([
      name,
      [],
      [],
    ]);
    expect(plan.minutes).toBeLessThanOrEqual(naive.minutes);
    expect(setUps(plan)).toBeLessThanOrEqual(setUps(naive));
    return {
      name,
      saved: setUps(naive) - setUps(plan),
      minutes: naive.minutes - plan.minutes,
      of: plan.minutes,
    };
  });
  expect(rows).toHaveLength(20);
  // oxlint-disable-next-line no-console -- the figures are meant to be read
  console.log(
    rows
      .map(
        ({ name, saved, minutes, of }) =>
          `${name}: ${saved} set-ups and ${minutes.toFixed(1)} of ${(of + minutes).toFixed(1)} min saved`,
      )
      .join('\n'),
  );
});

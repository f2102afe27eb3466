import fc from 'fast-check';
import { FINDINGS } from '../inspection/findings';
import { WORKS } from '../inspection/work';
import { PROCEDURE_IDS, suitsBrake, workFor, type ProcedureId } from '../procedure/procedures';
import { BENCH_RULES, isOpen, ruleBroken, type BenchRule } from '../procedure/rules';
import { ENDS } from '../ends';
import { STEP_IDS, stepRule, type StepId } from '../procedure/steps';
import { layOut } from './layOut';
import { bleedFor, proceduresFor } from './recommended';
import { WHOLE, type BrakeState } from './state';
import {
  beddingTooEarly,
  doFault,
  openEnds,
  planAt,
  planOpen,
  skipFault,
  type Visit,
} from './visit';

const PUSH_UP = { front: 'push-up', rear: 'push-up' } as const;
const visitOf = (
  front: ProcedureId[],
  rear: ProcedureId[] = [],
  done: Visit['steps'] = [],
): Visit => ({
  chosen: { procedures: { front, rear }, bleed: PUSH_UP },
  steps: done,
});
const done = (step: StepId | 'wash-hands', end: 'front' | 'rear' | null = 'front') =>
  ({ step, end, outcome: 'done' }) as const;
/** Goes on with a visit by its own plan until just before a step. */
function upTo(visit: Visit, step: StepId | 'wash-hands'): Visit {
  let at = visit;
  for (;;) {
    const next = planAt(at)!.steps[0]!;
    if (next.step === step) return at;
    at = { ...at, steps: [...at.steps, { step: next.step, end: next.end, outcome: 'done' }] };
  }
}

it('a plan is open at an end until all of it is done there and the brake is ready', () => {
  let visit: Visit = {
    chosen: {
      procedures: { front: ['align'], rear: [] },
      bleed: { front: 'gravity-down', rear: 'push-up' },
    },
    steps: [],
  };
  expect(ENDS.map((end) => planOpen(visit, end))).toEqual([true, false]);
  for (const { step, end } of planAt(visit)!.steps) {
    expect(planOpen(visit, 'front')).toBe(true);
    const ridden = visit.steps.some((each) => each.step === 'careful-ride');
    expect(beddingTooEarly(visit, 'front')).toBe(!ridden);
    visit = { ...visit, steps: [...visit.steps, { step, end, outcome: 'done' }] };
  }
  expect(planOpen(visit, 'front')).toBe(false);
  expect(ENDS.map((end) => beddingTooEarly(visit, end))).toEqual([false, false]);
});

describe('the rules of the bench, each tried by a step that would break it', () => {
  const broken = (
    step: StepId,
    before: Partial<BrakeState>,
    hands: 'clean' | 'fluid' = 'clean',
  ) => {
    const state = { ...WHOLE, ...before };
    return ruleBroken({ step, before: state, after: { ...state, ...stepRule(step).sets }, hands });
  };

  it.each<[BenchRule, string, StepId, Partial<BrakeState>, 'clean' | 'fluid']>([
    [1, 'a lever pulled with the pads out', 'pump-firm', { pads: 'out' }, 'clean'],
    [1, 'a lever pulled with a joint open', 'hard-pull', { hoseAtLever: 'open' }, 'clean'],
    [2, 'a nipple opened with pads in', 'bleed-kit-on', { wheel: 'off' }, 'clean'],
    [2, 'a port opened with the wheel in', 'top-up-cup-on', { between: 'spacer' }, 'clean'],
    [
      2,
      'pads put in with a port open',
      'new-pads-in',
      { pads: 'out', wheel: 'off', port: 'open', pistons: 'home' },
      'clean',
    ],
    [3, 'a lever pulled over an open nipple', 'hard-pull', { nipple: 'open' }, 'clean'],
    [
      3,
      'the block taken out under an open nipple',
      'block-out',
      { pads: 'out', between: 'block', nipple: 'open' },
      'clean',
    ],
    [4, 'the wheel turned over a block', 'wheel-in', { wheel: 'off', between: 'block' }, 'clean'],
    [5, 'the stand test with a port open', 'stand-test', { port: 'open' }, 'clean'],
    [
      6,
      'a joint made with a spent olive',
      'join-at-lever',
      { hoseAtLever: 'open', olive: 'spent' },
      'clean',
    ],
    [
      6,
      'a cut hose joined without a new barb',
      'join-at-lever',
      { hoseAtLever: 'open', olive: 'renewed', barb: 'spent' },
      'clean',
    ],
    [
      7,
      'new pads over pistons that stand out',
      'new-pads-in',
      { pads: 'out', wheel: 'off' },
      'clean',
    ],
    [
      8,
      'final torque before centring',
      'torque-caliper',
      { caliper: 'loose', aligned: false },
      'clean',
    ],
    [8, 'the stand test before the torque', 'stand-test', { torqued: false }, 'clean'],
    [8, 'a ride before the stand test', 'careful-ride', {}, 'clean'],
    [
      9,
      'new pads with fluid on the hands',
      'new-pads-in',
      { pads: 'out', wheel: 'off', pistons: 'home' },
      'fluid',
    ],
  ])('rule %d: %s', (rule, _says, step, before, hands) =>
    expect(broken(step, before, hands)).toBe(rule),
  );

  it('every rule has a step that would break it, and words', () => {
    expect(Object.keys(BENCH_RULES)).toEqual(['1', '2', '3', '4', '5', '6', '7', '8', '9']);
    expect(isOpen(WHOLE)).toBe(false);
  });

  it('the measured pull of the piston service is the one exception with the pads out', () => {
    const pads = { pads: 'out', wheel: 'off', pistonsClean: true } as const;
    expect(broken('push-pistons-out', pads)).toBeNull();
    expect(broken('exercise-pistons', pads)).toBeNull();
    expect(broken('sponge-test', pads)).toBe(1);
  });

  it('are never broken by a step whose needs are met, whatever the rest of the brake is like', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...STEP_IDS),
        fc.record({
          pads: fc.constantFrom('in', 'out'),
          wheel: fc.constantFrom('on', 'off'),
          between: fc.constantFrom('nothing', 'spacer', 'block'),
          port: fc.constantFrom('open', 'shut'),
          nipple: fc.constantFrom('open', 'shut'),
          hoseAtLever: fc.constantFrom('open', 'joined'),
          pistons: fc.constantFrom('home', 'advanced'),
        }),
        (step, some) => {
          const { needs, sets, hands } = stepRule(step);
          const state = { ...WHOLE, ...(some as Partial<BrakeState>) };
          for (const [name, want] of Object.entries(needs))
            Object.assign(state, { [name]: Array.isArray(want) ? (want as unknown[])[0] : want });
          // A block is in only with the pads out, a spacer only between pads.
          fc.pre(state.between !== (state.pads === 'in' ? 'block' : 'spacer'));
          const rule = ruleBroken({
            step,
            before: state,
            after: { ...state, ...sets },
            hands: hands ?? 'clean',
          });
          // A cable's lever, and a lever pulled with a hose off, are told by the state, not by every step's needs.
          fc.pre(state.hoseAtLever === 'joined' || needs.hoseAtLever !== undefined);
          fc.pre(state.port === 'shut' || needs.port !== undefined);
          fc.pre(state.nipple === 'shut' || needs.nipple !== undefined);
          fc.pre(state.pads === 'in' || needs.pads !== undefined);
          fc.pre(state.between === 'nothing' || needs.between !== undefined);
          expect([step, rule]).toEqual([step, null]);
        },
      ),
    ));
});

describe('a visit under way', () => {
  it('does what the state allows, in any order, and nothing that is not planned', () => {
    const visit = visitOf(['change-pads']);
    expect(doFault(visit, 'wheel-out', 'front')).toBeNull();
    expect(doFault(visit, 'pads-out', 'front')).toEqual({ code: 'needs', of: 'wheel' });
    expect(doFault(visit, 'new-rotor-on', 'front')).toEqual({ code: 'not-planned' });
    expect(doFault(visit, 'wheel-out', 'rear')).toEqual({ code: 'not-planned' });
    expect(doFault({ chosen: null, steps: [] }, 'wheel-out', 'front')).toEqual({
      code: 'not-planned',
    });
  });

  it('wants clean hands for pads, and both ends proven before a ride', () => {
    const atPads = upTo(visitOf(['service-pistons', 'change-pads']), 'wash-hands');
    expect(doFault(atPads, 'new-pads-in', 'front')).toMatchObject({ code: 'rule' });
    const atRide = upTo(visitOf(['align'], ['align']), 'careful-ride');
    const unproven: Visit = {
      ...atRide,
      steps: atRide.steps.filter(({ step, end }) => !(step === 'stand-test' && end === 'rear')),
    };
    expect(doFault(unproven, 'careful-ride', 'front')).toEqual({
      code: 'other-end-open',
      end: 'rear',
    });
  });

  it('work is done once', () => {
    const after = visitOf(['inspect'], [], [done('wheel-out'), done('pads-out'), done('inspect')]);
    expect(doFault(after, 'inspect', 'front')).toEqual({ code: 'not-planned' });
  });

  it('leaves work out with a reason, but not what the brake cannot be ready without', () => {
    const visit = visitOf([], ['shorten-hose', 'change-pads']);
    expect(skipFault(visit, 'wheel-out', 'rear')).toEqual({ code: 'set-up' });
    expect(skipFault(visit, 'wash-hands', null)).toEqual({ code: 'rule', rule: 9 });
    expect(skipFault(visit, 'sponge-test', 'rear')).toBeNull();
    const opened = upTo(visit, 'cut-hose');
    for (const step of ['new-olive', 'join-at-lever', 'push-up'] as const)
      expect([step, skipFault(opened, step, 'rear')]).toEqual([step, { code: 'no-way' }]);
    expect(skipFault(visitOf(['change-rotor']), 'new-rotor-on', 'front')).toEqual({
      code: 'no-way',
    });
  });

  it('what was left out is no work any more', () => {
    const visit = visitOf(['inspect', 'align']);
    const without: Visit = {
      ...visit,
      steps: [{ step: 'inspect', end: 'front', outcome: 'skipped' }],
    };
    expect(planAt(without)!.steps.map(({ step }) => step)).not.toContain('wheel-out');
    expect(skipFault(without, 'inspect', 'front')).toEqual({ code: 'not-planned' });
  });

  it('bars the sign-off from the first step until the brake is ready again', () => {
    const visit = visitOf(['change-pads']);
    expect(openEnds(visit)).toEqual([]);
    const out = { ...visit, steps: [done('wheel-out')] };
    expect(openEnds(out)).toEqual([{ end: 'front', of: 'wheel' }]);
    const all: Visit = {
      ...visit,
      steps: planAt(visit)!.steps.map(({ step, end }) => ({ step, end, outcome: 'done' })),
    };
    expect(openEnds(all)).toEqual([]);
    expect(planAt(all)).toMatchObject({ steps: [], minutes: 0 });
  });

  it('a stuck piston found half way is planned in from where the bike stands', () => {
    const half = upTo(visitOf(['change-pads'], ['bleed-push-up', 'change-pads']), 'push-up');
    const found: Visit = {
      ...half,
      chosen: {
        procedures: {
          front: ['change-pads'],
          rear: ['bleed-push-up', 'change-pads', 'service-pistons'],
        },
        bleed: PUSH_UP,
      },
    };
    const rest = planAt(found)!;
    expect(rest).not.toBeNull();
    const steps = rest.steps.filter(({ end }) => end === 'rear').map(({ step }) => step);
    expect(steps).toContain('exercise-pistons');
    expect(steps.indexOf('exercise-pistons')).toBeLessThan(steps.indexOf('new-pads-in'));
    expect(steps.indexOf('exercise-pistons')).toBeLessThan(steps.indexOf('push-up'));
  });

  it('found with the hose off, it waits until the joint is closed', () => {
    const half = upTo(visitOf(['shorten-hose']), 'new-olive');
    const found: Visit = { ...half, chosen: visitOf(['shorten-hose', 'service-pistons']).chosen };
    const steps = planAt(found)!.steps.map(({ step }) => step);
    expect(steps.indexOf('join-at-lever')).toBeLessThan(steps.indexOf('push-pistons-out'));
  });
});

describe('what an inspection recommends', () => {
  it('comes to procedures that suit the brake, for all work that the bench can do', () => {
    const byHand = WORKS.filter(
      (work) => proceduresFor([work], 'hydraulic', 'push-up').length === 0,
    );
    expect(byHand).toEqual([
      'straighten-fins',
      'reset-pads',
      'reseal',
      'reroute-hose',
      'replace-cable',
      'replace-lever',
      'tighten-bolts',
      'ask-maker',
    ]);
    expect(proceduresFor(['replace-cable'], 'cable', 'push-up')).toEqual(['renew-cable']);
    for (const { work } of Object.values(FINDINGS)) expect(WORKS).toContain(work);
  });

  it('a new rotor needs no truing, and a full bleed goes by the way of its brake', () => {
    expect(proceduresFor(['true-rotor', 'replace-rotor'], 'hydraulic', 'push-up')).toEqual([
      'change-rotor',
    ]);
    expect(proceduresFor(['lever-top-up', 'full-bleed'], 'hydraulic', 'two-syringes')).toEqual([
      'bleed-two-syringes',
    ]);
  });

  it('what is replaced is not cleaned first', () => {
    const work = workFor(['clean-pads-and-rotor', 'change-pads'], 'push-up');
    expect(work).not.toContain('clean-pads');
    expect(work).toContain('clean-rotor');
    expect(workFor(['clean-pads-and-rotor', 'change-rotor'], 'push-up')).not.toContain(
      'clean-rotor',
    );
  });

  it('push up behind, gravity in front, two syringes for bladders (common practice)', () => {
    expect(bleedFor('rear', '')).toEqual({ way: 'push-up', why: 'rear' });
    expect(bleedFor('front', '')).toEqual({ way: 'gravity-down', why: 'front' });
    expect(bleedFor('front', 'Bladder lever, syringe ports')).toEqual({
      way: 'two-syringes',
      why: 'bladder',
    });
  });

  it('cable brakes are offered no fluid work', () => {
    const offered = PROCEDURE_IDS.filter((id) => suitsBrake(id, 'cable'));
    expect(offered.some((id) => id.startsWith('bleed') || id.includes('hose'))).toBe(false);
    expect(offered).toContain('renew-cable');
  });
});

it('lays out every tool once and new parts by their end', () => {
  const plan = planAt(visitOf(['change-pads'], ['shorten-hose', 'change-pads']))!;
  const out = layOut(plan.steps);
  expect(new Set(out.tools).size).toBe(out.tools.length);
  expect(out.tools).toEqual(expect.arrayContaining(['pin-key', 'hose-cutter', 'torque-wrench']));
  expect(out.tools).not.toContain('hands');
  for (const end of ENDS) expect(out.parts).toContainEqual({ part: 'pads', end });
  expect(out.parts).toContainEqual({ part: 'olive', end: 'rear' });
  expect(out.cautions).toContain('gloves-and-glasses');
});

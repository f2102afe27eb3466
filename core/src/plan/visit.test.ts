import fc from 'fast-check';
import { areasOf, cureOf, findingsAt } from '../inspection/findings';
import { WORKS, worksOn, type Work } from '../inspection/work';
import {
  PROCEDURE_IDS,
  procedureRule,
  suitsBrake,
  workFor,
  type ProcedureId,
} from '../procedure/procedures';
import type { Family } from '../fluid/families';
import { cautionsOf } from '../procedure/cautions';
import { BENCH_RULES, isOpen, ruleBroken, type BenchRule } from '../procedure/benchRules';
import { SYSTEM } from '../evidence/touch';
import { USUAL_ENDS } from '../ends';
import { STEP_IDS, stepRule, type Consumable, type StepId } from '../procedure/steps';
import { USUAL_BRAKE, type BrakeKind } from '../kit/traits';
import { layOut } from './layOut';
import { bleedFor, proceduresFor } from './recommended';
import { WHOLE, type BrakeState } from './state';
import {
  beddingTooEarly,
  doFault,
  doneWith,
  openEnds,
  planAt,
  planOpen,
  skipFault,
  type Visit,
} from './visit';

const BRAKE_KINDS: readonly BrakeKind[] = [
  USUAL_BRAKE,
  { actuation: 'hydraulic', banjo: true },
  { actuation: 'cable', banjo: false },
  { actuation: 'cable-pulled-hydraulic', banjo: false },
];

const PUSH_UP = { front: 'push-up', rear: 'push-up', third: 'push-up' } as const;
const HYDRAULICS = { front: USUAL_BRAKE, rear: USUAL_BRAKE, third: USUAL_BRAKE };
const visitOf = (
  front: ProcedureId[],
  rear: ProcedureId[] = [],
  done: Visit['steps'] = [],
): Visit => ({
  chosen: { procedures: { front, rear }, bleed: PUSH_UP, brakes: HYDRAULICS },
  steps: done,
  again: [],
  parts: [],
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
      bleed: { front: 'gravity-down', rear: 'push-up', third: 'push-up' },
      brakes: HYDRAULICS,
    },
    steps: [],
    again: [],
    parts: [],
  };
  expect(USUAL_ENDS.map((end) => planOpen(visit, end))).toEqual([true, false]);
  for (const { step, end } of planAt(visit)!.steps) {
    expect(planOpen(visit, 'front')).toBe(true);
    const ridden = visit.steps.some((each) => each.step === 'careful-ride');
    expect(beddingTooEarly(visit, 'front')).toBe(!ridden);
    visit = { ...visit, steps: [...visit.steps, { step, end, outcome: 'done' }] };
  }
  expect(planOpen(visit, 'front')).toBe(false);
  expect(USUAL_ENDS.map((end) => beddingTooEarly(visit, end))).toEqual([false, false]);
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
      { hoseAtLever: 'open', sealAtLever: 'spent' },
      'clean',
    ],
    [
      6,
      'a cut hose joined without a new barb',
      'join-at-lever',
      { hoseAtLever: 'open', sealAtLever: 'renewed', barb: 'spent' },
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
    expect(
      doFault({ chosen: null, steps: [], again: [], parts: [] }, 'wheel-out', 'front'),
    ).toEqual({
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
    const visit = visitOf([], ['renew-hose', 'change-pads']);
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
        brakes: HYDRAULICS,
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
  /** What is recommended by a number alone, and not by looking. */
  const BY_NUMBER: readonly Work[] = [
    'replace-rotor',
    'refit-rotor',
    'true-rotor',
    'replace-pads',
    'service-pistons',
    'square-caliper',
    'centre-caliper',
    'reset-pads',
    'dress-mount',
    'reseal-lever',
    'full-bleed',
    'lever-top-up',
    'strip-track',
  ];

  /** Work that the plan of one recommended work leaves uncured; null where there is no plan. */
  function uncured(works: readonly Work[], brake: BrakeKind): Work[] | null {
    const plan = planAt({
      chosen: {
        procedures: { front: proceduresFor(works, brake.actuation, 'push-up') },
        bleed: PUSH_UP,
        brakes: { front: brake, rear: brake, third: brake },
      },
      steps: [],
      again: [],
      parts: [],
    });
    const done = plan?.steps.flatMap(({ step }) => (step === 'wash-hands' ? [] : [step])) ?? [];
    const cured = new Set(done.flatMap((step) => stepRule(step).cures));
    return plan && works.filter((work) => !cured.has(work));
  }

  it.each(BRAKE_KINDS)(
    'is cured by a plan of its own, whatever was found: $actuation, banjo $banjo',
    (brake) => {
      const found = areasOf(brake.actuation).flatMap((area) => findingsAt(area, brake));
      for (const finding of found) {
        const works = cureOf(finding, brake.actuation);
        // What is wrong by make is told and answered: no hand puts it right.
        const byMaker = works.includes('ask-maker') ? works : [];
        expect([finding, uncured(works, brake)]).toEqual([finding, byMaker]);
      }
      for (const work of BY_NUMBER) {
        const works = worksOn([work], brake.actuation);
        expect([work, uncured(works, brake)]).toEqual([work, []]);
      }
    },
  );

  it('is one work on every kind of brake, whatever takes its place there', () => {
    for (const { actuation } of BRAKE_KINDS)
      for (const work of WORKS)
        expect([work, worksOn([work], actuation).length]).toEqual([work, 1]);
  });

  it('only the joint that leaks is opened', () => {
    const steps = (works: readonly Work[], brake: BrakeKind) =>
      planAt({
        ...visitOf(proceduresFor(works, 'hydraulic', 'push-up')),
        chosen: {
          procedures: { front: proceduresFor(works, 'hydraulic', 'push-up') },
          bleed: PUSH_UP,
          brakes: { front: brake, rear: brake, third: brake },
        },
      })!.steps.map(({ step }) => step);
    const atBanjo = steps(cureOf('leak-at-banjo', 'hydraulic'), { ...USUAL_BRAKE, banjo: true });
    expect(atBanjo).toContain('new-banjo-seals');
    expect(atBanjo).not.toContain('open-at-lever');
    expect(atBanjo).not.toContain('olive-at-caliper');
    const atLever = steps(cureOf('leak-at-lever-nut', 'hydraulic'), USUAL_BRAKE);
    expect(atLever).not.toContain('open-at-caliper');
    // Fluid ran out of a caliper that was opened: a top-up does not reach so far.
    expect(atBanjo).toContain('push-up');
    expect(atLever).toContain('top-up');
    expect(atLever).not.toContain('push-up');
  });

  it('a brake is not made whole by a top-up once fluid ran out of it', () => {
    for (const procedure of ['remake-at-caliper', 'reseal-caliper', 'reseal-lever'] as const) {
      const work = workFor([procedure, 'top-up'], 'top-up', USUAL_BRAKE);
      expect(work).not.toContain('top-up');
      expect(work).toContain('push-up');
    }
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
    const work = workFor(['clean-pads-and-rotor', 'change-pads'], 'push-up', USUAL_BRAKE);
    expect(work).not.toContain('clean-pads');
    expect(work).toContain('clean-rotor');
    expect(workFor(['clean-pads-and-rotor', 'change-rotor'], 'push-up', USUAL_BRAKE)).not.toContain(
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

// Common practice [P].
it.each<[ProcedureId, readonly Consumable[]]>([
  ['inspect', ['isopropyl', 'lint-free-cloth', 'gloves']],
  ['change-pads', ['isopropyl', 'lint-free-cloth', 'gloves']],
  [
    'clean-pads-and-rotor',
    ['brake-cleaner', 'abrasive-paper', 'lint-free-cloth', 'glasses', 'mask'],
  ],
  ['service-pistons', ['swabs', 'isopropyl', 'own-fluid-or-grease']],
  ['change-rotor', ['gloves']],
  ['refit-rotor', ['gloves', 'threadlocker']],
  ['bleed-push-up', ['bag', 'rags', 'isopropyl', 'gloves', 'glasses']],
  ['top-up', ['rags', 'isopropyl', 'gloves', 'glasses']],
  ['shorten-hose', ['tape', 'rags', 'gloves', 'glasses']],
  ['align', ['threadlocker']],
  ['dress-mount', ['abrasive-paper', 'tape', 'brake-cleaner', 'seal-paint']],
])('%s lays out %j', (procedure, consumables) => {
  const { steps } = planAt(visitOf([], [procedure]))!;
  expect(layOut(steps, {}, false).consumables).toEqual(expect.arrayContaining([...consumables]));
});

it('says no protection that it does not lay out, and lays out no cleaner without its caution', () => {
  for (const id of PROCEDURE_IDS) {
    const plan = planAt(visitOf(procedureRule(id).bothEnds ? [id] : [], [id]));
    if (!plan) continue;
    const { cautions, consumables } = layOut(plan.steps, {}, false);
    if (cautions.includes('gloves-and-glasses'))
      expect({ id, consumables }).toEqual({
        id,
        consumables: expect.arrayContaining(['gloves', 'glasses']) as unknown,
      });
    expect([id, cautions.includes('ventilate')]).toEqual([
      id,
      consumables.includes('brake-cleaner'),
    ]);
  }
});

// Common practice [P]: the motor is off, and its battery out, before hands go in.
it('says that the motor is off at the first step of every plan that hands go in at, and wherever a wheel is turned', () => {
  for (const id of STEP_IDS) {
    const { cautions } = stepRule(id);
    if (cautions.includes('fingers-off-turning-rotor'))
      expect({ id, cautions }).toEqual({
        id,
        cautions: expect.arrayContaining(['motor-off']) as unknown,
      });
  }
  for (const brake of BRAKE_KINDS)
    for (const id of PROCEDURE_IDS) {
      if (!suitsBrake(id, brake.actuation)) continue;
      const visit = visitOf(procedureRule(id).bothEnds ? [id] : [], [id]);
      const brakes = { front: brake, rear: brake, third: brake };
      const plan = planAt({ ...visit, chosen: { ...visit.chosen!, brakes } })!;
      const first = plan.steps.find(
        ({ step }) => step !== 'wash-hands' && !stepRule(step).acts.includes('as-it-came'),
      )!.step as StepId;
      expect([id, first, cautionsOf(first, brake, { family: null, motor: true })]).toEqual([
        id,
        first,
        expect.arrayContaining(['motor-off']) as unknown,
      ]);
    }
});

it('lays out every tool once and new parts by their end', () => {
  const plan = planAt(visitOf(['change-pads'], ['shorten-hose', 'change-pads']))!;
  const brakes = (family: Family | null) => ({
    front: { kind: USUAL_BRAKE, family },
    rear: { kind: USUAL_BRAKE, family },
  });
  const out = layOut(plan.steps, brakes(null), false);
  expect(new Set(out.tools).size).toBe(out.tools.length);
  expect(out.tools).toEqual(expect.arrayContaining(['pin-key', 'hose-cutter', 'torque-wrench']));
  expect(out.tools).not.toContain('hands');
  for (const end of USUAL_ENDS) expect(out.parts).toContainEqual({ part: 'pads', end });
  expect(out.parts).toContainEqual({ part: 'olive', end: 'rear' });
  expect(out.cautions).toEqual(
    expect.arrayContaining(['gloves-and-glasses', 'glycol-off-paint', 'mineral-off-pads']),
  );
  expect(out.cautions).not.toContain('motor-off');
  expect(layOut(plan.steps, brakes(null), true).cautions).toContain('motor-off');
  // Nobody reads of paint over mineral fluid, nor of pistons on a cable brake.
  expect(layOut(plan.steps, brakes('mineral'), false).cautions).not.toContain('glycol-off-paint');
  const cable = { actuation: 'cable', banjo: false } as const;
  expect(cautionsOf('pads-out', cable, { family: null, motor: false })).toEqual([]);
  expect(cautionsOf('pads-out', USUAL_BRAKE, { family: null, motor: false })).toEqual([
    'no-lever-pads-out',
  ]);
});

describe('what is asked for again', () => {
  const walked = (visit: Visit): Visit => ({
    ...visit,
    steps: [
      ...visit.steps,
      ...planAt(visit)!.steps.map(({ step, end }) => ({ step, end, outcome: 'done' as const })),
    ],
  });
  const stepsOf = (visit: Visit) => planAt(visit)!.steps.map(({ step }) => step);
  const parts = [
    { end: 'front', part: 'olive', pieces: 1 },
    { end: 'front', part: 'barb', pieces: 1 },
  ] as const;

  it('a procedure that is done can be chosen once more, and its proof with it', () => {
    const all = walked(visitOf(['align']));
    expect(doneWith(visitOf(['align']), 'front')).toEqual([]);
    expect(doneWith(all, 'front')).toEqual(['align']);
    expect(doneWith(all, 'rear')).toEqual([]);
    const again: Visit = {
      ...all,
      again: [{ end: 'front', procedure: 'align', after: all.steps.length }],
    };
    expect(planOpen(again, 'front')).toBe(true);
    expect(stepsOf(again).slice(0, 3)).toEqual(['caliper-loosen', 'align', 'torque-caliper']);
    expect(stepsOf(again)).toEqual(expect.arrayContaining(['stand-test', 'careful-ride']));
    expect(planAt(walked(again))!.steps).toEqual([]);
    expect(doneWith(again, 'front')).toEqual([]);
  });

  it('a bleed that did not help goes on with a burp, and the lever is tested once more', () => {
    const bled = upTo(visitOf(['bleed-gravity']), 'hard-pull');
    expect(bled.steps.map(({ step }) => step)).toContain('sponge-test');
    const burped: Visit = { ...bled, chosen: visitOf(['bleed-gravity', 'bleed-burp']).chosen };
    const steps = stepsOf(burped);
    expect(steps).not.toContain('gravity-down');
    expect(steps.filter((step) => step === 'sponge-test')).toHaveLength(1);
    expect(steps.indexOf('caliper-burp')).toBeLessThan(steps.indexOf('sponge-test'));
  });

  // Common practice: the burp comes after either of the ways that send fluid through the whole brake.
  it.each([
    ['gravity-down', 'gravity-down'],
    ['two-syringes', 'two-syringes'],
    ['push-up', 'push-up'],
    ['top-up', 'push-up'],
  ] as const)('a burp of a brake bled by %s begins with %s', (bleed, way) => {
    expect(workFor(['bleed-burp'], bleed, USUAL_BRAKE)).toEqual(
      expect.arrayContaining([way, 'caliper-burp']),
    );
    expect(workFor(['bleed-tilt'], bleed, USUAL_BRAKE)).toEqual(
      expect.arrayContaining([way, 'lever-tilt']),
    );
    expect(workFor(['bleed-burp', 'top-up'], bleed, USUAL_BRAKE)).not.toContain('top-up');
  });

  // What only shakes bubbles loose is no bleed of a brake whose joint was opened.
  it('a bleed stands no more when a joint is opened after it, and a burp does not stand in for it', () => {
    const bled = upTo(visitOf(['bleed-push-up']), 'hard-pull');
    const opened: Visit = { ...bled, chosen: visitOf(['bleed-push-up', 'remake-at-lever']).chosen };
    expect(stepsOf(opened).filter((step) => step === 'push-up')).toHaveLength(1);
    const atBleed = upTo(visitOf(['remake-at-lever', 'bleed-burp']), 'push-up');
    expect(skipFault({ ...atBleed, parts }, 'push-up', 'front')).toEqual({ code: 'no-way' });
  });

  it.each(PROCEDURE_IDS)('%s is planned anew after every one of its steps', (procedure) => {
    let visit = visitOf([procedure], procedureRule(procedure).bothEnds ? [procedure] : []);
    for (let rest = planAt(visit)!; rest.steps.length > 0;) {
      const { step, end } = rest.steps[0]!;
      visit = { ...visit, steps: [...visit.steps, { step, end, outcome: 'done' }] };
      const next = planAt(visit);
      expect([step, next?.steps.length]).toEqual([step, rest.steps.length - 1]);
      rest = next!;
    }
  });

  it('the lever is tested as it came in, unless the brake is already taken apart', () => {
    expect(stepsOf(visitOf(['bleed-push-up']))[0]).toBe('sponge-test-before');
    const apart = upTo(visitOf(['change-pads']), 'new-pads-in');
    const found: Visit = { ...apart, chosen: visitOf(['change-pads', 'bleed-push-up']).chosen };
    expect(stepsOf(found)).not.toContain('sponge-test-before');
    expect(stepsOf(found)).toContain('sponge-test');
  });

  it('a ride counts no more when something was changed after it, and one left out stays left out', () => {
    const all = walked(visitOf(['align']));
    const more: Visit = { ...all, chosen: visitOf(['align', 'change-pads']).chosen };
    expect(stepsOf(more).filter((step) => step === 'careful-ride')).toHaveLength(1);
    const ride = upTo(visitOf(['align']), 'careful-ride');
    const without: Visit = {
      ...ride,
      steps: [...ride.steps, { step: 'careful-ride', end: 'front', outcome: 'skipped' }],
    };
    expect(stepsOf(without)).not.toContain('careful-ride');
    expect(planOpen(without, 'front')).toBe(false);
  });

  it('a lever’s number left out ahead of the bleed is asked for after it', () => {
    const visit = visitOf(['bleed-push-up']);
    const leftOut = { step: 'sponge-test', end: 'front', outcome: 'skipped' } as const;
    const early: Visit = { ...visit, steps: [leftOut] };
    expect(stepsOf(early)).not.toContain('sponge-test');
    const ready = upTo(early, 'push-up');
    expect(stepsOf(ready)).not.toContain('sponge-test');
    const bled: Visit = { ...ready, steps: [...ready.steps, done('push-up')] };
    expect(stepsOf(bled)).toContain('sponge-test');
    expect(stepsOf({ ...bled, steps: [...bled.steps, leftOut] })).not.toContain('sponge-test');
  });

  // Rule 8: bedding-in comes last, after a ride since the last change.
  it('nothing is bedded in on a ride from before the last change', () => {
    const ridden = upTo(visitOf(['change-pads']), 'bed-in');
    expect(beddingTooEarly(ridden, 'front')).toBe(false);
    expect(doFault(ridden, 'bed-in', 'front')).toBeNull();
    const more: Visit = { ...ridden, chosen: visitOf(['change-pads', 'align']).chosen };
    const again: Visit = {
      ...more,
      again: [{ end: 'front', procedure: 'align', after: more.steps.length }],
    };
    expect(beddingTooEarly(again, 'front')).toBe(true);
    const proven = upTo(again, 'careful-ride');
    expect(beddingTooEarly(proven, 'front')).toBe(true);
    expect(doFault(proven, 'bed-in', 'front')).toEqual({ code: 'needs', of: 'ridden' });
    const anew: Visit = { ...proven, steps: [...proven.steps, done('careful-ride')] };
    expect(beddingTooEarly(anew, 'front')).toBe(false);
    expect(doFault(anew, 'bed-in', 'front')).toBeNull();
  });

  // Rule 6: an opened joint gets a new olive, a cut hose a new barb as well.
  it('olive and barb are not on before it is written down where each came from', () => {
    const atBarb = upTo(visitOf(['shorten-hose']), 'new-barb');
    expect(doFault(atBarb, 'new-barb', 'front')).toEqual({ code: 'part-unrecorded', part: 'barb' });
    expect(doFault({ ...atBarb, parts }, 'new-barb', 'front')).toBeNull();
    expect(
      doFault({ ...atBarb, parts: [{ ...parts[1], end: 'rear' }] }, 'new-barb', 'front'),
    ).toMatchObject({ code: 'part-unrecorded' });
    const atSecond: Visit = { ...upTo(visitOf(['renew-hose-inside']), 'new-olive'), parts };
    // The one at the caliper's end is used; the lever's end takes another.
    expect(doFault(atSecond, 'new-olive', 'front')).toEqual({
      code: 'part-unrecorded',
      part: 'olive',
    });
    const two = [{ ...parts[0], pieces: 2 }, parts[1]];
    expect(doFault({ ...atSecond, parts: two }, 'new-olive', 'front')).toBeNull();
  });

  // Common practice: joined off the frame, drawn in, cut at the lever; the lever joined off the bar; tape last.
  it('a drop-bar frame with inside routes is joined off the frame and taped when it is proven', () => {
    const steps = stepsOf(visitOf(['renew-hose-inside', 'lever-off-bar']));
    const order = [
      'peel-tape',
      'caliper-off',
      'join-off-frame',
      'route-inside',
      'cut-hose',
      'lever-off-bar',
      'join-at-lever',
      'lever-on-bar',
      'push-up',
      'bearing-play',
      'hard-pull',
      'stand-test',
      'wrap-tape',
      'careful-ride',
    ] as const;
    const at = order.map((step) => steps.indexOf(step));
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect(at.every((place) => place >= 0)).toBe(true);
    const peeled = upTo(visitOf(['lever-off-bar']), 'wrap-tape');
    expect(skipFault(peeled, 'wrap-tape', 'front')).toEqual({ code: 'no-way' });
  });
});

// No lever that was opened is tried on the stand before its number: a plan that opens it asks for it on its way.
it.each(PROCEDURE_IDS)(
  '%s: what opens the system is followed by the lever’s number',
  (procedure) => {
    for (const brake of BRAKE_KINDS) {
      if (!suitsBrake(procedure, brake.actuation)) continue;
      const both = procedureRule(procedure).bothEnds;
      const plan = planAt({
        chosen: {
          procedures: { front: [procedure], rear: both ? [procedure] : [] },
          bleed: { front: 'gravity-down', rear: 'push-up', third: 'push-up' },
          brakes: { front: brake, rear: brake, third: brake },
        },
        steps: [],
        again: [],
        parts: [],
      })!;
      const steps = plan.steps.filter(({ end }) => end === 'front').map(({ step }) => step);
      const made = procedureRule(procedure).makes ?? brake.actuation;
      const opened = steps.findLastIndex(
        (step) =>
          step !== 'wash-hands' && stepRule(step).touches.some((touch) => SYSTEM.includes(touch)),
      );
      const proven = steps.findLastIndex(
        (step) => step !== 'wash-hands' && stepRule(step).numbers.includes('lever'),
      );
      if (opened >= 0 && made !== 'cable')
        expect([brake.actuation, proven > opened]).toEqual([brake.actuation, true]);
    }
  },
);

import { SHEET, Visit } from '../adversary/visit';
import { CUT_OFF_LAPSES } from '../evidence/lapse';
import type { Touch } from '../evidence/touch';
import { TOLD_WORKS, workRule, type Work } from '../inspection/work';
import { ACTUATIONS, type Actuation } from '../kit/actuation';
import { MEASURANDS } from '../measurand/measurand';
import { measurandRule } from '../measurand/measurands';
import { proceduresFor } from '../plan/recommended';
import { planAt } from '../plan/visit';
import { mayBeAbsent } from '../job/ticked';
import { checksAt, visitOf } from '../job/visit';
import type { Check, CheckedBrake } from './checks';
import { checksFor, type Ticked, type Worked } from './finalCheck';
import { fastenersOf, type Hold } from './hold';
import { stepRule, type StepId } from './steps';

const brake: CheckedBrake = {
  actuation: 'hydraulic',
  mount: 'post',
  hold: 'six-bolt',
  banjo: false,
  axle: false,
  motor: false,
};
const at = (seq: number, step: StepId): Worked[] => {
  const { ticks } = stepRule(step);
  return ticks ? [{ seq, ticks }] : [];
};
const done = (...steps: StepId[]): Worked[] => steps.flatMap((step, i) => at(i + 1, step));
const open = (steps: Worked[], of: Partial<CheckedBrake> = {}) =>
  checksFor({ ...brake, ...of }, steps, [], 0).map(({ check }) => check);

const tick = (seq: number, outcome: Ticked['outcome'] = 'passed', words = ''): Ticked => ({
  seq,
  check: 'pad-spring',
  outcome,
  words,
});
const stands = (steps: Worked[], ...ticked: Ticked[]) =>
  checksFor(brake, steps, ticked, 0).find(({ check }) => check === 'pad-spring')!.stands;

// Common practice: every safety bolt by name, and the caps and clips of what was opened.
describe('the final check by name', () => {
  it('asks nothing of an end nobody worked on', () => {
    expect(open([])).toEqual([]);
    expect(open(done('stand-test', 'careful-ride'))).toEqual([]);
  });

  it('asks for the bolts this brake has, and for no others', () => {
    const steps = done('wheel-out');
    expect(open(steps)).toEqual([
      'axle-seated',
      'rotor-bolts',
      'caliper-bolts',
      'no-drag',
      'lever-clamp',
    ]);
    expect(open(done('wheel-in'), { motor: true })).toContain('sensor-gap');
    expect(open(steps, { hold: 'lockring' })).toContain('rotor-lockring');
    expect(open(steps, { mount: 'is' })).toContain('adapter-bolts');
    for (const mount of ['post', 'flat'] as const)
      expect(open(done('adapter-on'), { mount })).toContain('adapter-bolts');
    expect(open(steps, { actuation: 'cable' })).toContain('pinch-bolt');
  });

  it('asks for caps and clips where something was opened', () => {
    expect(open(done('pads-out', 'new-pads-in'))).toEqual(
      expect.arrayContaining(['pad-pin-clip', 'pad-spring']),
    );
    expect(open(done('bleed-kit-on', 'push-up', 'bleed-kit-off'))).toEqual(
      expect.arrayContaining(['port-screw-o-ring', 'nipple-shut-cap', 'lever-hood']),
    );
    expect(open(done('caliper-loosen'), { mount: 'flat' })).toContain('safety-clip');
    expect(open(done('throttle-back'))).not.toContain('throttle-springs-back');
    expect(open(done('throttle-back'), { motor: true })).toContain('throttle-springs-back');
  });

  it('asks for what a new or rebuilt lever and caliper have to be shut with', () => {
    for (const step of ['new-lever-on', 'rebuild-lever'] as const)
      expect(open(done(step))).toEqual(expect.arrayContaining(['port-screw-o-ring', 'lever-hood']));
    for (const step of ['new-caliper-on', 'rebuild-caliper'] as const)
      expect(open(done(step))).toContain('nipple-shut-cap');
    expect(open(done('cup-on-caliper'), { actuation: 'cable-pulled-hydraulic' })).toEqual(
      expect.arrayContaining(['port-screw-o-ring', 'nipple-shut-cap']),
    );
  });

  // Common practice [P]: a lever does not come off a bar that has a throttle without it.
  it('asks whether the throttle springs back wherever a lever came off, or was told to have', () => {
    const motor = { motor: true };
    for (const step of ['strip-brake', 'lever-off-bar', 'new-lever-on'] as const) {
      expect(open(done(step), motor)).toContain('throttle-springs-back');
      expect(open(done(step))).not.toContain('throttle-springs-back');
    }
    expect(open(done('new-cable-lever-on'), { ...motor, actuation: 'cable' })).toContain(
      'throttle-springs-back',
    );
    for (const work of ['replace-lever', 'reseal-lever'] as const)
      expect(workRule(work).ticks).toContain('throttle-springs-back');
  });

  it('asks for the way of a hose that was laid anew, whoever laid it, and whether the bar still turns', () => {
    const way = ['hose-guides', 'bar-turns-free'];
    for (const step of ['reroute-hose', 'hose-over', 'route-new-hose', 'new-housing'] as const)
      expect(open(done(step))).toEqual(expect.arrayContaining(way));
  });

  it('asks a caliper that comes filled for its nipple and cap, and no cable for either', () => {
    const filled = done('new-cable-caliper-on');
    expect(open(filled, { actuation: 'cable-pulled-hydraulic' })).toContain('nipple-shut-cap');
    expect(open(filled, { actuation: 'cable' })).not.toContain('nipple-shut-cap');
  });

  it('a tick counts only when it is later than what touched the thing', () => {
    const steps = done('pads-out', 'new-pads-in');
    expect(stands(steps, tick(2))).toBe('open');
    expect(stands(steps, tick(3))).toBe('passed');
    expect(stands(steps, tick(3, 'failed'))).toBe('failed');
  });

  it('one that failed is answered by words on what was done, or by work and another tick', () => {
    const steps = done('pads-out', 'new-pads-in');
    expect(stands(steps, tick(3, 'failed'), tick(4))).toBe('failed');
    expect(stands(steps, tick(3, 'failed'), tick(4, 'passed', 'Spring turned'))).toBe('passed');
    const again = [...steps, ...at(5, 'new-pads-in')];
    expect(stands(again, tick(3, 'failed'))).toBe('open');
    expect(stands(again, tick(3, 'failed'), tick(6))).toBe('passed');
  });

  // Our design (E4): a bike that was away comes back as one that comes in.
  it('what was in order before the bike was away is ticked anew; what was not in order stays so', () => {
    const steps = done('pads-out', 'new-pads-in');
    const after = (away: number, ...ticked: Ticked[]) =>
      checksFor(brake, steps, ticked, away).find(({ check }) => check === 'pad-spring')!.stands;
    expect(after(0, tick(5))).toBe('passed');
    expect(after(6, tick(5))).toBe('open');
    expect(after(6, tick(5), tick(7))).toBe('passed');
    expect(after(6, tick(5, 'failed'))).toBe('failed');
    expect(after(6, tick(5, 'failed'), tick(7))).toBe('failed');
  });

  it('proving the brake afterwards takes no tick back', () => {
    const steps = [...done('pads-out', 'new-pads-in'), ...at(9, 'stand-test')];
    expect(
      checksFor(brake, steps, [{ ...tick(5), check: 'no-drag' }], 0).find(
        ({ check }) => check === 'no-drag',
      )!.stands,
    ).toBe('passed');
  });

  it('a clip this brake was made without is said with the reason; a bolt never is', () => {
    const visit = new Visit().identify();
    visit.fit();
    visit.plan('change-pads');
    for (const step of ['wheel-out', 'pads-out'] as const) visit.step(step);
    const tick = (check: Check, words: string) =>
      visit.send('ticked', { end: 'front', check, outcome: 'not-fitted', words });
    expect(tick('caliper-bolts', 'None')).toMatchObject({ code: 'always-fitted' });
    expect(tick('pad-pin-clip', '')).toMatchObject({ code: 'say-why-none' });
    expect(tick('pad-pin-clip', 'Screwed pin')).toBeNull();
    expect(checksAt(visit.job, 'front')).toContainEqual({
      check: 'pad-pin-clip',
      stands: 'passed',
    });
  });

  it('a throttle that was put back is there, whoever says that the bike has none', () => {
    const { job } = new Visit().identify();
    const done = (step: StepId) => ({
      ...job,
      stepped: [
        {
          id: step,
          at: '',
          by: '',
          seq: 9,
          end: 'front' as const,
          step,
          outcome: 'done' as const,
          reason: '',
          after: null,
        },
      ],
    });
    const none = (step: StepId) => mayBeAbsent(done(step), 'front', 'throttle-springs-back');
    expect([none('strip-brake'), none('lever-off-bar'), none('throttle-back')]).toEqual([
      true,
      true,
      false,
    ]);
  });

  it('work that is told in words asks for what it opened, as its steps would', () => {
    const visit = new Visit().identify();
    visit.fit();
    visit.repair('replace-hose');
    const asked = checksAt(visit.job, 'front').map(({ check }) => check);
    expect(asked).toEqual(
      expect.arrayContaining(['hose-joint-dry', 'hose-guides', 'bar-turns-free', 'lever-hood']),
    );
  });

  /** What a plan that does a work goes through. */
  const planFor = (work: Work, actuation: Actuation) => {
    const body = actuation === 'cable' ? { ...SHEET, fluid: null } : SHEET;
    const made = { ...SHEET.brake, actuation, mount: 'flat' } as const;
    const visit = Visit.with({ bike: { ...new Visit().base.bike, motor: true } });
    visit.identify({ ...body, brake: made });
    visit.plan(...proceduresFor([work], actuation, 'push-up'));
    return planAt(visitOf(visit.job))!.steps.flatMap(({ step }) =>
      step === 'wash-hands' ? [] : [step],
    );
  };

  it.each(
    TOLD_WORKS.flatMap((work) => ACTUATIONS.map((actuation) => ({ work, actuation }))).filter(
      ({ work, actuation }) => !(actuation in workRule(work).instead),
    ),
  )(
    '$work told of a $actuation brake asks for, loosens and lapses no less than its plan',
    ({ work, actuation }) => {
      const of: CheckedBrake = { ...brake, mount: 'flat', motor: true, actuation, axle: true };
      const steps = planFor(work, actuation);
      const { ticks, loosens, touches } = workRule(work);
      const told = checksFor(of, [{ seq: 1, ticks }], [], 0).map(({ check }) => check);
      expect(told).toEqual(expect.arrayContaining(open(done(...steps), of)));
      const held = (holds: readonly Hold[]) => holds.flatMap((hold) => fastenersOf(hold, of));
      // That a clamp was slackened to lay a lever level is ticked with every bolt, and told of no bleed.
      const loose = steps.flatMap((step) =>
        stepRule(step).loosens.filter((each) => each !== 'lever'),
      );
      expect(held(loosens)).toEqual(expect.arrayContaining(held(loose)));
      const lapses = (touched: readonly Touch[]) =>
        [...MEASURANDS.map((each) => measurandRule(each).lapses), CUT_OFF_LAPSES].map((list) =>
          list.some((touch) => touched.includes(touch)),
        );
      // The plan that puts a spring or a clip on changes the pads with it; told, it is that alone.
      const touched = steps.flatMap((step) => stepRule(step).touches);
      const planned = lapses(work === 'fit-spring-or-clip' ? [] : touched);
      const toldLapses = lapses(touches);
      expect(planned.filter((lapsed, i) => lapsed && !toldLapses[i])).toEqual([]);
    },
  );
});

import { checksFor, type CheckedBrake, type DoneAt } from './finalCheck';
import type { StepId } from './steps';

const brake: CheckedBrake = {
  actuation: 'hydraulic',
  mount: 'post',
  hold: 'six-bolt',
  banjo: false,
  motor: false,
};
const done = (...steps: StepId[]): DoneAt[] => steps.map((step, i) => ({ seq: i + 1, step }));
const open = (steps: DoneAt[], of: Partial<CheckedBrake> = {}) =>
  checksFor({ ...brake, ...of }, steps, []).map(({ check }) => check);

// Common practice: every safety bolt by name, and the caps and clips of what was opened.
describe('the final check by name', () => {
  it('asks nothing of an end nobody worked on', () => {
    expect(open([])).toEqual([]);
    expect(open(done('stand-test', 'careful-ride'))).toEqual([]);
  });

  it('asks for the bolts this brake has, and for no others', () => {
    const steps = done('wheel-out');
    expect(open(steps)).toEqual(['caliper-bolts', 'rotor-bolts', 'lever-clamp', 'no-drag']);
    expect(open(steps, { hold: 'lockring' })).toContain('rotor-lockring');
    expect(open(steps, { mount: 'is' })).toContain('adapter-bolts');
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

  it('a tick counts only when it is later than what touched the thing', () => {
    const steps = done('pads-out', 'new-pads-in');
    const stands = (seq: number, passed = true) =>
      checksFor(brake, steps, [{ seq, check: 'pad-spring', passed }]).find(
        ({ check }) => check === 'pad-spring',
      )!.stands;
    expect(stands(2)).toBe('open');
    expect(stands(3)).toBe('passed');
    expect(stands(3, false)).toBe('failed');
  });

  it('proving the brake afterwards takes no tick back', () => {
    const steps = [...done('pads-out', 'new-pads-in'), { seq: 9, step: 'stand-test' as const }];
    expect(
      checksFor(brake, steps, [{ seq: 5, check: 'no-drag', passed: true }]).find(
        ({ check }) => check === 'no-drag',
      )!.stands,
    ).toBe('passed');
  });
});

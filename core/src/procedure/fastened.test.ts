import { fastenedBy } from './fastened';
import { fastenersOf, type FastenedBrake } from './hold';

const brake: FastenedBrake = {
  actuation: 'hydraulic',
  mount: 'post',
  hold: 'six-bolt',
  banjo: false,
};

// Common practice: which fasteners hold what, by how a brake is made.
describe('what a step of the plan brings to its torque', () => {
  it('is named by the brake', () => {
    expect(fastenedBy('torque-caliper', brake)).toBe('caliper-post');
    expect(fastenedBy('torque-caliper', { ...brake, mount: 'flat' })).toBe('caliper-flat');
    expect(fastenedBy('torque-rotor', { ...brake, hold: 'lockring' })).toBe('rotor-lockring');
    expect(fastenedBy('join-at-caliper', brake)).toBe('hose-nut-caliper');
    expect(fastenedBy('join-at-caliper', { ...brake, banjo: true })).toBe('banjo-bolt');
    expect(fastenedBy('pads-out', brake)).toBeNull();
  });
});

describe('what holds a thing', () => {
  it('is nothing where the brake has no such thing', () => {
    expect(fastenersOf('mount', brake)).toEqual([]);
    expect(fastenersOf('mount', { ...brake, mount: 'is' })).toEqual(['adapter-is']);
    expect(fastenersOf('cable', brake)).toEqual([]);
    const cable = { ...brake, actuation: 'cable' } as const;
    expect(fastenersOf('cable', cable)).toEqual(['pinch-bolt']);
    expect(fastenersOf('hose-at-lever', cable)).toEqual([]);
    expect(fastenersOf('hose-at-caliper', cable)).toEqual([]);
  });
});

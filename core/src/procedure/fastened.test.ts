import { fastenedBy } from './fastened';
import { fastenersOf, type FastenedBrake } from './hold';

const brake: FastenedBrake = {
  actuation: 'hydraulic',
  mount: 'post',
  hold: 'six-bolt',
  banjo: false,
  axle: false,
};

// Common practice: which fasteners hold what, by how a brake is made.
describe('what a step of the plan brings to its torque', () => {
  it('is named by the brake', () => {
    expect(fastenedBy('torque-caliper', brake)).toEqual(['caliper-post']);
    expect(fastenedBy('torque-caliper', { ...brake, mount: 'flat' })).toEqual(['caliper-flat']);
    expect(fastenedBy('torque-rotor', { ...brake, hold: 'lockring' })).toEqual(['rotor-lockring']);
    expect(fastenedBy('join-at-caliper', brake)).toEqual(['hose-nut-caliper']);
    expect(fastenedBy('join-at-caliper', { ...brake, banjo: true })).toEqual(['banjo-bolt']);
    expect(fastenedBy('pads-out', brake)).toEqual([]);
    expect(fastenedBy('retorque-bolts', { ...brake, mount: 'is' })).toEqual([
      'adapter-is',
      'rotor-bolts',
    ]);
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

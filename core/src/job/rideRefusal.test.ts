import { identified, Visit } from '../adversary/visit';
import { rideRefusal } from './rideRefusal';
import { pullRefusal } from './beddingPull';

const pull = (visit: Visit) =>
  visit.send('bedding-pull', { end: 'front', fromKmh: 25, toKmh: 5 })?.facts ?? null;

// The order of rule 8, chapter 7 of the handbook: torque, then the stand test, then any ride; common practice.
describe('a bike is ridden by the shop', () => {
  it('as it came, where nothing was done', () => {
    expect(rideRefusal(identified().job)).toBeNull();
  });

  it('once what was put on is at its torque and was tried on the stand after that', () => {
    const visit = identified();
    visit.fit();
    const open = { code: 'bolt-open', end: 'front', fastener: 'rotor-bolts' } as const;
    expect(rideRefusal(visit.job)).toEqual(open);
    visit.test('stand');
    expect(rideRefusal(visit.job)).toEqual(open);
    visit.tighten('rotor-bolts');
    expect(rideRefusal(visit.job)).toEqual({ code: 'stand-untested', end: 'front' });
    expect(pull(visit)).toEqual({ code: 'stand-untested', end: 'front' });
    visit.test('stand');
    expect(rideRefusal(visit.job)).toBeNull();
    expect(pull(visit)).toBeNull();
  });

  it('with neither brake open, whichever is bedded in', () => {
    const visit = identified();
    visit.identify(undefined, { end: 'rear' });
    visit.fit({ end: 'rear' });
    expect(pull(visit)).toMatchObject({ code: 'bolt-open', end: 'rear' });
  });

  it('never after it touched on the stand, till that is answered', () => {
    const visit = identified().test('stand', 'failed');
    expect(pull(visit)).toEqual({ code: 'stand-untested', end: 'front' });
    visit.test('stand');
    expect(pull(visit)).toEqual({ code: 'stand-untested', end: 'front' });
    visit.test('stand', 'passed', 'Bent the splash guard away');
    expect(pull(visit)).toBeNull();
  });

  it('with a number of every lever whose system was opened', () => {
    const visit = identified().repair('full-bleed').test('stand');
    expect(pull(visit)).toEqual({ code: 'lever-untested', end: 'front' });
    visit.lever().test('stand');
    expect(pull(visit)).toBeNull();
  });

  it('with each lever seen to cut the motor', () => {
    const motor = Visit.with({ bike: { ...identified().job.bike, motor: true } }).identify();
    expect(pull(motor)).toMatchObject({ code: 'cut-off-untested' });
    expect(pull(motor.cutOffs())).toBeNull();
  });

  it('never under a do-not-ride, nor where its customer does not want it', () => {
    const cracked = identified();
    cracked.look('rotor', ['crack']);
    expect(pull(cracked)).toEqual({ code: 'do-not-ride' });
    const not = Visit.with({ mayRide: false }).identify();
    expect(pull(not)).toEqual({ code: 'may-not-ride' });
  });

  it('is bedded in after a ride with care, where work is planned', () => {
    const visit = identified();
    visit.plan('change-pads');
    expect(rideRefusal(visit.job)).toBeNull();
    expect(pullRefusal(visit.job, 'front')).toEqual({ code: 'rule', rule: 8 });
  });
});

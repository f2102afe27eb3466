import { identified, SHEET, type Visit } from '../adversary/visit';
import { openFasteners } from '../evidence/fastenings';
import { planAt } from '../plan/visit';
import type { StepId } from '../procedure/steps';
import { doRefusal } from './planStep';
import { visitOf } from './visit';

/** Does the next steps of a plan up to one of them; what asks for a number is left out. */
function upTo(visit: Visit, until: StepId): Visit {
  for (;;) {
    const { step, end } = planAt(visitOf(visit.job))!.steps[0]!;
    if (step === until) return visit;
    if (visit.step(step, 'done', end)) expect(visit.step(step, 'skipped', end)).toBeNull();
  }
}

// What asks for a number is done by it, taken after the work; common practice. Of a torque as of any other.
describe('a step that brings something to its torque', () => {
  const OPEN = { code: 'bolt-open', end: 'front', fastener: 'caliper-post' };

  it('is done by that torque, through every pass and after it was loosened', () => {
    const visit = identified().tighten('caliper-post');
    visit.plan('align');
    upTo(visit, 'torque-caliper');
    const why = () => doRefusal(visit.job, 'torque-caliper', 'front');
    expect(why()).toEqual(OPEN);
    visit.begin('caliper-post');
    visit.turn(['snug', 'half']);
    expect(why()).toEqual(OPEN);
    visit.turn(['full', 'verify']);
    expect(why()).toBeNull();
    visit.repair('centre-caliper');
    expect(why()).toEqual(OPEN);
  });

  const row = SHEET.torque[0]!;
  const window = { loNm: 4, hiNm: 8, namedNm: null, origin: 'sheet', tag: null } as const;
  const axle = { ...row, fastener: 'axle', boltCount: 1, window } as const;
  const withAxle = () => identified().identify({ ...SHEET, torque: [...SHEET.torque, axle] });

  it('is the wheel’s too, each time it goes in, where the sheet gives its axle a torque', () => {
    const visit = withAxle();
    const tight = () => visit.tighten('axle', { treatment: row.thread });
    const open = () => openFasteners(visit.job, 'front').map(({ fastener }) => fastener);
    visit.plan('change-pads');
    upTo(tight(), 'wheel-in');
    expect(open()).toContain('axle');
    expect(doRefusal(visit.job, 'wheel-in', 'front')).toMatchObject({ fastener: 'axle' });
    tight();
    expect(open()).not.toContain('axle');
    expect(doRefusal(visit.job, 'wheel-in', 'front')).toBeNull();
    // A rotor comes off a wheel that is out.
    visit.fit();
    expect(open()).toEqual(expect.arrayContaining(['axle', 'rotor-bolts']));
  });

  it('that it slackened itself is proven after it, and before the stand test', () => {
    const visit = withAxle().tighten('axle', { treatment: row.thread });
    visit.plan('seat-axle');
    upTo(visit, 'seat-axle');
    expect(doRefusal(visit.job, 'seat-axle', 'front')).toBeNull();
    upTo(visit, 'stand-test');
    const stand = () => doRefusal(visit.job, 'stand-test', 'front');
    expect(stand()).toEqual({ code: 'bolt-open', end: 'front', fastener: 'axle' });
    visit.tighten('axle', { treatment: row.thread });
    expect(stand()).toBeNull();
  });
});

it('a brake is tried on the stand with no bolt of it loose', () => {
  const visit = identified();
  visit.plan('final-check');
  upTo(visit, 'stand-test');
  const stand = () => doRefusal(visit.job, 'stand-test', 'front');
  expect(stand()).toBeNull();
  visit.fit({ end: 'rear' });
  expect(stand()).toBeNull();
  visit.fit();
  expect(stand()).toEqual({ code: 'bolt-open', end: 'front', fastener: 'rotor-bolts' });
  visit.tighten('rotor-bolts');
  expect(stand()).toBeNull();
});

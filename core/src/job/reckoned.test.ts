import { identified, SHEET, Visit } from '../adversary/visit';
import { hoseAt, leversToEven, type Reckoned } from './reckoned';
import { doRefusal } from './planStep';
import type { ProcedureId } from '../procedure/procedures';
import type { StepId } from '../procedure/steps';

const FIT: Extract<Reckoned, { of: 'fit' }> = {
  of: 'fit',
  mount: 'post',
  nativeMm: 160,
  smallestMm: null,
  largestMm: 203,
  caliper: { face: 'post', pistons: 2 },
  hub: 'six-bolt',
  rotor: { sizeMm: 203, hold: 'six-bolt', construction: 'one-piece' },
};
const OVER = { ...FIT, largestMm: 180 };
const RUN = {
  guide: { x: 60, y: 0, towardDeg: 90 },
  port: { x: 80, y: 260, towardDeg: 100 },
  heightMm: 120,
  bendMm: 30,
  swingDeg: 90,
  growthMm: 0,
};
const hose = (presentMm: number): Reckoned => ({ of: 'hose', run: RUN, presentMm, then: 'cut' });
const pulls = (leverPull: 'long' | 'short', caliperPull: 'long' | 'short'): Reckoned => ({
  of: 'cable',
  leverPull,
  caliperPull,
  fixedGapMm: null,
  armMm: null,
});

const send = (visit: Visit, what: Reckoned, byLead = false) =>
  visit.send('reckoned', { end: 'front', what }, { byLead });
const planned = (procedure: ProcedureId, visit = identified()) => {
  visit.plan(procedure);
  return visit;
};
/** Does what the plan asks first until a step's turn has come, and says why it may not be done then. */
const whyNot = (visit: Visit, step: StepId, before: readonly StepId[]) => {
  for (const each of before) visit.step(each);
  return doRefusal(visit.job, step, 'front');
};

describe('a larger rotor', () => {
  const begun = ['wheel-out', 'caliper-off'] as const;

  it('is not begun before it was checked that it fits, and not where it does not', () => {
    const visit = planned('go-up-a-size');
    expect(whyNot(visit, 'adapter-on', begun)).toMatchObject({ code: 'fit-unchecked' });
    expect(whyNot(visit, 'rotor-off', [])).toMatchObject({ code: 'fit-unchecked' });
    send(visit, OVER);
    expect(whyNot(visit, 'adapter-on', [])).toMatchObject({ code: 'fit-refused' });
  });

  it('is begun where it fits; a change of rotor at the same size asks for no check', () => {
    const visit = planned('go-up-a-size');
    send(visit, FIT);
    // Its own torque is all it waits for.
    expect(whyNot(visit, 'adapter-on', begun)).toMatchObject({ code: 'bolt-open' });
    expect(whyNot(planned('change-rotor'), 'rotor-off', ['wheel-out'])).toBeNull();
  });

  it('is neither begun nor signed while nobody knows the largest that is allowed', () => {
    const visit = planned('go-up-a-size');
    send(visit, { ...FIT, largestMm: null });
    expect(whyNot(visit, 'adapter-on', begun)).toEqual({
      code: 'largest-unknown',
      end: 'front',
      axle: 'front',
    });
    // A digit too many would allow whatever is bought.
    expect(send(visit, { ...FIT, largestMm: 2030 })).toMatchObject({
      field: 'what.largest',
      code: 'out-of-range',
    });
    visit.fit();
    expect(visit.bars).toContainEqual({ code: 'reckoned-against', end: 'front', of: 'fit' });
    // The maker's number answers it; a rotor that goes on with no adapter asks for none.
    expect(send(visit, FIT)).toBeNull();
    expect(visit.barred).not.toContain('reckoned-against');
    const native = planned('go-up-a-size');
    send(native, { ...FIT, largestMm: null, rotor: { ...FIT.rotor, sizeMm: 160 } });
    expect(whyNot(native, 'adapter-on', begun)).toMatchObject({ code: 'bolt-open' });
  });

  it('does not come to fit by leaving out or raising what fork or frame allow: that takes a lead', () => {
    const visit = identified();
    send(visit, OVER);
    for (const largestMm of [null, 203])
      expect(send(visit, { ...FIT, largestMm })).toMatchObject({
        field: 'what.largestMm',
        code: 'lead-only',
      });
    expect(send(visit, { ...FIT, largestMm: 203 }, true)).toBeNull();
    // A check is corrected, and never unsaid.
    expect(visit.send('taken-back', { of: visit.last })).toMatchObject({ code: 'failed-check' });
  });

  it('that was put on all the same bars the sign-off', () => {
    const visit = identified();
    send(visit, OVER);
    expect(visit.barred).not.toContain('reckoned-against');
    visit.fit();
    expect(visit.bars).toContainEqual({ code: 'reckoned-against', end: 'front', of: 'fit' });
    // That it never was on says nothing of the one that is: the check is made of that.
    expect(visit.send('taken-back', { of: visit.job.fittings.at(-1)!.id })).toBeNull();
    expect(visit.bars).toContainEqual({ code: 'reckoned-against', end: 'front', of: 'fit' });
    send(visit, FIT, true);
    expect(visit.barred).not.toContain('reckoned-against');
  });
});

// Handbook value: 362.1 mm at 90 degrees, and 20 of allowances.
describe('a hose', () => {
  it('that is too short is not cut, and bars until another is routed', () => {
    const visit = planned('shorten-hose');
    send(visit, hose(380));
    expect(hoseAt(visit.job, 'front')).toMatchObject({ code: 'too-short' });
    expect(doRefusal(visit.job, 'cut-hose', 'front')).not.toBeNull();
    expect(visit.bars).toContainEqual({ code: 'reckoned-against', end: 'front', of: 'hose' });
    expect(send(visit, hose(400))).toMatchObject({ field: 'what.presentMm', code: 'lead-only' });
    visit.repair('replace-hose');
    expect(visit.barred).not.toContain('reckoned-against');
    expect(send(visit, hose(400))).toBeNull();
  });

  it('that is too short stays so when it is only routed another way', () => {
    const visit = identified();
    send(visit, hose(380));
    visit.repair('reroute-hose');
    visit.repair('shorten-hose');
    expect(visit.bars).toContainEqual({ code: 'reckoned-against', end: 'front', of: 'hose' });
    expect(send(visit, hose(400))).toMatchObject({ code: 'lead-only' });
  });

  it('is refused by the field where it cannot be', () => {
    const here = { ...RUN, port: { ...RUN.port, x: 60, y: 0 } };
    expect(
      send(identified(), { of: 'hose', run: here, presentMm: 400, then: 'cut' }),
    ).toMatchObject({ field: 'what.port', code: 'same-spot' });
    expect(send(identified(), hose(0))).toMatchObject({ field: 'what.present' });
  });
});

describe('both levers', () => {
  const levers = (right: number, biased: readonly 'reach'[] = [], why = ''): Reckoned => ({
    of: 'levers',
    left: { reach: 70 },
    right: { reach: right },
    biased: [...biased],
    why,
  });

  it('keep their set-up open while they sit apart, unless the rider asked and somebody wrote why', () => {
    const visit = planned('set-levers');
    send(visit, levers(75));
    expect(leversToEven(visit.job, 'front')).toEqual(['reach']);
    expect(whyNot(visit, 'set-levers', ['lever-loosen'])).toEqual({
      code: 'levers-apart',
      measures: ['reach'],
    });
    expect(send(visit, levers(75, ['reach']))).toMatchObject({
      field: 'what.why',
      code: 'empty',
    });
    // Written down again with nothing measured: no answer.
    send(visit, { of: 'levers', left: {}, right: { reach: 70 }, biased: [], why: '' });
    expect(leversToEven(visit.job, 'front')).toEqual(['reach']);
    send(visit, levers(75, ['reach'], 'A short finger'));
    expect(doRefusal(visit.job, 'set-levers', 'front')).toBeNull();
  });
});

describe('lever and caliper of a cable brake', () => {
  const cable = () => {
    const visit = Visit.with({});
    visit.identify({ ...SHEET, brake: { ...SHEET.brake, actuation: 'cable', sides: 'one-sided' } });
    return visit;
  };
  const off = ['wheel-out', 'pads-out', 'caliper-off', 'cable-out'] as const;

  it('are known to match before a new one goes on, and never go on where they do not', () => {
    const visit = planned('change-caliper', cable());
    expect(whyNot(visit, 'new-cable-caliper-on', off)).toMatchObject({ code: 'pull-unknown' });
    send(visit, pulls('long', 'short'));
    expect(whyNot(visit, 'new-cable-caliper-on', [])).toMatchObject({ code: 'pull-mismatch' });
    expect(visit.bars).toContainEqual({ code: 'reckoned-against', end: 'front', of: 'cable' });
    expect(send(visit, pulls('long', 'long'))).toMatchObject({ code: 'lead-only' });
    send(visit, pulls('long', 'long'), true);
    expect(whyNot(visit, 'new-cable-caliper-on', [])).toBeNull();
  });

  it('a fixed pad is set by its gap, measured, and one that touches is none', () => {
    const gapAt = (fixedGapMm: number | null): Reckoned => ({
      of: 'cable',
      leverPull: null,
      caliperPull: null,
      fixedGapMm,
      armMm: 22,
    });
    const visit = planned('set-up-cable', cable());
    expect(doRefusal(visit.job, 'fixed-pad-gap', 'front')).toMatchObject({
      code: 'gap-unmeasured',
    });
    send(visit, gapAt(0));
    expect(doRefusal(visit.job, 'fixed-pad-gap', 'front')).toMatchObject({
      code: 'gap-unmeasured',
    });
    send(visit, gapAt(0.15));
    expect(doRefusal(visit.job, 'fixed-pad-gap', 'front')).toBeNull();
    // What moves the pads makes the gap another one.
    visit.repair('centre-caliper');
    expect(doRefusal(visit.job, 'fixed-pad-gap', 'front')).toMatchObject({
      code: 'gap-unmeasured',
    });
  });
});

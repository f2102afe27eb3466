import { identified, SHEET, Visit } from '../adversary/visit';
import { recommendedAt } from '../job/recommended';
import { ranking, unexplained, without } from './engine';
import { causesFound, evidenceAt, tableAt } from './evidence';

const known = (visit: Visit) => evidenceAt(visit.job, 'front');

describe('what is known of a complaint', () => {
  it('is what the rider named, and nothing of what they did not', () => {
    expect(known(identified({ symptoms: ['squeal', 'weak'] }))).toEqual({
      squeal: true,
      weak: true,
    });
  });

  it('enters by itself from what was measured and looked over', () => {
    const visit = identified({ symptoms: ['spongy'] })
      .lever(40, 40)
      .pads(3.9);
    visit.look('pads', ['pads-glazed']);
    visit.look('caliper');
    expect(known(visit)).toMatchObject({
      spongy: true,
      'soft-after-bite': true,
      'pads-thin': false,
      'pads-shiny': true,
      'oil-on-wipe': false,
      'grit-seen': false,
      'piston-lags': false,
    });
    expect(known(visit)).not.toHaveProperty('fluid-odd');
  });

  it('is not said by a measurement that the work since has overtaken', () => {
    const visit = identified().gaps(0.05);
    visit.runout(0.3);
    expect(known(visit)).toHaveProperty('runout', true);
    visit.repair('true-rotor');
    expect(known(visit)).not.toHaveProperty('runout');
  });

  it('is told where nothing else shows it, and only there', () => {
    const visit = identified();
    visit.send('sign', { end: 'front', sign: 'pad-plays', seen: true });
    expect(known(visit)).toEqual({ 'pad-plays': true });
    visit.send('sign', { end: 'front', sign: 'pad-plays', seen: false });
    expect(known(visit)).toEqual({ 'pad-plays': false });
    expect(evidenceAt(visit.job, 'rear')).toEqual({});
  });

  it('names no leak on a brake without fluid, and no cable on one without', () => {
    const cable = Visit.with({}).identify({
      ...SHEET,
      brake: { ...SHEET.brake, actuation: 'cable', sides: 'one-sided' },
    });
    const chance = (visit: Visit, cause: 'leak' | 'cable') =>
      ranking({}, tableAt(visit.job, 'front')).find((each) => each.cause === cause)!.chance;
    expect(chance(cable, 'leak')).toBeLessThan(1e-6);
    expect(chance(cable, 'cable')).toBeGreaterThan(0.01);
    expect(chance(identified(), 'cable')).toBeLessThan(1e-6);
  });
});

describe('a cause that was found', () => {
  it('flows into what the plan is first offered, and what it leaves unexplained is asked again', () => {
    const visit = identified({ symptoms: ['lever-to-bar', 'spongy'] }).pads(1.0);
    visit.send('cause', { end: 'front', cause: 'glazed' });
    expect(causesFound(visit.job, 'front')).toEqual(['glazed']);
    expect(recommendedAt(visit.job, 'front', 'push-up')).toContain('clean-pads-and-rotor');
    visit.send('taken-back', { of: visit.last });
    visit.send('cause', { end: 'front', cause: 'worn-pads' });
    const table = tableAt(visit.job, 'front');
    const left = unexplained(known(visit), ['worn-pads'], table);
    expect(left).toEqual({ spongy: true });
    expect(ranking(left, without(['worn-pads'], table))[0]!.cause).toBe('air');
  });

  it('that takes the bike off the road is written down as it was found, where it bars', () => {
    for (const cause of ['leak', 'wrong-fluid', 'loose-rotor', 'loose-bolts'] as const)
      expect(identified().send('cause', { end: 'front', cause })).toMatchObject({
        field: 'cause',
        code: 'by-what-was-found',
      });
  });

  it('bars nothing and lifts nothing', () => {
    const visit = identified().lever(27, 30);
    const { barred } = visit;
    visit.send('cause', { end: 'front', cause: 'air' });
    visit.send('sign', { end: 'front', sign: 'parts-new', seen: true });
    expect(visit.barred).toEqual(barred);
  });
});

import { GAUGES, identified } from '../adversary/visit';
import { checkAskedFor } from './follow';

const asked = (visit: ReturnType<typeof identified>, end: 'front' | 'rear' = 'front') =>
  checkAskedFor(visit.job, end);

describe('what a complaint asks for next', () => {
  it('for a squeal is the track under a light, before the lever is measured', () => {
    const visit = identified({ symptoms: ['squeal'] });
    expect(asked(visit)).toBe('light-on-track');
    visit.look('rotor', ['rotor-deposits']);
    visit.send('sign', { end: 'front', sign: 'parts-new', seen: true });
    expect(asked(visit)).not.toBe('light-on-track');
  });

  it('for a soft lever is a leak before all else', () =>
    expect(asked(identified({ symptoms: ['spongy', 'lever-to-bar'] }))).toBe('hold-and-tissue'));

  it('is nothing without a complaint, without a brake, and once the cause is found or the work planned', () => {
    expect(asked(identified())).toBeNull();
    const visit = identified({ symptoms: ['squeal'] });
    expect(asked(visit, 'rear')).toBeNull();
    visit.send('cause', { end: 'front', cause: 'glazed' });
    expect(asked(visit)).toBeNull();
    const planned = identified({ symptoms: ['squeal'] });
    planned.plan('align');
    expect(asked(planned)).toBeNull();
  });

  it('comes to an end: what tells too little is not followed', () => {
    const visit = identified({ symptoms: ['squeal'] });
    for (const area of ['rotor', 'pads', 'caliper', 'leaks', 'fluid', 'lever', 'bolts'] as const)
      visit.look(area);
    for (const sign of ['parts-new', 'gaps-closed', 'pad-plays', 'lever-set-wrong'] as const)
      visit.send('sign', { end: 'front', sign, seen: false });
    visit.rotor([1.7, 1.7, 1.7]).pads(3.9).lever().runout(0.03).gaps(0.3);
    visit.measure(
      'mount-face',
      [
        ['gap', 0.02],
        ['spacing', 74.2],
      ],
      { gauge: GAUGES.feelers },
    );
    expect(asked(visit)).toBeNull();
  });
});

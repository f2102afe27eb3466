import { identified, SHEET, Visit } from '../adversary/visit';
import { PASSES } from '../torque/sequence';
import { lastToTry, provenTest } from './handOver';

const proven = ({ job }: Visit, test: Parameters<typeof provenTest>[1]) =>
  provenTest(job, test, test === 'lever-side' ? null : 'front');

describe('a yes of the hand-over', () => {
  it.each([
    ['lever-side', (visit: Visit) => visit.edit('right')],
    ['lever-feel', (visit: Visit) => visit.repair('full-bleed')],
    ['cut-off', (visit: Visit) => visit.repair('replace-lever')],
    ['stand', (visit: Visit) => visit.repair('decontaminate')],
    ['stand', (visit: Visit) => visit.tighten('caliper-post')],
    ['lever-side', (visit: Visit) => visit.wait(true)],
    ['lever-feel', (visit: Visit) => visit.wait(true)],
    ['stand', (visit: Visit) => visit.wait(true)],
  ] as const)('of %s says nothing any more once what it rests on was changed', (test, change) => {
    const visit = identified();
    if (test !== 'lever-side') expect(proven(visit, test)).toBeNull();
    visit.test(test);
    expect(proven(visit, test)).toBe('passed');
    change(visit);
    expect(proven(visit, test)).toBeNull();
    visit.test(test);
    expect(proven(visit, test)).toBe('passed');
  });

  it('of the levers’ sides is asked again once two levers were off or opened, and not for one', () => {
    for (const work of ['replace-lever', 'remake-joint-at-lever', 'replace-hose'] as const) {
      const visit = identified().identify(SHEET, { end: 'rear' }).repair(work);
      expect(proven(visit, 'lever-side')).toBe('passed');
      visit.repair(work, 'rear');
      expect(visit.barred).toContain('lever-side-unconfirmed');
      visit.test('lever-side');
      expect(visit.barred).not.toContain('lever-side-unconfirmed');
    }
    const bled = identified().identify(SHEET, { end: 'rear' }).repair('full-bleed');
    expect(proven(bled.repair('full-bleed', 'rear'), 'lever-side')).toBe('passed');
    // Two brakes on one lever have one lever to put back.
    const { bike } = new Visit().base;
    const trike = identified({ bike: { ...bike, thirdBrake: 'disc', sharedLever: 'front-third' } });
    expect(proven(trike.repair('replace-lever'), 'lever-side')).toBe('passed');
  });

  it('stands where something else was done, and a no stands whatever was done', () => {
    const visit = identified({}).test('cut-off').test('lever-feel').repair('true-rotor');
    expect([proven(visit, 'cut-off'), proven(visit, 'lever-feel')]).toEqual(['passed', 'passed']);
    visit.test('cut-off', 'failed').repair('replace-lever');
    expect(proven(visit, 'cut-off')).toBe('failed');
  });
});

describe('the final torque comes before the stand test: rule 8 of the bench', () => {
  it('a bolt that is turned after it, to its last pass, asks for it again', () => {
    const visit = identified().repair('refit-rotor').tickAll();
    visit.begin('rotor-bolts');
    visit.turn(['snug', 'half']);
    visit.test('stand');
    expect(visit.barred).toEqual(['torque-unproven']);
    visit.turn(['full', 'verify']);
    expect(visit.barred).toEqual(['stand-untested']);
    visit.test('stand');
    expect(visit.barred).toEqual([]);
  });

  it('a no between two passes is not answered by turning on: it is said what was done about it', () => {
    const visit = identified();
    visit.begin('caliper-post');
    visit.turn(['snug', 'half']);
    visit.test('stand', 'failed');
    visit.turn(['full', 'verify']);
    visit.test('stand');
    expect(visit.barred).toEqual(['stand-untested']);
    visit.test('stand', 'passed', 'Slackened, centred, turns free');
    expect(visit.barred).toEqual([]);
  });

  it('a caliper brought to its torque is tried though nothing else was done, and a rotor bolt that held is not', () => {
    expect(lastToTry(identified().tighten('rotor-bolts').job, 'front')).toBe(0);
    const visit = identified().tighten('caliper-post');
    expect(visit.barred).toEqual(['stand-untested']);
    visit.test('stand');
    expect(visit.barred).toEqual([]);
  });

  it('gaps that were felt between two passes of the caliper’s bolts are not those of a caliper that is tight', () => {
    const visit = identified().runout(0.05);
    visit.begin('caliper-post');
    visit.gaps();
    expect(visit.word('clearance')).toBe('holds');
    visit.turn(PASSES);
    expect(visit.item('clearance')).toMatchObject({
      word: 'unproven',
      lapsed: { by: { code: 'tightened', fastener: 'caliper-post' } },
    });
    visit.gaps();
    expect(visit.word('clearance')).toBe('holds');
  });
});

describe('the gaps of a clamp', () => {
  it('are felt again where it was turned on, and unequal ones are not answered by that', () => {
    const feltAndTurnedOn = (otherMm: number) => {
      const visit = identified();
      visit.begin('lever-clamp');
      const tighteningId = visit.last;
      visit.turn(PASSES);
      expect(visit.send('clamp-gaps', { tighteningId, oneMm: 1.1, otherMm })).toBeNull();
      const felt = visit.job.tightened.at(-1)!.flaws;
      visit.turn(['verify']);
      return [felt, visit.job.tightened.at(-1)!.flaws] as const;
    };
    const [equal, turnedOn] = feltAndTurnedOn(1.1);
    expect(equal).not.toContain('gaps-open');
    expect(turnedOn).toContain('gaps-open');
    for (const flaws of feltAndTurnedOn(1.9)) expect(flaws).toContain('gaps-unequal');
  });
});

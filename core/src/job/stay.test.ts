import { identified, Visit } from '../adversary/visit';
import { barsAtSigning } from './bars';
import { unsaidSince } from './stay';

// Our design, after E4 of the evidence that stands: a bike that was out of the shop comes back as one that comes in. One that went home for
// the night and nobody wrote it was ridden too, so it is asked before anybody signs.

const [MON, TUE, WED] = ['2026-11-25', '2026-11-26', '2026-11-27'] as const;

/** Everything proven on the first day. */
const proven = (visit = identified()): Visit => {
  visit.rotor([1.7, 1.7, 1.7]).pads(3.9).lever().runout(0.05).gaps().test('lever-side');
  return visit;
};
const signedOn = ({ job }: Visit, on: string) =>
  barsAtSigning(job, { toldOf: [], at: `${on}T16:00:00.000Z` });
const UNSAID = { code: 'stay-unsaid', since: MON };

describe('what was proven on an earlier day', () => {
  it('is signed on that day, and on another when somebody says that the bike stayed', () => {
    const visit = proven();
    expect(signedOn(visit, MON)).toEqual([]);
    visit.nextDay();
    expect(signedOn(visit, TUE)).toEqual([UNSAID]);
    visit.stay(MON);
    expect(signedOn(visit, TUE)).toEqual([]);
    // Said for that night, and for no later one.
    expect(signedOn(visit, WED)).toEqual([UNSAID]);
  });

  it('is no more than a bar at the signature: it goes on being shown as it was proven till then', () => {
    const visit = proven().nextDay();
    expect(visit.bars).toEqual([]);
    expect(visit.word('rotor')).toBe('holds');
  });

  it('falls where it was out, and nothing answers but proving it anew', () => {
    const visit = proven().nextDay().stay(MON, true);
    for (const subject of ['rotor', 'pads', 'lever', 'runout', 'clearance'] as const)
      expect(visit.item(subject)).toMatchObject({ word: 'unproven', lapsed: { touch: 'away' } });
    expect(visit.stay(MON).word('rotor')).toBe('unproven');
    proven(visit);
    expect(signedOn(visit, TUE)).toEqual([]);
  });

  it('falls up to the work that was done after it was back, and no further', () => {
    const visit = proven().nextDay();
    visit.rotor([1.69, 1.69, 1.69]);
    visit.stay(MON, true, TUE);
    expect([visit.word('rotor'), visit.word('pads')]).toEqual(['holds', 'unproven']);
  });

  it('what was worn before it was out is so still', () => {
    const visit = identified().rotor([1.4, 1.4, 1.4]).nextDay().stay(MON, true);
    expect(visit.word('rotor')).toBe('replace');
  });

  it('is asked of work that went on in the morning, too', () => {
    const visit = proven().nextDay();
    visit.rotor([1.69, 1.69, 1.69]);
    expect(signedOn(visit, TUE)).toEqual([UNSAID]);
  });
});

describe('where a bike was between two days', () => {
  it('is said by a wait that was over, from when it was written', () => {
    const stayed = proven().wait(false).nextDay();
    expect(unsaidSince(stayed.job, TUE)).toBe(MON);
    expect(unsaidSince(stayed.goOn(false).job, TUE)).toBeNull();
    // Written in the morning it says nothing of the night.
    const late = proven().nextDay().wait(false).goOn(false);
    expect(unsaidSince(late.job, TUE)).toBe(MON);
    expect(unsaidSince(proven().nextDay().wait(true).goOn(true).job, TUE)).toBeNull();
  });

  it('is not said by two waits made one: no word on a wait is taken back', () => {
    const visit = proven().wait(false).goOn(false);
    const over = visit.last;
    visit.nextDay().nextDay().wait(false);
    const second = visit.last;
    visit.goOn(false);
    for (const of of [over, second])
      expect(visit.send('taken-back', { of })).toMatchObject({ field: 'of' });
    expect(unsaidSince(visit.job, WED)).toBe(MON);
  });

  it('is not said by an answer about later days', () => {
    const visit = proven().nextDay();
    visit.look('leaks');
    visit.nextDay().stay(TUE);
    expect(unsaidSince(visit.job, WED)).toBe(MON);
  });

  it('is asked of no bike that nobody worked on yet, nor for the sake of a picture', () => {
    const visit = Visit.with({});
    visit.send('photo', { end: 'front', area: 'leaks', sha256: 'ab'.repeat(32) });
    expect(unsaidSince(visit.job, WED)).toBeNull();
  });

  it('goes by the shop’s clock: late in the evening it is still that day', () => {
    const evening = (timeZone: string) => {
      const { rules } = identified().base;
      const visit = identified({ rules: { ...rules, timeZone } });
      visit.at = '2026-11-26T00:30:00.000Z';
      visit.look('leaks');
      return visit.job;
    };
    // Half past midnight in London is half past seven in the evening in New York.
    expect(unsaidSince(evening('America/New_York'), MON)).toBeNull();
    expect(unsaidSince(evening('UTC'), TUE)).toBe(MON);
  });

  it('is asked again where a phone tells late of a day before it', () => {
    const visit = identified().nextDay();
    visit.look('leaks');
    visit.nextDay().stay(TUE);
    expect(unsaidSince(visit.job, WED)).toBe(MON);
    visit.stay(MON);
    visit.at = '2026-11-25T18:00:00.000Z';
    visit.rotor([1.7, 1.7, 1.7]);
    expect(unsaidSince(visit.job, WED)).toBeNull();
    visit.at = '2026-11-24T18:00:00.000Z';
    visit.look('caliper');
    expect(unsaidSince(visit.job, WED)).toBe('2026-11-24');
  });

  it('what a phone tells late of before it was out falls with the rest', () => {
    const visit = proven().nextDay();
    visit.stay(MON, true, TUE);
    visit.at = '2026-11-25T18:00:00.000Z';
    expect(visit.rotor([1.7, 1.7, 1.7]).word('rotor')).toBe('unproven');
  });
});

describe('an answer', () => {
  it('that it stayed is taken back as a slip and asked again; that it was out is not', () => {
    const stayed = proven().nextDay().stay(MON);
    expect(stayed.send('taken-back', { of: stayed.last })).toBeNull();
    expect(signedOn(stayed, TUE)).toEqual([UNSAID]);
    const out = proven().nextDay().stay(MON, true);
    expect(out.send('taken-back', { of: out.last })).toMatchObject({ code: 'failed-check' });
  });

  it.each([
    ['since', { since: WED, out: false, backBefore: null }],
    ['backBefore', { since: MON, out: true, backBefore: MON }],
    ['backBefore', { since: MON, out: true, backBefore: WED }],
  ])('of days that were not: %s', (field, fields) => {
    const visit = proven().nextDay();
    expect(visit.send('stay', fields)).toMatchObject({ field, code: 'unknown' });
  });
});

import { CAUSE_IDS } from '../trouble/causes';
import { checkRule } from '../trouble/signs';
import { CASE_IDS, caseNamed, drawnCase, GRADES, shippedCase, type PracticeCase } from './cases';
import {
  debrief,
  engineWay,
  isForbidden,
  minutesOf,
  NOTHING_DONE,
  workNeeded,
  type PracticeRun,
} from './debrief';
import { hiddenBrake } from './hidden';
import { checksOn, lookAt } from './look';

const SEEDS = Array.from({ length: 25 }, (_, i) => i + 1);
const drawn = SEEDS.flatMap((seed) => GRADES.map((grade) => drawnCase(seed, grade)));
const shipped = CASE_IDS.map(shippedCase);

/** Whoever looks at everything, believes the rules, and names and plans what is truly wrong. */
function wellDone(of: PracticeCase): PracticeRun {
  const checks = checksOn(of);
  const looked = checks.map((check) => lookAt(of, of.seed, check).measured);
  return {
    checks,
    judged: Object.fromEntries(looked.flatMap((m) => (m ? [[m.measurand, m.word]] : []))),
    named: of.causes,
    works: workNeeded(of),
    ended: 'signed',
    taps: 40,
  };
}

describe('the hidden brake', () => {
  it('is the same for the same seed, and another for another', () => {
    const [a, b] = [drawnCase(7, 3), drawnCase(7, 3)];
    expect(a).toEqual(b);
    expect(hiddenBrake(a, 7)).toEqual(hiddenBrake(b, 7));
    expect(hiddenBrake(a, 8)).not.toEqual(hiddenBrake(a, 7));
    expect(lookAt(a, 7, 'measure-pads')).toEqual(lookAt(b, 7, 'measure-pads'));
  });

  it('shows by its checks what is truly there, and nothing else', () => {
    const wrong: string[] = [];
    for (const of of [...shipped, ...drawn])
      for (const check of checksOn(of)) {
        const { signs } = lookAt(of, of.seed, check);
        for (const sign of checkRule(check).reveals) {
          // Too near to its limit, and a cable brake’s air: the numbers say neither yes nor no.
          if (sign === 'pads-thin' && of.near?.includes('pads')) continue;
          if (sign === 'soft-after-bite' && of.actuation === 'cable') continue;
          const there = of.there.includes(sign);
          if (signs[sign] !== there)
            wrong.push(
              `${sign} ${there ? 'there' : 'not there'} ${signs[sign]} ${of.there.join()}`,
            );
        }
      }
    expect(wrong).toEqual([]);
  });

  it('reads within the doubt of its gauge', () => {
    for (const of of drawn) {
      const { measured } = lookAt(of, of.seed, 'measure-pads');
      const { padsMm } = hiddenBrake(of, of.seed);
      for (const { place, valueMm } of measured!.session.readings)
        if (place !== 'zero')
          expect(Math.abs(valueMm - padsMm)).toBeLessThanOrEqual(
            measured!.session.gauge.uncertaintyMm + 1e-9,
          );
    }
  });

  it('too near to its limit is unproven, whichever side it is on', () => {
    const of = shippedCase('night-shift');
    for (const seed of SEEDS) {
      expect(lookAt(of, seed, 'measure-pads').measured!.word).not.toBe('holds');
      expect(lookAt(of, seed, 'thickness-sweep').measured!.word).not.toBe('holds');
    }
  });
});

describe('the cases', () => {
  it('are twenty in three grades, told apart by their names in an address', () => {
    expect(shipped).toHaveLength(20);
    expect(new Set(shipped.map(({ grade }) => grade))).toEqual(new Set(GRADES));
    for (const id of CASE_IDS) expect(caseNamed(id)).toEqual(shippedCase(id));
    expect(caseNamed('41-2')).toEqual(drawnCase(41, 2));
    for (const none of ['', 'no-such', '41-4', '41', '-1-1', '12345678901-1'])
      expect(caseNamed(none)).toBeNull();
  });

  it('the engine’s own way finds what is wrong with each that ships', () => {
    for (const [i, of] of shipped.entries()) {
      const { causes } = engineWay(of);
      expect([CASE_IDS[i], [...causes].sort()]).toEqual([CASE_IDS[i], [...of.causes].sort()]);
    }
  });

  it('and mostly of those that are drawn, in fewer minutes than by looking at everything', () => {
    let [found, all, minutes, everything] = [0, 0, 0, 0];
    for (const of of drawn) {
      const way = engineWay(of);
      all += of.causes.length;
      found += of.causes.filter((cause) => way.causes.includes(cause)).length;
      minutes += minutesOf(way.checks);
      everything += minutesOf(checksOn(of));
    }
    expect(found / all).toBeGreaterThan(0.7);
    expect(minutes).toBeLessThan(everything * (2 / 3));
  });
});

describe('afterwards', () => {
  it.each(shipped.map((of, i) => [CASE_IDS[i]!, of] as const))(
    '%s, well done, is made fast',
    (_id, of) => {
      const told = debrief(of, wellDone(of));
      expect(told).toMatchObject({ standing: 'made-fast', signedWrong: false });
      expect(told.works.filter(({ how }) => how !== 'planned')).toEqual([]);
    },
  );

  it('a hurried signature with nothing looked at is never well done, and over a do-not-ride it is told as one', () => {
    for (const of of [...shipped, ...drawn]) {
      const told = debrief(of, { ...NOTHING_DONE, ended: 'signed', taps: 3 });
      expect(told.standing).toBe('adrift');
      if (isForbidden(of) && workNeeded(of).length > 0) expect(told.signedWrong).toBe(true);
      expect(told.signs.every(({ how }) => how === 'not-looked')).toBe(true);
    }
  });

  it('a guess that names every cause is not right either', () => {
    for (const of of shipped) {
      const told = debrief(of, { ...wellDone(of), named: CAUSE_IDS });
      expect(told.standing).toBe('half-way');
    }
  });

  it('holding back what leaks is right, and holding back what only squeals is told as for nothing', () => {
    const leaks = shippedCase('oil-on-the-fork');
    expect(debrief(leaks, { ...wellDone(leaks), ended: 'held-back' })).toMatchObject({
      standing: 'made-fast',
      heldForNothing: false,
    });
    const squeals = shippedCase('fresh-pads');
    expect(debrief(squeals, { ...wellDone(squeals), ended: 'held-back' })).toMatchObject({
      standing: 'half-way',
      heldForNothing: true,
    });
  });

  it('passing a thickness that its gauge cannot tell is not as the rules have it', () => {
    const of = shippedCase('night-shift');
    const run = wellDone(of);
    expect(run.judged.rotor).not.toBe('holds');
    const told = debrief(of, { ...run, judged: { ...run.judged, rotor: 'holds' } });
    expect(told.standing).toBe('half-way');
  });

  it('says at each check what the engine would have looked at instead', () => {
    const of = shippedCase('oil-on-the-fork');
    const told = debrief(of, { ...wellDone(of), checks: ['light-on-track', 'measure-levers'] });
    expect(told.instead).toHaveLength(2);
    // Oil was seen: what can forbid the ride is looked for before all else.
    expect(told.instead[0]).toEqual({ made: 'light-on-track', engine: 'hold-and-tissue' });
    expect(told.minutes).toBe(4);
    expect(told.engine.minutes).toBe(minutesOf(told.engine.checks));
  });
});

import * as changes from '../evidence/changes';
import * as findings from '../evidence/findings';
import * as readings from '../evidence/readings';
import * as handOver from '../job/handOver';
import * as stay from '../job/stay';
import * as trials from '../evidence/trials';
import { drawBrake, type TrueBrake } from '../evidence/brake';
import { randomOf } from '../random';
import { besiege, play, shrink } from './adversary';

const SEED = 20261126;
/** A thousand more in the check, and as many as wanted by `npm run adversary`. */
const FEW = 40;
const HISTORIES = 150;

afterEach(() => jest.restoreAllMocks());

it('no history betters what stands without an answer, or ends signed over what is truly wrong', () =>
  expect(besiege(FEW, SEED)).toEqual({ played: FEW, broken: null }));

// A siege that no wall could fall to proves nothing: with a rule loosened it has to get in.
const SEEDS = Array.from({ length: 200 }, (_, i) => i + 1);
/** Far apart: near ones draw alike. */
const EIGHT = SEEDS.slice(0, 8).map((seed) => seed * 104_729_011);
/** The seed of a brake that is so. */
const seedOf = (is: (brake: TrueBrake) => boolean) =>
  SEEDS.find((seed) => is(drawBrake(randomOf(seed))))!;

describe('with a rule loosened it finds the way in', () => {
  it('where the last look at an area counts', () => {
    const last: typeof findings.standingFindings = ({ looks, end, area }) =>
      (looks.filter((look) => look.end === end && look.area === area).at(-1)?.found ?? []).map(
        (finding) => ({ finding, seq: 0, lookOverId: null, lesserLook: null }),
      );
    jest.spyOn(findings, 'standingFindings').mockImplementation(last);
    const leaks = seedOf(({ leak }) => leak);
    const deeds = (['look-leaks', 'look-nothing'] as const).flatMap((does) =>
      EIGHT.map((seed) => ({ does, seed })),
    );
    expect(play(leaks, deeds)?.what).toBe('better-without-an-answer');
    jest.restoreAllMocks();
    expect(play(leaks, deeds)).toBeNull();
  });

  it('where the last yes or no counts', () => {
    jest
      .spyOn(trials, 'standingTest')
      .mockImplementation(
        ({ tested }, test, end = null) =>
          tested.filter((each) => each.test === test && each.end === end).at(-1) ?? null,
      );
    // A lever that sinks, felt wrong and then right: too rare a row of deeds to wait for.
    const sinks = seedOf(({ sinksMm }) => sinksMm > 1);
    const deeds = EIGHT.map((seed) => ({ does: 'feel' as const, seed }));
    expect(play(sinks, deeds)?.what).toBe('better-without-an-answer');
    jest.restoreAllMocks();
    expect(play(sinks, deeds)).toBeNull();
  });

  it('where work at one brake of a lever mends the other', () => {
    const really = changes.changesAt;
    jest.spyOn(changes, 'changesAt').mockImplementation((job, end) =>
      (['front', 'third'] as const)
        .flatMap((at) => really(job, at).filter((change) => change.end === at))
        .map((change) => ({ ...change, end }))
        .sort((a, b) => a.seq - b.seq),
    );
    // A leak at the one, its joint made anew at the other: too rare a row of deeds to wait for.
    const leaks = seedOf(({ leak }) => leak);
    const deeds = (['look-leaks', 'there-remake', 'look-nothing'] as const).flatMap((does) =>
      EIGHT.map((seed) => ({ does, seed })),
    );
    expect(play(leaks, deeds)?.what).toBe('better-without-an-answer');
    jest.restoreAllMocks();
    expect(play(leaks, deeds)).toBeNull();
  });

  it('where a bolt may be turned on after the stand test', () => {
    const late = (seed: number) =>
      play(
        seed,
        (['side', 'begin-caliper', 'stand', 'turn-on'] as const).map((does) => ({ does, seed })),
      );
    expect(EIGHT.map(late)).toEqual(EIGHT.map(() => null));
    jest
      .spyOn(handOver, 'isStandOpen')
      .mockImplementation(
        (job, end) =>
          handOver.lastToTry(job, end) > 0 && trials.standTest(job, end)?.outcome !== 'passed',
      );
    expect(EIGHT.map(late)).toContainEqual({
      what: 'signed-past-its-limit',
      subject: 'clearance',
      by: null,
    });
  });

  it('where what was proven stands after the bike was ridden elsewhere', () => {
    jest.spyOn(changes, 'lapsedSince').mockImplementation(changes.changedSince);
    const ridden = (seed: number) =>
      play(
        seed,
        (['rotor', 'pads', 'lever', 'away'] as const).map((does) => ({ does, seed })),
      );
    const seeds = SEEDS.slice(0, 12);
    expect(seeds.map(ridden).find(Boolean)?.what).toBe('signed-past-its-limit');
    jest.restoreAllMocks();
    expect(seeds.map(ridden).filter(Boolean)).toEqual([]);
  });

  it('where nobody is asked whether it stayed over night', () => {
    jest.spyOn(stay, 'unsaidSince').mockReturnValue(null);
    const leftFor = (deed: 'night-out' | 'night') => (seed: number) =>
      play(
        seed,
        (['rotor', 'pads', 'lever', deed] as const).map((does) => ({ does, seed })),
      );
    const seeds = SEEDS.slice(0, 12);
    expect(seeds.map(leftFor('night')).filter(Boolean)).toEqual([]);
    expect(seeds.map(leftFor('night-out')).find(Boolean)?.what).toBe('signed-past-its-limit');
    jest.restoreAllMocks();
    expect(seeds.map(leftFor('night-out')).filter(Boolean)).toEqual([]);
  });

  it('where what was measured last counts', () => {
    jest.spyOn(readings, 'heldSittings').mockReturnValue([]);
    const { broken } = besiege(HISTORIES, SEED);
    expect(broken?.what).toBe('better-without-an-answer');
    // The one it shows is as short as it goes, and plays again.
    expect(shrink(broken!.seed, broken!.deeds)).toEqual(broken!.deeds);
    expect(play(broken!.seed, broken!.deeds)?.what).toBe('better-without-an-answer');
  });
});

import { GAUGES } from '../adversary/visit';
import { BRAKES_TO_LEARN, learnedGive, type SignedLever } from './learnedGive';
import { leverVerdict, type LeverStandard } from './lever';

const SPEC: LeverStandard = { ratio: 5, boreMm: 10, ownGiveMl: null, figures: {} };
const verdictOf = (firm: number, spec = SPEC, sunk = firm) =>
  leverVerdict(
    {
      gauge: GAUGES.rule,
      measuredOn: '2026-11-25',
      basis: 'travel',
      readings: { reach: 60, bite: 20, firm, sunk },
      hydraulic: true,
    },
    spec,
  );
const lever = (bikeId: string, firm: number, sunk = firm): SignedLever => ({
  bikeId,
  end: 'front',
  facts: SPEC,
  verdict: verdictOf(firm, SPEC, sunk),
});
const of = (levers: readonly SignedLever[]) => learnedGive(levers, SPEC);
const good = (firms: readonly number[]) => firms.map((firm, i) => lever(`bike ${i}`, firm));

// By hand: (π/4)·10² mm² · (firm − 20)/5 mm, in mL: 6 mm of blade push 0.0942 mL, 7 mm 0.1100.
describe('a brake’s own give, learned from the shop’s good ones', () => {
  it('is the least that any of them pushed, once there are enough', () => {
    expect(of(good([27, 27, 26, 27]))).toEqual({ brakes: 4, ownGiveMl: null });
    expect(of(good([27, 27, 26, 27, 27]))).toEqual({ brakes: 5, ownGiveMl: 0.094 });
    expect(BRAKES_TO_LEARN).toBe(5);
  });

  it('is of brakes, each once by what it was last, and not of sittings', () => {
    const often = Array.from({ length: 9 }, () => lever('the same', 27));
    expect(of(often)).toEqual({ brakes: 1, ownGiveMl: null });
    // The newest of it went soft: it is no good brake any more.
    expect(of([lever('bike 0', 50), ...good([27, 27, 27, 27, 27])]).brakes).toBe(4);
  });

  it('is learned of none that sank or was soft, however they were signed', () => {
    const [soft, sank] = [lever('soft', 50), lever('sank', 27, 30)];
    expect(of([soft, sank, ...good([27, 27, 27, 27, 27])])).toEqual({
      brakes: 5,
      ownGiveMl: 0.109,
    });
  });

  // A bore that was written wrong makes more of the push than it was, and would hide air for good.
  it('is learned by what the sheet says now, and of nothing worked out by another bore', () => {
    const wrong = good([27, 27, 27, 27, 27]).map((each) => ({
      ...each,
      facts: { ...SPEC, boreMm: 11 },
    }));
    expect(of(wrong)).toEqual({ brakes: 0, ownGiveMl: null });
  });

  // How a hurried shop could pass a bad brake by it: one that holds more air than the best of those it was learned from.
  it('passes no brake with more air than the best of them held', () => {
    const learned = of(good([27, 28, 29, 27, 28])).ownGiveMl;
    const spec = { ...SPEC, ownGiveMl: learned };
    expect(verdictOf(27, spec)).toMatchObject({ word: 'holds' });
    for (const firm of [34, 40, 50]) expect(verdictOf(firm, spec).word).not.toBe('holds');
  });
});

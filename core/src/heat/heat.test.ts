import { G } from '../stop/stops';
import { coolingWm2K } from './cooling';
import {
  descentHeat,
  heatOf,
  leastMarginC,
  LUMPS,
  STEEL,
  reckonHeat,
  trackMassKg,
  type Descent,
  type HeatRun,
} from './descent';
import { brakingPowerW, powerDown, secondsDown } from './hill';
import { evenRoad } from './road';
import { solve } from './rungeKutta';

// Its types do not pass as strictly as ours.
const { Solver } = jest.requireActual<{
  Solver: new (size: number) => {
    relativeTolerance: number;
    absoluteTolerance: number;
    solve: (
      rates: (time: number, state: number[]) => number[],
      from: number,
      start: number[],
      to: number,
    ) => { y: number[] };
  };
}>('odex');

const ROTOR = { sizeMm: 203, trackMm: 15.5, thickMm: 1.8 };
const RUN: HeatRun = { rotor: ROTOR, powerW: () => 300, seconds: 600, speedKmh: 25, airC: 20 };
const NO_DRAG = { rolling: 0, cdAM2: 0, airKgM3: 0 };
const RIDE = { massKg: 100, speedKmh: 25 };
const HILL = { ...RIDE, road: evenRoad(10, 3000) };

// The trade's own worked values.
describe('energy', () => {
  it('100 kg down 100 m are 98.07 kJ before rolling and air', () => {
    const lengthM = 100 * Math.hypot(1, 10);
    const hill = { ...HILL, road: evenRoad(10, lengthM) };
    expect(brakingPowerW(RIDE, 10, NO_DRAG) * secondsDown(hill)).toBeCloseTo(98_066.5, 1);
    expect(powerDown(hill, NO_DRAG).energyJ).toBeCloseTo(98_066.5, 1);
  });

  it('rolling and air take their part, and where they take all nothing is braked', () => {
    expect(brakingPowerW(RIDE, 10)).toBeLessThan(brakingPowerW(RIDE, 10, NO_DRAG));
    expect(brakingPowerW({ ...RIDE, speedKmh: 60 }, 1)).toBe(0);
    expect(brakingPowerW(RIDE, -5)).toBe(0);
  });

  it('a track of 203 by 172 by 1.8 weighs 131 g', () =>
    expect(trackMassKg(ROTOR) * 1000).toBeCloseTo(131.5, 1));

  it('2,315 J a pull into it, with nothing lost, are 35.2 K', () => {
    const joules = 0.5 * 100 * ((25 / 3.6) ** 2 - (5 / 3.6) ** 2);
    expect(joules).toBeCloseTo(2315, 0);
    const heated = heatOf({
      ...RUN,
      powerW: () => joules,
      seconds: 1,
      paths: { air: false, radiation: false, pads: false },
    });
    expect(heated.peak.rotorC - 20).toBeCloseTo(35.2, 1);
    expect(heated.peak.rotorC - 20).toBeCloseTo(joules / (trackMassKg(ROTOR) * STEEL.heatJkgK), 6);
  });
});

describe('what must come out', () => {
  it('with no power and air alone it cools along the exponential', () => {
    const heated = heatOf({
      ...RUN,
      powerW: () => 0,
      start: { rotorC: 300, padC: 300, fluidC: 300 },
      seconds: 60,
      paths: { air: true, radiation: false, pads: false },
    });
    const area = 2 * (Math.PI / 4) * (0.203 ** 2 - 0.172 ** 2);
    const rate = (coolingWm2K(203, 25) * area) / (trackMassKg(ROTOR) * STEEL.heatJkgK);
    expect(heated.over.at(-1)!.rotorC).toBeCloseTo(20 + 280 * Math.exp(-rate * 60), 3);
  });

  it('what came in is what left and what is held, within a thousandth', () => {
    const { inJ, outJ, storedJ } = heatOf(RUN);
    expect(inJ).toBeCloseTo(300 * 600, 3);
    expect(Math.abs(inJ - outJ - storedJ)).toBeLessThan(inJ * 1e-3);
  });

  it('dragged for long enough, losses equal what comes in within a thousandth', () => {
    const long = heatOf({ ...RUN, seconds: 20_000 });
    const before = heatOf({ ...RUN, seconds: 19_000 });
    const [power, lost] = [300, (long.outJ - before.outJ) / 1000];
    expect(Math.abs(power - lost)).toBeLessThan(power * 1e-3);
  });

  it('is cooler with a larger rotor, in a faster wind and on a shorter hill', () => {
    const peak = (change: Partial<HeatRun>) => heatOf({ ...RUN, ...change }).peak.rotorC;
    expect(peak({ rotor: { ...ROTOR, sizeMm: 160 } })).toBeGreaterThan(peak({}));
    expect(peak({ speedKmh: 40 })).toBeLessThan(peak({}));
    expect(peak({ seconds: 100 })).toBeLessThan(peak({}));
  });

  it('pads and fluid follow the rotor, and never overtake it', () => {
    const { peak } = heatOf(RUN);
    expect(peak.rotorC).toBeGreaterThan(peak.padC);
    expect(peak.padC).toBeGreaterThan(peak.fluidC);
    expect(peak.fluidC).toBeGreaterThan(20);
  });
});

// Reference: odex, an extrapolation method after Hairer, Nørsett & Wanner, at the same tolerance.
describe('the solver against a general library', () => {
  it('rotor, pads and fluid under 300 W, with radiation', () => {
    const area = 2 * (Math.PI / 4) * (0.203 ** 2 - 0.172 ** 2);
    const capacity = trackMassKg(ROTOR) * STEEL.heatJkgK;
    const h = coolingWm2K(203, 25);
    const rates = ([rotor, pad, fluid]: readonly number[]) => {
      const out =
        h * area * (rotor! - 20) +
        STEEL.emissivity * 5.670374419e-8 * area * ((rotor! + 273.15) ** 4 - 293.15 ** 4);
      const toPad = LUMPS.rotorPad * (rotor! - pad!);
      const toFluid = LUMPS.padFluid * (pad! - fluid!);
      return [
        (300 - out - toPad) / capacity,
        (toPad - LUMPS.padAir * (pad! - 20) - toFluid) / LUMPS.padJK,
        toFluid / LUMPS.fluidJK,
      ];
    };
    const reference = new Solver(3);
    reference.relativeTolerance = 1e-9;
    reference.absoluteTolerance = 1e-9;
    const { y } = reference.solve(
      (_t: number, state: number[]) => rates(state),
      0,
      [20, 20, 20],
      600,
    );
    const last = heatOf(RUN).over.at(-1)!;
    expect(last.rotorC).toBeCloseTo(y[0]!, 3);
    expect(last.padC).toBeCloseTo(y[1]!, 3);
    expect(last.fluidC).toBeCloseTo(y[2]!, 3);
  });

  it('an oscillation, over many turns', () => {
    const end = solve((_t, [x, v]) => [v!, -x!], [1, 0], 0, 20 * Math.PI, {
      relative: 1e-9,
      absolute: 1e-9,
      longestStep: 1,
    });
    expect(end[0]).toBeCloseTo(1, 5);
    expect(end[1]).toBeCloseTo(0, 5);
  });

  it('what leaves the numbers is refused, and no loop', () => {
    const options = { relative: 1e-6, absolute: 1e-6, longestStep: 1 };
    expect(() => solve(() => [NaN], [1], 0, 1, options)).toThrow('rates: not-a-number');
  });
});

const DESCENT: Descent = {
  ...RIDE,
  road: evenRoad(10, 5000),
  rotors: { front: { ...ROTOR, sizeMm: 160 }, rear: { ...ROTOR, sizeMm: 160 } },
  frontShare: 0.7,
  braked: 'dragged',
  airC: 20,
  compound: 'organic',
  boilsC: 180,
};

describe('a descent', () => {
  it('heats the end that brakes more, and says how far each is from fading and boiling', () => {
    const { front, rear } = descentHeat(DESCENT);
    expect(front.peak.rotorC).toBeGreaterThan(rear.peak.rotorC);
    expect(front.toFadeC).toBeCloseTo(250 - front.peak.rotorC, 9);
    expect(front.toBoilC).toBeCloseTo(180 - front.peak.fluidC, 9);
    expect(descentHeat({ ...DESCENT, boilsC: null }).front.toBoilC).toBeNull();
  });

  it('in pulses brings as much heat in, in peaks', () => {
    const [dragged, pulsed] = (['dragged', 'pulsed'] as const).map(
      (braked) => descentHeat({ ...DESCENT, braked }).front,
    );
    expect(pulsed!.inJ / dragged!.inJ).toBeCloseTo(1, 2);
    expect(pulsed!.peak.rotorC).toBeGreaterThan(dragged!.peak.rotorC - 1);
  });

  it('brings in what its stretches brake, whatever their order, and cools where nothing is braked', () => {
    const flat = { alongM: 6000, heightM: 0 };
    const down = [
      { alongM: 0, heightM: 400 },
      { alongM: 2000, heightM: 200 },
      { alongM: 4000, heightM: 0 },
      flat,
    ];
    const made = { ...DESCENT, road: down };
    const { front } = descentHeat(made);
    expect(front.inJ / (powerDown(made).energyJ * 0.7)).toBeCloseTo(1, 4);
    expect(Math.abs(front.inJ - front.outJ - front.storedJ)).toBeLessThan(front.inJ * 1e-3);
    expect(front.over.at(-1)!.rotorC).toBeLessThan(front.peak.rotorC - 20);
    // A road of one grade cut into pieces is the same road.
    const whole = descentHeat({ ...DESCENT, road: evenRoad(10, 5000) }).front.peak.rotorC;
    const [top, foot] = evenRoad(10, 5000);
    const middle = { alongM: 2500, heightM: (top!.heightM + foot!.heightM) / 2 };
    expect(descentHeat({ ...DESCENT, road: [top!, middle, foot!] }).front.peak.rotorC).toBeCloseTo(
      whole,
      3,
    );
  });

  it('tells how far it has come, run by run, to its end', () => {
    const told: [number, number][] = [];
    reckonHeat(
      { descent: DESCENT, freshBoilsC: 230, largestMm: { front: 203, rear: 180 } },
      (done, of) => told.push([done, of]),
    );
    const [, of] = told[0]!;
    expect(told).toEqual(Array.from({ length: of }, (_, i) => [i + 1, of]));
    expect(of).toBeGreaterThan(8);
  });

  it('names what would help, each reckoned by itself, and nothing over what is allowed', () => {
    const { helps } = reckonHeat({
      descent: DESCENT,
      freshBoilsC: 230,
      largestMm: { front: 203, rear: 160 },
    });
    expect(helps.length).toBeGreaterThan(0);
    for (const { gainC } of helps) expect(gainC).toBeGreaterThan(0);
    expect(helps.map(({ gainC }) => gainC)).toEqual(
      helps.map(({ gainC }) => gainC).sort((a, b) => b - a),
    );
    expect(helps.some(({ change }) => change.code === 'larger' && change.end === 'rear')).toBe(
      false,
    );
    const larger = helps.find(({ change }) => change.code === 'larger')!;
    const made = { ...DESCENT, rotors: { ...DESCENT.rotors, front: { ...ROTOR, sizeMm: 180 } } };
    expect(larger.gainC).toBeCloseTo(
      leastMarginC(descentHeat(made)) - leastMarginC(descentHeat(DESCENT)),
      9,
    );
  });

  it.each([
    [{ massKg: NaN }, 'massKg: not-a-number'],
    [{ frontShare: 1.2 }, 'frontShare: out-of-range'],
    [{ speedKmh: 1 }, 'speedKmh: out-of-range'],
    [{ rotors: { front: { ...ROTOR, trackMm: 110 }, rear: ROTOR } }, 'trackMm: out-of-range'],
  ])('%j is refused by its field', (change, says) =>
    expect(() => descentHeat({ ...DESCENT, ...change })).toThrow(says),
  );

  it('100 kg are held by g', () => expect(G).toBe(9.80665));
});

// A brake as it truly is, and what a gauge in somebody's hand makes of it. A practice bench and the adversary look at the same one.

/** What is true of one end of a bike, whoever looks. Lengths mm. */
export interface TrueBrake {
  /** Worn evenly: what a few points say is true of the whole turn. */
  rotorMm: number;
  /** The pair, plate and all. */
  padsMm: number;
  crack: boolean;
  leak: boolean;
  /** How far a held lever sinks in a minute. */
  sinksMm: number;
  /** Total indicator reading of the rotor. */
  tirMm: number;
}

/** A brake drawn at random: sound more often than not, and near its limits more often than far from them. */
export function drawBrake(random: () => number): TrueBrake {
  const between = (least: number, most: number) => least + (most - least) * random();
  const seldom = () => random() < 0.3;
  return {
    rotorMm: between(1.42, 1.72),
    padsMm: between(2.9, 3.9),
    crack: seldom(),
    leak: seldom(),
    sinksMm: seldom() ? between(1.2, 4) : 0,
    tirMm: between(0, 0.2),
  };
}

/** A reading of a true value: off by no more than the gauge's doubt, as the gauge shows it. */
export function readingOf(
  trueMm: number,
  gauge: { uncertaintyMm: number; resolutionMm: number },
  random: () => number,
): number {
  const read = trueMm + (2 * random() - 1) * (gauge.uncertaintyMm - gauge.resolutionMm / 2);
  const steps = Math.round(read / gauge.resolutionMm);
  return Math.max(0, Math.round(steps * gauge.resolutionMm * 1000) / 1000);
}

import type { Figures } from '../rules/figures';
import type { LeverSign } from './sign';
import { spongeTest, USUAL_OWN_GIVE_ML, type TrappedAir } from '../air/spongeTest';
import {
  flawOfCalibration,
  flawsOfRepeats,
  settledBy,
  type Differing,
  type Reason,
  type Settle,
  type Word,
} from '../wear/verdict';
import type { Gauge } from '../gauge/gauge';
import { InputError } from '../inputError';
import { micrometres, millimetres } from '../units/length';

/** How long the lever is held for the sink test, s [P]. */
export const SINK_TEST_SECONDS = 60;
/** A held lever that goes further than this has sunk, mm [D]. */
const SINKS_ABOVE_MM = 1;
/** A lever that gets this much shorter by pumping firms up, mm [D]. */
const FIRMS_ABOVE_MM = 2;
/** Bite later than this share of the reach is long travel [D]. */
const LONG_TRAVEL_SHARE = 0.6;
/** Blade tip to bar, mm [D]: what can be one. */
const PLAUSIBLE_REACH_MM = { least: 10, most: 150 } as const;

/** What is measured at a lever, in the order it is done. */
export const LEVER_PLACES = ['reach', 'bite', 'firm', 'sunk', 'pumped'] as const;
export type LeverPlace = (typeof LEVER_PLACES)[number];

/** Blade travel from rest, or the distance that is left to the bar. */
export type LeverBasis = 'travel' | 'from-bar';

/** What of the brake the sponge test needs; null when the sheet does not say. */
export interface LeverSpec {
  ratio: number | null;
  boreMm: number | null;
  /** A sound brake's own give at the standard pull, mL; null until it is known. */
  ownGiveMl: number | null;
  /** The give, or ratio and bore, are from memory: they may condemn and never pass. */
  giveFromMemory?: boolean;
  factsFromMemory?: boolean;
}

/** What a lever is held to: what is known of it, and the numbers the shop lays down in place of the usual ones. */
export interface LeverStandard extends LeverSpec {
  figures: Figures;
}

export interface LeverMeasurement {
  gauge: Gauge;
  measuredOn: string;
  basis: LeverBasis;
  /** As read, mm. `firm` at the standard pull, `sunk` after holding it, `pumped` at the same pull after pumping. */
  readings: Readonly<Partial<Record<LeverPlace, number>>>;
  hydraulic: boolean;
  differing?: readonly Differing[];
}

export interface LeverVerdict {
  word: Word;
  reasons: Reason[];
  settle: Settle[];
  signs: LeverSign[];
  /** Travel from rest, mm, whatever the basis. */
  travelMm: Partial<Record<Exclude<LeverPlace, 'reach'>, number>>;
  reachMm: number | null;
  air: TrappedAir | null;
  /** The give was assumed: the test may condemn and not pass. */
  giveAssumed: boolean;
  doNotRide: boolean;
}

/** Returns a distance at the lever that can be one; throws InputError. */
export function plausibleLeverReading(readingMm: number): number {
  if (!Number.isFinite(readingMm)) throw new InputError('not-a-number', 'reading');
  if (readingMm < 0) throw new InputError('negative', 'reading');
  if (readingMm > PLAUSIBLE_REACH_MM.most)
    throw new InputError('implausible', 'reading', {
      leastMm: 0,
      mostMm: PLAUSIBLE_REACH_MM.most,
    });
  return readingMm;
}

/**
 * What a lever says: how far it goes, whether it sinks, whether pumping helps, and the air behind it.
 * Replace stands for what must be mended before the brake is trusted (a sinking lever, a lever that reaches the bar,
 * fluid that needs a full bleed); a lever nobody held for the sink test is not proven.
 * @throws InputError `firm-before-bite`, `beyond-reach` (a distance from the bar longer than the reach)
 */
export function leverVerdict(measurement: LeverMeasurement, spec: LeverStandard): LeverVerdict {
  const { readings, hydraulic } = measurement;
  const reachMm = readings.reach ?? null;
  const travelMm = travels(measurement);
  const { bite, firm, sunk, pumped } = travelMm;
  if (bite !== undefined && firm !== undefined && firm < bite)
    throw new InputError('firm-before-bite', 'firm', { biteMm: bite, firmMm: firm });

  const giveAssumed = spec.ownGiveMl === null || (spec.giveFromMemory ?? false);
  const known = hydraulic && spec.ratio !== null && spec.boreMm !== null;
  const air =
    known && bite !== undefined && firm !== undefined
      ? spongeTest({
          biteMm: bite,
          firmMm: firm,
          leverRatio: spec.ratio!,
          boreMm: spec.boreMm!,
          ownGiveMl: spec.ownGiveMl ?? USUAL_OWN_GIVE_ML,
          figures: spec.figures,
        })
      : null;

  const signs: LeverSign[] = [];
  if (firm !== undefined && sunk !== undefined && sunk - firm > SINKS_ABOVE_MM)
    signs.push({ code: 'sinks', byMm: difference(sunk, firm) });
  if (reachMm !== null && firm !== undefined && firm >= reachMm) signs.push({ code: 'to-the-bar' });
  const soft = air?.airMl != null && air.readOut !== 'sound';
  if (soft) signs.push({ code: 'soft', airMl: air.airMl! });
  if (firm !== undefined && pumped !== undefined && firm - pumped > FIRMS_ABOVE_MM)
    signs.push({ code: 'firms-when-pumped', byMm: difference(firm, pumped) });
  if (reachMm !== null && bite !== undefined && bite > LONG_TRAVEL_SHARE * reachMm && !soft)
    signs.push({ code: 'long-and-firm' });

  const has = (code: LeverSign['code']) => signs.some((sign) => sign.code === code);
  const doNotRide = has('sinks') || has('to-the-bar');
  const decide = (word: Word, reasons: Reason[]): LeverVerdict => ({
    word,
    reasons,
    settle: word === 'unproven' ? settledBy(reasons) : [],
    signs,
    travelMm,
    reachMm,
    air,
    giveAssumed,
    doNotRide,
  });
  if (doNotRide || air?.readOut === 'full-bleed')
    return decide(
      'replace',
      signs.map((sign): Reason => ({ code: 'lever', sign })),
    );

  const flaws = [
    ...missing(measurement),
    ...doubtful(measurement, travelMm, reachMm),
    ...sponge(measurement, air, giveAssumed),
    ...(air?.readOut === 'sound' ? airInDoubt(measurement, travelMm, spec) : []),
    ...(known && spec.factsFromMemory ? [{ code: 'lever-facts-from-memory' } as const] : []),
    ...flawsOfRepeats(measurement.differing),
  ];
  flaws.push(...flawOfCalibration(measurement.gauge, measurement.measuredOn));
  if (flaws.length > 0) return decide('unproven', flaws);
  if (signs.length > 0)
    return decide(
      'watch',
      signs.map((sign): Reason => ({ code: 'lever', sign })),
    );
  return decide('holds', [{ code: 'lever-firm', biteMm: bite!, firmMm: firm! }]);
}

/** The doubt of the difference of two distances, mm. Source [S]: JCGM 100:2008 (GUM), 5.1. */
const doubtOfDifference = ({ gauge }: LeverMeasurement) => Math.SQRT2 * gauge.uncertaintyMm;

/** What may have sunk or reached the bar, or came back out, as far as the rule can tell. */
function doubtful(
  measurement: LeverMeasurement,
  { firm, sunk }: LeverVerdict['travelMm'],
  reachMm: number | null,
): Reason[] {
  const doubtMm = doubtOfDifference(measurement);
  const reasons: Reason[] = [];
  if (firm === undefined) return reasons;
  if (sunk !== undefined) {
    const byMm = difference(sunk, firm);
    if (byMm < -doubtMm) reasons.push({ code: 'lever-came-back', byMm: -byMm });
    if (byMm + doubtMm > SINKS_ABOVE_MM)
      reasons.push({
        code: 'lever-in-doubt',
        place: 'sunk',
        byMm,
        doubtMm,
        mostMm: SINKS_ABOVE_MM,
      });
  }
  if (reachMm !== null && firm + doubtMm >= reachMm)
    reasons.push({ code: 'lever-in-doubt', place: 'firm', byMm: firm, doubtMm, mostMm: reachMm });
  return reasons;
}

/** Whether the air behind a lever that reads sound would still, were bite and firm as far apart as the rule allows. */
function airInDoubt(
  measurement: LeverMeasurement,
  { bite, firm }: LeverVerdict['travelMm'],
  spec: LeverStandard,
): Reason[] {
  const { airMl, readOut } = spongeTest({
    biteMm: bite!,
    firmMm: firm! + doubtOfDifference(measurement),
    leverRatio: spec.ratio!,
    boreMm: spec.boreMm!,
    ownGiveMl: spec.ownGiveMl ?? USUAL_OWN_GIVE_ML,
    figures: spec.figures,
  });
  return readOut !== null && readOut !== 'sound' ? [{ code: 'air-in-doubt', airMl: airMl! }] : [];
}

function missing({ readings, hydraulic }: LeverMeasurement): Reason[] {
  const needed: LeverPlace[] = ['reach', 'bite', 'firm', ...(hydraulic ? (['sunk'] as const) : [])];
  return needed
    .filter((place) => readings[place] === undefined)
    .map((place) => ({ code: 'missing-number', place }));
}

function sponge(
  { hydraulic }: LeverMeasurement,
  air: TrappedAir | null,
  giveAssumed: boolean,
): Reason[] {
  if (!hydraulic) return [];
  if (air === null) return [{ code: 'lever-facts-unknown' }];
  if (air.airMl === null) return [{ code: 'bite-misread' }];
  return air.readOut === 'sound' && giveAssumed ? [{ code: 'give-assumed' }] : [];
}

function travels({ basis, readings }: LeverMeasurement): LeverVerdict['travelMm'] {
  const travel = ([place, read]: [string, number | undefined]): [string, number][] => {
    if (read === undefined || place === 'reach') return [];
    if (basis === 'travel') return [[place, read]];
    if (readings.reach === undefined) return [];
    const from = difference(readings.reach, read);
    if (from < 0)
      throw new InputError('beyond-reach', place, { readMm: read, reachMm: readings.reach });
    return [[place, from]];
  };
  return Object.fromEntries(Object.entries(readings).flatMap(travel));
}

function difference(a: number, b: number): number {
  return millimetres(micrometres(a) - micrometres(b));
}

/**
 * What a lever's numbers say of a bleed: true where the air test reads sound and nothing else is wrong, false where it is
 * soft, sinks, firms up or reaches the bar, null where the numbers prove neither.
 */
export function provesBled({ signs, air }: Pick<LeverVerdict, 'signs' | 'air'>): boolean | null {
  if (signs.some(({ code }) => code !== 'long-and-firm')) return false;
  return air?.readOut === 'sound' ? true : null;
}

import { plausibleZeroError } from '../gauge/zeroCheck';
import { valuesAt, zeroOf, type MeasuringSession } from '../inspection/session';
import { fromMemory } from '../inspection/standard';
import { USUAL_RULES } from '../rules/shopRules';
import {
  PAD_PLACES,
  padVerdict,
  plausiblePadReading,
  type PadMeasurement,
  type PadVerdict,
} from '../wear/pads';
import { FOR_THICKNESS } from './rotor';
import type { MeasurandRule } from './rule';

const AIDS = { zero: plausibleZeroError };

/** The thickness of a pair of pads, at each end of each. */
export const pads: MeasurandRule<PadVerdict> = {
  version: 'pads/4',
  round: false,
  places: () => ['zero', ...PAD_PLACES],
  aids: AIDS,
  plausible: plausiblePadReading,
  bases: ['total', 'friction'],
  gauges: FOR_THICKNESS,
  lapses: ['pads', 'pad-face'],
  answeredByStandTest: false,
  mendedBy: [],
  condemnsByPlace: true,
  acceptedWith: null,
  judge: (session, { sheet, rules = USUAL_RULES, outlook = {} }) => {
    const plateAssumed = sheet.pads.plateAssumed || fromMemory(sheet, 'pads.plateMm');
    return padVerdict(
      padMeasurement(session),
      { ...sheet.pads, plateAssumed, figures: rules.figures },
      sheet.pads.schools?.length ? sheet.pads.schools : rules.schools,
      outlook.pads ?? null,
    );
  },
  work: ({ word, pattern: { signs } }) => [
    ...(word === 'replace' ? (['replace-pads'] as const) : []),
    ...(signs.some(({ code }) => code === 'one-side-ahead') ? (['service-pistons'] as const) : []),
    ...(signs.some(({ code }) => code === 'tapered') ? (['square-caliper'] as const) : []),
  ],
};

/** The session as a pad measurement. */
export function padMeasurement(session: MeasuringSession): PadMeasurement {
  return {
    ...zeroOf(session, (place) => place in AIDS),
    basis: session.basis === 'friction' ? 'friction' : 'total',
    readings: Object.fromEntries(
      PAD_PLACES.map((place) => [place, valuesAt(session.readings, place)]),
    ),
  };
}

import { SYSTEM } from '../evidence/touch';
import { differingAt, readAt, type MeasuringSession } from '../inspection/session';
import { fromMemory } from '../inspection/standard';
import type { Work } from '../inspection/work';
import {
  LEVER_PLACES,
  leverVerdict,
  plausibleLeverReading,
  type LeverMeasurement,
  type LeverVerdict,
} from '../lever/lever';
import { USUAL_RULES } from '../rules/shopRules';
import type { MeasurandRule } from './rule';

/** How far a lever goes, and what that says of the air behind it. */
export const lever: MeasurandRule<LeverVerdict> = {
  version: 'lever/4',
  round: false,
  places: () => LEVER_PLACES,
  aids: { reach: plausibleLeverReading },
  plausible: plausibleLeverReading,
  bases: ['travel', 'from-bar'],
  gauges: ['rule', 'digital-caliper', 'vernier-caliper'],
  lapses: [
    ...SYSTEM,
    'pads',
    'rotor',
    'pistons',
    'lever-place',
    'lever-off',
    'lever-travel',
    'cable',
  ],
  answeredByStandTest: false,
  mendedBy: [...SYSTEM, 'pads', 'pistons', 'cable'],
  condemnsByPlace: false,
  // The sheet is silent, and everything that was asked of the lever was read and is good [D].
  acceptedWith: ['lever-facts-unknown', 'lever-facts-from-memory', 'give-assumed'],
  judge: (session, { sheet, rules = USUAL_RULES }) =>
    leverVerdict(measurementOf(session, sheet.brake.actuation !== 'cable'), {
      ...sheet.lever,
      figures: rules.figures,
      giveFromMemory: fromMemory(sheet, 'lever.ownGiveMl'),
      factsFromMemory: fromMemory(sheet, 'lever.ratio') || fromMemory(sheet, 'lever.boreMm'),
    }),
  work: forLever,
};

/** The session as a lever's travel. */
function measurementOf(session: MeasuringSession, hydraulic: boolean): LeverMeasurement {
  const basis = session.basis === 'travel' ? 'travel' : 'from-bar';
  return {
    gauge: session.gauge,
    measuredOn: session.measuredOn,
    basis,
    readings: {
      ...readAt(session, LEVER_PLACES),
      // Of several holds the one that went furthest counts.
      ...readAt(session, ['sunk'], (values) =>
        basis === 'travel' ? Math.max(...values) : Math.min(...values),
      ),
    },
    differing: differingAt(session, LEVER_PLACES),
    hydraulic,
  };
}

function forLever({ signs, air }: LeverVerdict): Work[] {
  return signs.flatMap(({ code }): Work[] => {
    switch (code) {
      case 'sinks':
        return ['reseal-lever'];
      case 'soft':
        return [air?.readOut === 'full-bleed' ? 'full-bleed' : 'lever-top-up'];
      case 'firms-when-pumped':
        return ['lever-top-up'];
      case 'long-and-firm':
      case 'to-the-bar':
        return ['reset-pads'];
    }
  });
}

import type { Family } from '../fluid/families';
import { isFor, type BrakeKind, type Trait } from '../kit/traits';
import { stepRule, type Caution, type StepId } from './steps';

interface CautionRule {
  /** Kinds of brake it is for; every kind when left out. */
  on?: readonly Trait[];
  /** Families of fluid it is for; all when left out. */
  families?: readonly Family[];
  /** It is for bikes with a motor. */
  motor?: true;
}

const WET: readonly Trait[] = ['hydraulic', 'cable-pulled-hydraulic'];

/** Where a caution applies: nobody reads those that do not. Common practice [P]. */
const RULES: Readonly<Record<Caution, CautionRule>> = {
  'gloves-and-glasses': {},
  ventilate: {},
  'rotor-sharp-and-hot': {},
  'fingers-off-turning-rotor': {},
  'no-air-on-pistons': { on: WET },
  'glycol-off-paint': { families: ['glycol'] },
  'mineral-off-pads': { families: ['mineral'] },
  'waste-to-recycling': {},
  'torque-by-sheet': {},
  'damage-to-maker': {},
  'no-lever-pads-out': { on: WET },
  'three-mm-at-most': { on: WET },
  'nipple-shut-before-lever': { on: WET },
  'structural-metal': {},
  'motor-off': { motor: true },
  'local-law': {},
};

/**
 * The cautions of a step on one brake.
 * @param family of the fluid its sheet asks for; null where nobody knows, and all of them count
 */
export function cautionsOf(
  step: StepId,
  brake: BrakeKind,
  { family, motor }: { family: Family | null; motor: boolean },
): Caution[] {
  return stepRule(step).cautions.filter((caution) => {
    const { on, families, motor: driven } = RULES[caution];
    return (
      (motor || !driven) &&
      isFor(on, brake) &&
      (!families || family === null || families.includes(family))
    );
  });
}

import { FAMILIES, type Family } from '../fluid/families';
import { isFor, type BrakeKind, type ForWhich } from '../kit/traits';
import { stepRule, type Caution, type StepId } from './steps';

interface CautionRule {
  /** Kinds of brake it is for. */
  on: ForWhich;
  /** Families of fluid it is for. */
  families: readonly Family[];
  /** It is for bikes with a motor alone. */
  motor: boolean;
}

const WET: ForWhich = ['hydraulic', 'cable-pulled-hydraulic'];

/** Where a caution applies: nobody reads those that do not. Common practice [P]. */
const RULES: Readonly<Record<Caution, CautionRule>> = {
  'gloves-and-glasses': { on: 'every-brake', families: FAMILIES, motor: false },
  ventilate: { on: 'every-brake', families: FAMILIES, motor: false },
  'rotor-sharp-and-hot': { on: 'every-brake', families: FAMILIES, motor: false },
  'fingers-off-turning-rotor': { on: 'every-brake', families: FAMILIES, motor: false },
  'no-air-on-pistons': { on: WET, families: FAMILIES, motor: false },
  'glycol-off-paint': { on: 'every-brake', families: ['glycol'], motor: false },
  'mineral-off-pads': { on: 'every-brake', families: ['mineral'], motor: false },
  'waste-to-recycling': { on: 'every-brake', families: FAMILIES, motor: false },
  'torque-by-sheet': { on: 'every-brake', families: FAMILIES, motor: false },
  'damage-to-maker': { on: 'every-brake', families: FAMILIES, motor: false },
  'no-lever-pads-out': { on: WET, families: FAMILIES, motor: false },
  'three-mm-at-most': { on: WET, families: FAMILIES, motor: false },
  'nipple-shut-before-lever': { on: WET, families: FAMILIES, motor: false },
  'structural-metal': { on: 'every-brake', families: FAMILIES, motor: false },
  'motor-off': { on: 'every-brake', families: FAMILIES, motor: true },
  'hub-motor-plug': { on: 'every-brake', families: FAMILIES, motor: true },
  'local-law': { on: 'every-brake', families: FAMILIES, motor: false },
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
    return (motor || !driven) && isFor(on, brake) && (family === null || families.includes(family));
  });
}

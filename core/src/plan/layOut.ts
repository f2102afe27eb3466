import {
  stepRule,
  type Caution,
  type Consumable,
  type NewPart,
  type Tool,
} from '../procedure/steps';
import type { Family } from '../fluid/families';
import { USUAL_BRAKE, type BrakeKind } from '../kit/traits';
import { cautionsOf } from '../procedure/cautions';
import type { PlannedStep } from './planner';
import { needsTool } from './price';
import type { End } from '../ends';

/** What to lay out before the work begins. */
interface LayOut {
  tools: Tool[];
  consumables: Consumable[];
  parts: { part: NewPart; end: End }[];
  cautions: Caution[];
}

/**
 * Everything these steps take, each once, in the order it is first wanted; new parts by the end they go to.
 * @param brakes what decides which cautions apply; the family of the fluid is null where nobody knows it
 */
export function layOut(
  steps: readonly PlannedStep[],
  brakes: Readonly<Partial<Record<End, { kind: BrakeKind; family: Family | null }>>>,
  motor: boolean,
): LayOut {
  const tools = new Set<Tool>();
  const consumables = new Set<Consumable>();
  const cautions = new Set<Caution>();
  const parts: LayOut['parts'] = [];
  for (const each of steps) {
    if (each.step === 'wash-hands') continue;
    const rule = stepRule(each.step);
    if (needsTool(rule.tool)) tools.add(rule.tool);
    for (const item of rule.consumables) consumables.add(item);
    const { kind, family } = brakes[each.end] ?? { kind: USUAL_BRAKE, family: null };
    for (const caution of cautionsOf(each.step, kind, { family, motor })) cautions.add(caution);
    for (const part of rule.parts) parts.push({ part, end: each.end });
  }
  return { tools: [...tools], consumables: [...consumables], parts, cautions: [...cautions] };
}

import { isAfter } from 'date-fns/isAfter';
import { parseISO } from 'date-fns/parseISO';
import { USUAL_RULES, type ShopRules } from './shopRules';

/** Rules as the shop laid them down, and when; nobody laid down those of version 0. */
export interface LaidRules {
  version: number;
  at: string | null;
  rules: ShopRules;
}

/**
 * The rules that were in force at a moment, ISO 8601; now, where it is null.
 * @param laid the newest first; where only the last ones are told, the oldest of them counts for what was before it [D]
 */
export function rulesAt(laid: readonly LaidRules[], at: string | null): ShopRules {
  const were = laid.find(
    (each) => at === null || !each.at || !isAfter(parseISO(each.at), parseISO(at)),
  );
  if (were) return were.rules;
  const oldest = laid.at(-1);
  return oldest && oldest.version > 1 ? oldest.rules : USUAL_RULES;
}

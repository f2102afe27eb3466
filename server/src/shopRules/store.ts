import type { RulesInForce } from '@hold-fast/contract/shopRules';
import { USUAL_RULES, type ShopRules } from '@hold-fast/core/rules/shopRules';
import { selectOne, type Queryable } from '../platform/database';

/** Rules as they were laid down; what nobody was asked for then is as usual. */
export const rulesOf = (laid: Partial<ShopRules> | null): ShopRules => ({
  ...USUAL_RULES,
  ...laid,
});

/** The rules in force: the last laid down, or the usual ones while nobody has. */
export async function rulesInForce(on: Queryable): Promise<RulesInForce> {
  const row = await selectOne<{ version: number; rules: ShopRules; at: Date; by: string }>(
    on,
    `SELECT r.version, r.rules, r.at, p.name AS \`by\` FROM shop_rules r JOIN person p ON p.id = r.by_person
      ORDER BY r.version DESC LIMIT 1`,
  );
  return row
    ? { ...row, rules: rulesOf(row.rules), at: row.at.toISOString() }
    : { version: 0, rules: USUAL_RULES, at: null, by: null };
}

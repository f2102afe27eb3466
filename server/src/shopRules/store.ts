import type { RulesInForce } from '@hold-fast/contract/shopRules';
import { USUAL_RULES, type ShopRules } from '@hold-fast/core/rules/shopRules';
import { select, selectOne, type Queryable } from '../platform/database';

/** Rules as they were laid down; what nobody was asked for then is as usual. */
export const rulesOf = (laid: Partial<ShopRules> | null): ShopRules => ({
  ...USUAL_RULES,
  ...laid,
});

interface Row {
  version: number;
  rules: ShopRules;
  at: Date;
  by: string;
}
const LAID = `SELECT r.version, r.rules, r.at, p.name AS \`by\` FROM shop_rules r JOIN person p ON p.id = r.by_person
  ORDER BY r.version DESC`;
const laidOf = ({ rules, at, ...row }: Row): RulesInForce => ({
  ...row,
  rules: rulesOf(rules),
  at: at.toISOString(),
});

/** The rules in force: the last laid down, or the usual ones while nobody has. */
export async function rulesInForce(on: Queryable): Promise<RulesInForce> {
  const row = await selectOne<Row>(on, `${LAID} LIMIT 1`);
  return row ? laidOf(row) : { version: 0, rules: USUAL_RULES, at: null, by: null };
}

/** So many versions of the rules are told, the newest first. */
const TOLD = 30;

export async function rulesHistory(on: Queryable): Promise<RulesInForce[]> {
  return (await select<Row>(on, `${LAID} LIMIT ${TOLD}`)).map(laidOf);
}
